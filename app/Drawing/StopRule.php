<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Numeral;
use GentlePour\Scene\Stroke;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;

/**
 * The stop rule: looks of what moves, the wanted window, walls, and each way to shoot as a run of columns from the base reading.
 * Everything is laid out here, in px of the drawing; the view only writes it down.
 */
final readonly class StopRule
{
    private const AXIS_Y = 26.0;

    private const BAND_TOP = 36.0;

    private const BAND_HEIGHT = 56.0;

    /** Another row of looks under the water's, and the gap above it. */
    private const MORE_HEIGHT = 30.0;

    private const MORE_GAP = 2.0;

    private const ROWS_BELOW = 36.0;

    /** Room for what other glass makes of the reading, hanging from the looks. */
    private const MARKS_HEIGHT = 30.0;

    private const ROW_HEIGHT = 42.0;

    private const ROWS_SHOWN = 3;

    private const FOOT = 44.0;

    private const WALL_FOOT = 18.0;

    private const WALL_LINE = 16.0;

    private const TICK_ROOM = 44.0;

    private const LABEL_PX = 12.0;

    private const WALL_LABEL_PX = 12.5;

    private const WINDOW_LABEL_PX = 13.0;

    public StopAxis $axis;

    public float $height;

    private function __construct(
        public RuleSubject $subject,
        public float $width,
        public bool $narrow,
    ) {
        $this->axis = $narrow
            ? self::closeUp($subject, $width)
            : new StopAxis(StopAxis::FIRST_THIRD, StopAxis::LAST_THIRD, 62.0, $width - 26);
        $rows = max(1, min(self::ROWS_SHOWN, count($subject->ways)));
        $this->height = $this->rowsTop() + $rows * self::ROW_HEIGHT + self::FOOT + $this->wallFoot();
    }

    /** All 23 stops, for a screen that has room for them. */
    public static function wide(RuleSubject $subject): self
    {
        return new self($subject, 1200.0, false);
    }

    /** The stops that matter now, for a phone. */
    public static function narrow(RuleSubject $subject): self
    {
        return new self($subject, 358.0, true);
    }

    public function bandTop(): float
    {
        return self::BAND_TOP;
    }

    public function bandHeight(): float
    {
        return self::BAND_HEIGHT;
    }

    public function bandsBottom(): float
    {
        return self::BAND_TOP + self::BAND_HEIGHT + (count($this->subject->rows) - 1) * self::MORE_HEIGHT;
    }

    public function axisY(): float
    {
        return self::AXIS_Y;
    }

    public function rowsTop(): float
    {
        return $this->marksBottom() + self::ROWS_BELOW;
    }

    public function bottom(): float
    {
        return $this->height - 40 - $this->wallFoot();
    }

    /** Where what hangs from the looks ends. */
    public function marksBottom(): float
    {
        return $this->bandsBottom() + ($this->subject->marks === [] ? 0.0 : self::MARKS_HEIGHT);
    }

    /** @return list<GlassMark> what other glass makes of the reading; a name is left out where it would run into the last one */
    public function marks(): array
    {
        $marks = [];
        $free = 0.0;
        foreach ($this->subject->marks as $mark) {
            if (! $this->axis->shows($mark->shutter->seconds)) {
                continue;
            }
            $x = $this->axis->x($mark->shutter->seconds);
            $half = TextWidth::of($mark->filters->label(), self::LABEL_PX) / 2;
            $named = $x - $half >= $free && $x + $half <= $this->axis->right + 20;
            $free = $named ? $x + $half + 8 : $free;
            $marks[] = new GlassMark(
                $x, new Label($named ? $mark->filters->label() : '', $x, $this->bandsBottom() + 24, 'middle'),
                $mark->filters->label() === $this->subject->picked?->filters->label(),
                $mark->filters->label().': '.$mark->shutterLabel(),
            );
        }

        return $marks;
    }

    /** @return list<Tick> */
    public function ticks(): array
    {
        return $this->axis->ticks(self::TICK_ROOM + ($this->narrow ? 2 : 0));
    }

    /** @return list<BandRow> a row for each thing that moves: the water first and tallest */
    public function bandRows(): array
    {
        $rows = [];
        $top = self::BAND_TOP;
        foreach ($this->subject->rows as $i => $row) {
            [$gap, $height] = $i === 0 ? [0.0, self::BAND_HEIGHT] : [self::MORE_GAP, self::MORE_HEIGHT];
            $rows[] = new BandRow($row->label, $row->unit, $top + $gap, $height - $gap, $this->bands($row, $top + $gap, $height - $gap));
            $top += $height;
        }

        return $rows;
    }

    public function window(): RuleWindow
    {
        $window = $this->subject->window;
        $x = $this->axis->x($window->min->seconds);
        $to = $this->axis->x($window->max->seconds);
        $band = $this->subject->band;
        $words = $band->look->value.' '.match (true) {
            $band->minS === null => 'up to '.$window->max->label(),
            $band->maxS === null => $window->min->label().' and longer',
            default => $window->min->label().' to '.$window->max->label(),
        };
        $half = TextWidth::of($words, self::WINDOW_LABEL_PX) / 2;
        $middle = max($this->axis->left + $half, min($this->axis->right - $half, ($x + $to) / 2));

        return new RuleWindow($x, round($to - $x, 1), new Label($words, round($middle, 1), $this->height - 16, 'middle'));
    }

    public function targetX(): float
    {
        return $this->axis->x($this->subject->window->best->seconds);
    }

    /** The place of the target among the places it can be dragged to. */
    public function targetPlace(): int
    {
        $thirds = (int) round($this->subject->window->best->thirds()) - $this->axis->firstThird;

        return max(0, min($this->axis->lastThird - $this->axis->firstThird, $thirds));
    }

    public function reading(): RuleMark
    {
        $reading = $this->subject->reading->exposure;
        $x = $this->axis->x($reading->shutter->seconds);
        $words = $this->narrow
            ? 'reading '.$reading->shutter->label()
            : sprintf('reading %s · %s · ISO %s', $reading->shutter->label(), $reading->aperture->label(), $reading->iso->label());
        $fits = $x - TextWidth::of($words, self::LABEL_PX) - 8 > 0;

        return new RuleMark(
            $x, new Label($words, $fits ? $x - 7 : $x + 7, $this->marksBottom() + 20, $fits ? 'end' : 'start'),
            $this->axis->shows($reading->shutter->seconds),
        );
    }

    /** What is held fast, on the line of the reading and on the other side of the rule; null where nothing is. */
    public function held(): ?Label
    {
        if ($this->subject->held === []) {
            return null;
        }
        $reading = $this->reading()->label;
        $room = $this->axis->right - $this->axis->left - TextWidth::of($reading->text, self::LABEL_PX) - 30;
        $words = 'held: '.implode(', ', $this->subject->held);
        $words = TextWidth::of($words, self::LABEL_PX) < $room ? $words : 'held: '.Numeral::many(count($this->subject->held), 'setting');
        $right = $reading->x < ($this->axis->left + $this->axis->right) / 2;

        return new Label($words, $right ? $this->axis->right : $this->axis->left, $reading->y, $right ? 'end' : 'start');
    }

    /** @return list<RuleMark> */
    public function walls(): array
    {
        $drawn = array_values(array_filter($this->subject->walls, fn (Wall $w): bool => $this->axis->shows($w->longest->seconds)));

        return array_map(function (int $i, Wall $wall): RuleMark {
            $x = $this->axis->x($wall->longest->seconds);
            $fits = $x + TextWidth::of($wall->why, self::WALL_LABEL_PX) + 8 < $this->width;
            $y = $this->bottom() + 17 - self::WALL_LINE * $i;

            return new RuleMark($x, new Label($wall->why, $fits ? $x + 8 : $x - 8, $y, $fits ? 'start' : 'end'));
        }, array_keys($drawn), $drawn);
    }

    /** @return list<Run> the best ways */
    public function runs(): array
    {
        $layout = new RunLayout($this->axis, $this->subject, $this->narrow);
        $ways = array_slice($this->subject->ways, 0, self::ROWS_SHOWN);

        return array_map(
            fn (int $i, Way $way): Run => $layout->run($way, $this->rowsTop() + $i * self::ROW_HEIGHT), array_keys($ways), $ways,
        );
    }

    /** @return list<Band> */
    private function bands(MovingRow $row, float $top, float $height): array
    {
        $strokeAt = fn (float $x): Stroke => ($row->strokeAt)($this->axis->secondsAt($x));
        $bands = [];
        foreach ($row->spans as $span) {
            $x = $span->minS === null ? $this->axis->left : $this->axis->x($span->minS);
            $to = $span->maxS === null ? $this->axis->right : $this->axis->x($span->maxS);
            if ($to - $x > 0.5) {
                $bands[] = new Band(
                    $span->look, $span->words, $x, round($to - $x, 1), $span->look === $row->target?->look,
                    Strokes::between($x, $to, $top, $height, $strokeAt),
                );
            }
        }

        return $bands;
    }

    private function wallFoot(): float
    {
        return $this->subject->walls === [] ? 0.0 : self::WALL_FOOT;
    }

    /** The part of the axis that a phone shows: reading, window and the best run with a stop to spare, twelve stops at least. */
    private static function closeUp(RuleSubject $subject, float $width): StopAxis
    {
        $longest = $subject->window->max->thirds();
        $marks = [$subject->reading->exposure->shutter->thirds(), $subject->window->best->thirds(), min(30.0, $longest)];
        if ($subject->ways !== []) {
            $marks[] = $subject->ways[0]->shutter->thirds();
        }
        $first = 3 * (int) floor(min($marks) / 3) - 3;
        $last = max(3 * (int) ceil(max($marks) / 3) + 3, $first + 36);

        return new StopAxis(max(-42, $first), min(39, $last), 10.0, $width - 10);
    }
}
