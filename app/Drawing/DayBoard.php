<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Numeral;
use GentlePour\Outing\GetOff;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\SkyEvent;
use GentlePour\Tide\TideEvent;
use GentlePour\Units;

/**
 * The day board: one clock axis for sky, tide, light, level marks and outings of a place on a local day. Everything is laid out here, in
 * px of the drawing; the view only writes it down.
 */
final readonly class DayBoard
{
    public const WIDTH = 1200.0;

    public const LEFT = 168.0;

    public const RIGHT = 1136.0;

    public const SKY_TOP = 24.0;

    public const SKY_HEIGHT = 34.0;

    public const TOP = 78.0;

    public const BOTTOM = 372.0;

    /** From one place of the cursor to the next, in s: every drawing of a day that goes by it has the same. */
    public const STEP_S = 600;

    /** From one line of labels to the next, and how many further down the name of a high water may stand. */
    private const LINE = 17.0;

    private const LINES_AWAY = 8;

    /** Width of the flag that says when to leave. */
    public const FLAG = 150.0;

    public ClockAxis $axis;

    /** @var list<DayMoment> the day in steps, each worked out once for all that is drawn and read from it */
    private array $moments;

    /** The light of the hours, as strokes with their names. */
    public SkyRow $sky;

    /** The curves of the light, with their names and scale. */
    public LightLines $light;

    /** @var list<BoardRow> */
    public array $rows;

    /** @var list<DayReading> everything at each step, for the cursor */
    public array $readings;

    private float $lowM;

    private float $highM;

    /** @param  list<DayMoment>|null  $moments  of the same scene, where they were worked out before */
    public function __construct(
        public DayScene $scene, public BoardLayout $layout, ?array $moments = null, private Units $units = new Units,
    ) {
        $this->axis = new ClockAxis($scene->from, $scene->to, $scene->zone, $layout->left, $layout->right, $units);
        $heights = [
            ...array_map(static fn (TideEvent $e): float => $e->heightM, $scene->tide?->events() ?? []),
            ...array_map(static fn (BoardMark $m): float => $m->heightM, $scene->marks),
        ];
        $this->lowM = floor(min([0.0, ...$heights]) - 0.2);
        $this->highM = ceil(max([1.0, ...$heights]) + 0.3);
        $this->moments = $moments ?? self::moments($scene);
        $this->sky = new SkyRow($this->axis, $this->moments, $scene->sky, self::SKY_TOP);
        $this->light = new LightLines($this->axis, $scene->light === null ? [] : $this->moments);
        $this->rows = (new BoardRows($this->axis, self::BOTTOM, $layout, $units))->of($scene);
        $reader = new DayReadings($this->axis, $scene->facingDeg, $scene->getOff, $units, $scene->observer?->skyline);
        $this->readings = $reader->of($this->moments);
    }

    public static function wide(DayScene $scene, Units $units = new Units): self
    {
        return new self($scene, BoardLayout::wide(), null, $units);
    }

    /** The same day for a phone. */
    public function narrow(): self
    {
        return new self($this->scene, BoardLayout::narrow(), $this->moments, $this->units);
    }

    public function hasWeather(): bool
    {
        return array_filter($this->rows, static fn (BoardRow $row): bool => $row->kind === BoardRowKind::Weather) !== [];
    }

    public function width(): float
    {
        return $this->layout->width;
    }

    public function height(): float
    {
        return self::BOTTOM + 12 + $this->layout->row * max(1, count($this->rows)) + 8;
    }

    public function y(float $heightM): float
    {
        return self::share(($heightM - $this->lowM) / ($this->highM - $this->lowM));
    }

    public function tidePath(bool $closed): string
    {
        if ($this->scene->tide === null) {
            return '';
        }
        $path = Thinned::path(array_map(
            fn (DayMoment $m): array => [(float) $this->axis->x($m->unix), $this->y((float) $m->heightM)], $this->moments,
        ));

        $ground = sprintf('L%.1f %.1fL%.1f %.1fZ', $this->layout->right, self::BOTTOM, $this->layout->left, self::BOTTOM);

        return $closed ? $path.$ground : $path;
    }

    /** @return list<Label> which of the two curves of the light is which, where levels and waters leave room */
    public function lightLabels(): array
    {
        return $this->light->names($this->placed()[0]);
    }

    /** @return list<Label> the scale of heights */
    public function metres(): array
    {
        return array_map(
            fn (float $m): Label => new Label(
                Numeral::minus($this->units->metres($m, 0)), $this->layout->left - 9, $this->y($m) + 4, 'end',
            ),
            $this->scene->tide === null ? [] : $this->units->scale($this->lowM, $this->highM),
        );
    }

    /** @return list<TideMark> */
    public function waters(): array
    {
        return $this->placed()[1];
    }

    /** @return array{LabelRoom, list<TideMark>} what is left when levels and waters have their names, and the waters */
    private function placed(): array
    {
        $room = $this->room();
        $this->leaveLabel($room);
        $this->markLabels($room);

        return [$room, array_map(function (TideEvent $e) use ($room): TideMark {
            [$x, $y] = [$this->axis->x($e->unix), $this->y($e->heightM)];
            $words = $this->axis->clock($e->unix).'  '.$this->units->metres($e->heightM);
            $inside = max($this->layout->left + 44, min($this->layout->right - 44, $x));
            [$over, $under] = [$y - 11, $y + 20];
            $label = new Label($words, $inside, $e->high ? $over : $under, 'middle');
            // Away from the curve, line by line: on a phone the names of levels take whole ones.
            $down = array_map(static fn (int $lines): float => $under + $lines * self::LINE, range(1, self::LINES_AWAY));
            $others = $e->high ? [$under, $over - self::LINE, ...$down] : [$over, $under + self::LINE];

            return new TideMark($x, $y, $room->place($label, $this->layout->textPx, $others));
        }, $this->scene->tide?->events() ?? [])];
    }

    /** @return list<Label> what each level mark is called */
    public function markLabels(?LabelRoom $room = null): array
    {
        if ($room === null) {
            $room = $this->room();
            $this->leaveLabel($room);
        }

        return array_map(
            fn (BoardMark $mark): Label => $this->atLevel(
                $room, $mark->words($this->units), $this->layout->left + 6, $this->y($mark->heightM), 'start',
            ),
            $this->scene->tide === null ? [] : $this->scene->marks,
        );
    }

    /** What the level is called that nobody may wait for. */
    public function leaveLabel(?LabelRoom $room = null): ?Label
    {
        $leave = $this->leave();

        return $leave === null
            ? null
            : $this->atLevel($room ?? $this->room(), $leave->levelWords, $this->layout->right - 6, $leave->levelY, 'end');
    }

    /** On a phone the names of levels stay in view while the hours pass under them, and so take their whole line. */
    private function atLevel(LabelRoom $room, string $words, float $x, float $y, string $anchor): Label
    {
        return $room->place(
            new Label($words, $x, $y - 6, $anchor), $this->layout->textPx, [$y + self::LINE - 2, $y - 6 - self::LINE],
            $this->layout->narrow ? [0.0, $this->layout->width] : null,
        );
    }

    private function room(): LabelRoom
    {
        $room = new LabelRoom;
        $leave = $this->leave();
        if ($leave?->flag !== null) {
            $room->block($leave->flag->x, $leave->flag->x + self::FLAG, $leave->flag->y, $leave->flag->y + 20);
        }
        // No line of a level goes through a word.
        $levels = array_map(fn (BoardMark $m): float => $this->y($m->heightM), $this->scene->tide === null ? [] : $this->scene->marks);
        foreach ([...$levels, ...$leave === null ? [] : [$leave->levelY]] as $y) {
            $room->block(0.0, $this->layout->width, $y - 1.5, $y + 1.5);
        }

        return $room;
    }

    /** Null where the numbers give no time to leave. */
    public function leave(): ?LeaveMark
    {
        $getOff = $this->scene->getOff;
        if ($getOff === null) {
            return null;
        }
        $words = 'stand or way out, less run-up and margin '.$this->units->metres($getOff->levelM);
        [$from, $to, $edge] = $getOff->awashUntilUnix === null
            ? [$getOff->leaveUnix, $getOff->reachedUnix, $getOff->leaveUnix]
            : [$getOff->reachedUnix, $getOff->awashUntilUnix, $getOff->awashUntilUnix];
        if ($edge < $this->scene->from) {
            return new LeaveMark($this->y($getOff->levelM), $words, null, 0.0, null, null);
        }
        $edgeX = $this->axis->x($edge);
        $hatchX = $this->axis->x($from);

        return new LeaveMark(
            $this->y($getOff->levelM), $words, $hatchX, max(0.0, $this->axis->x($to) - $hatchX), $edgeX,
            new Label(
                $this->flag($getOff),
                $edgeX > $this->layout->right - self::FLAG - 4 ? $edgeX - self::FLAG - 2 : $edgeX + 2, self::TOP - 19,
            ),
        );
    }

    /** The reading that the board opens with. */
    public function opening(): int
    {
        $step = (int) round(($this->scene->firstUse() - $this->scene->from) / self::STEP_S);

        return max(0, min(count($this->readings) - 1, $step));
    }

    /** @return list<DayReading> one an hour, for the table */
    public function hourly(): array
    {
        return array_values(array_filter($this->readings, static fn (int $i): bool => $i % 6 === 0, ARRAY_FILTER_USE_KEY));
    }

    /** When to leave, or from when the stand is dry again; for the table. */
    public function getOffWords(): string
    {
        $getOff = $this->scene->getOff;

        return match (true) {
            $getOff === null => '',
            $getOff->awashUntilUnix === null && $getOff->leaveUnix < $this->scene->from => 'the stand is awash at the start of the day',
            default => $this->flag($getOff),
        };
    }

    public function moonWords(): string
    {
        $noon = new Moment(($this->scene->from + $this->scene->to) / 2);
        $words = sprintf('moon %.0f %% lit, %.0f days old', 100 * Moon::litShare($noon), Moon::ageDays($noon));
        foreach ([[SkyEvent::Moonrise, 'up'], [SkyEvent::Moonset, 'down']] as [$event, $word]) {
            $unix = $this->scene->sky?->at($event);
            $words .= $unix === null ? '' : ", {$word} ".$this->axis->clock($unix);
        }

        return $words;
    }

    /** The time by the minute, on the side that is dry. */
    private function flag(GetOff $getOff): string
    {
        return $getOff->awashUntilUnix === null
            ? 'get off by '.$this->axis->clock(60 * floor(round($getOff->leaveUnix) / 60))
            : 'awash until '.$this->axis->clock(60 * ceil($getOff->awashUntilUnix / 60));
    }

    /** @return list<DayMoment> */
    private static function moments(DayScene $scene): array
    {
        $moments = [];
        for ($unix = $scene->from; $unix <= $scene->to; $unix += self::STEP_S) {
            $sun = $scene->observer?->sun($unix);
            $metered = $sun === null ? null : $scene->light?->sceneWith($sun, $unix);
            $moments[] = new DayMoment($unix, $scene->tide?->heightM($unix), $sun, $metered?->ev100(), $metered);
        }

        return $moments;
    }

    /** How far down a share of the drawing lies, in px; nought is its foot. */
    public static function share(float $share): float
    {
        return round(self::BOTTOM - $share * (self::BOTTOM - self::TOP), 1);
    }
}
