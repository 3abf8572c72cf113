<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Rooms\Bench\Bench;
use App\Rooms\Bench\MovingPart;
use GentlePour\Exposure\Stops;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;

/**
 * The stop rule: water's looks, the wanted window, walls, and each way to shoot as a run of columns from the base reading.
 * Everything is laid out here, in px of the drawing; the view only writes it down.
 */
final readonly class StopRule
{
    private const AXIS_Y = 26.0;

    private const BAND_TOP = 36.0;

    private const BAND_HEIGHT = 56.0;

    /** Another row of looks under the water's. */
    private const MORE_HEIGHT = 30.0;

    private const ROWS_BELOW = 36.0;

    private const ROW_HEIGHT = 42.0;

    private const LANE = 26.0;

    private const BACK_LANE = 11.0;

    public StopAxis $axis;

    public float $height;

    private function __construct(
        public Bench $bench,
        public float $width,
        public bool $narrow,
        private int $rowsShown,
    ) {
        $this->axis = $narrow
            ? new StopAxis(...self::closeUp($bench, $width))
            : new StopAxis(StopAxis::FIRST_THIRD, StopAxis::LAST_THIRD, 62.0, $width - 26);
        $this->height = $this->rowsTop() + max(1, min($rowsShown, count($bench->ways()))) * self::ROW_HEIGHT + 44 + ($bench->answer->walls === [] ? 0 : 18);
    }

    /** All 23 stops, for a screen that has room for them. */
    public static function wide(Bench $bench): self
    {
        return new self($bench, 1200.0, false, 3);
    }

    /** The stops that matter now, for a phone. */
    public static function narrow(Bench $bench): self
    {
        return new self($bench, 358.0, true, 3);
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
        return self::BAND_TOP + self::BAND_HEIGHT + count($this->bench->moving->others()) * self::MORE_HEIGHT;
    }

    /**
     * A row for each thing that moves: the water first and tallest.
     *
     * @return list<array{label: string, unit: string, top: float, height: float, bands: list<array{look: string, words: string, x: float, width: float, middle: float, named: bool, wanted: bool, strokes: string}>}>
     */
    public function bandRows(): array
    {
        $moving = $this->bench->moving;
        $water = new MovingPart(
            'Water', number_format($moving->water->speedMS(), 1).' m/s', MovingPart::waterBands($moving->bands), $this->bench->picture->wishes[0],
            static fn (float $s): array => MovingPart::stroke($moving->framing->streakMm($moving->water->speedMS(), $s) / $moving->framing->sensor->widthMm, $moving->water->textureKept($s)),
        );
        $rows = [];
        $top = self::BAND_TOP;
        foreach ([$water, ...$moving->others()] as $i => $part) {
            $height = $i === 0 ? self::BAND_HEIGHT : self::MORE_HEIGHT;
            $rows[] = ['label' => $part->label, 'unit' => $part->unit, 'top' => $top + ($i === 0 ? 0 : 2), 'height' => $height - ($i === 0 ? 0 : 2), 'bands' => $this->bands($part, $top + ($i === 0 ? 0 : 2), $height - ($i === 0 ? 0 : 2))];
            $top += $height;
        }

        return $rows;
    }

    public function axisY(): float
    {
        return self::AXIS_Y;
    }

    public function rowsTop(): float
    {
        return $this->bandsBottom() + self::ROWS_BELOW;
    }

    public function bottom(): float
    {
        return $this->height - 40 - ($this->bench->answer->walls === [] ? 0 : 18);
    }

    /** @return list<array{x: float, label: string|null}> */
    public function ticks(): array
    {
        return $this->axis->ticks($this->narrow ? 46 : 44);
    }

    /**
     * The looks with their texture. A name that does not fit its band is left to the band's title.
     *
     * @return list<array{look: string, words: string, x: float, width: float, middle: float, named: bool, wanted: bool, strokes: string}>
     */
    private function bands(MovingPart $part, float $top, float $height): array
    {
        $strokeAt = fn (float $x): array => ($part->strokeAt)($this->secondsAt($x));

        return array_values(array_filter(array_map(function (array $band) use ($part, $top, $height, $strokeAt): array {
            $x = $this->axis->x($band['minS'] ?? 1e-9);
            $width = $this->axis->x($band['maxS'] ?? 1e9) - $x;

            return [
                'look' => $band['look'],
                'words' => $band['words'],
                'x' => $x,
                'width' => round($width, 1),
                'middle' => round($x + $width / 2, 1),
                'named' => $width > self::textWidth($band['look'], 13) + 14,
                'wanted' => $band['look'] === $part->wish?->look,
                'strokes' => Strokes::between($x, $x + $width, $top, $height, $strokeAt),
            ];
        }, $part->bands), static fn (array $b): bool => $b['width'] > 0.5));
    }

    /** @return array{x: float, width: float, label: string, labelX: float} */
    public function window(): array
    {
        $window = $this->bench->window;
        $x = $this->axis->x($window->min->seconds);
        $to = $this->axis->x($window->max->seconds);
        $band = $this->bench->band;
        $label = match (true) {
            $band->minS === null => 'up to '.$window->max->label(),
            $band->maxS === null => $window->min->label().' and longer',
            default => $window->min->label().' to '.$window->max->label(),
        };
        $label = $band->look->value.' '.$label;
        $half = self::textWidth($label, 13) / 2;

        return [
            'x' => $x, 'width' => round($to - $x, 1), 'label' => $label,
            'labelX' => round(max($this->axis->left + $half, min($this->axis->right - $half, ($x + $to) / 2)), 1),
        ];
    }

    public function targetX(): float
    {
        return $this->axis->x($this->bench->window->best->seconds);
    }

    /** The place of the target among the places it can be dragged to. */
    public function targetPlace(): int
    {
        $thirds = (int) round($this->bench->window->best->thirds()) - $this->axis->firstThird;

        return max(0, min($this->axis->lastThird - $this->axis->firstThird, $thirds));
    }

    /** @return array{x: float, label: string, labelX: float, anchor: string, shown: bool} */
    public function reading(): array
    {
        $reading = $this->bench->reading->exposure;
        $x = $this->axis->x($reading->shutter->seconds);
        $label = $this->narrow ? 'reading '.$reading->shutter->label()
            : sprintf('reading %s · %s · ISO %s', $reading->shutter->label(), $reading->aperture->label(), $reading->iso->label());
        $fits = $x - self::textWidth($label, 12) - 8 > 0;

        return [
            'x' => $x, 'label' => $label, 'labelX' => $fits ? $x - 7 : $x + 7, 'anchor' => $fits ? 'end' : 'start',
            'shown' => $this->axis->shows($reading->shutter->seconds),
        ];
    }

    /** @return list<array{x: float, label: string, labelX: float, anchor: string, y: float}> */
    public function walls(): array
    {
        $drawn = array_values(array_filter($this->bench->answer->walls, fn (Wall $w): bool => $this->axis->shows($w->longest->seconds)));

        return array_map(function (int $i, Wall $wall): array {
            $x = $this->axis->x($wall->longest->seconds);
            $fits = $x + self::textWidth($wall->why, 12.5) + 8 < $this->width;

            return ['x' => $x, 'label' => $wall->why, 'labelX' => $fits ? $x + 8 : $x - 8, 'anchor' => $fits ? 'start' : 'end', 'y' => $this->bottom() + 17 - 16 * $i];
        }, array_keys($drawn), $drawn);
    }

    /**
     * The best ways as runs. Steps that lengthen go right on the upper lane; steps that shorten come back on the lower one.
     *
     * @return list<array{key: string, y: float, picked: bool, forward: list<array{x: float, width: float, label: string|null, title: string, kind: string}>, back: list<array{x: float, width: float, label: string|null, title: string, kind: string}>, lane: float, endX: float, label: string, labelX: float, anchor: string}>
     */
    public function rows(): array
    {
        $ways = array_slice($this->bench->ways(), 0, $this->rowsShown);

        return array_map(fn (int $i, Way $way): array => $this->row($way, $this->rowsTop() + $i * self::ROW_HEIGHT), array_keys($ways), $ways);
    }

    /**
     * @return array{key: string, y: float, picked: bool, forward: list<array{x: float, width: float, label: string|null, title: string, kind: string}>, back: list<array{x: float, width: float, label: string|null, title: string, kind: string}>, lane: float, endX: float, label: string, labelX: float, anchor: string}
     */
    private function row(Way $way, float $y): array
    {
        $steps = $this->steps($way);
        $forwardSteps = array_values(array_filter($steps, static fn (array $s): bool => $s['stops'] > 0));
        $backSteps = array_values(array_filter($steps, static fn (array $s): bool => $s['stops'] < 0));
        $start = $this->bench->reading->exposure->shutter->thirds();
        [$forward, $far] = $this->run($forwardSteps, $start);
        [$back, $end] = $this->run($backSteps, $far);
        $endX = $this->axis->xOfThirds($end);
        $edge = max($endX, $this->axis->xOfThirds($far), $this->axis->xOfThirds($start));
        $left = min($endX, $this->axis->xOfThirds($start));
        [$label, $labelX, $anchor] = $this->result($way, $edge, $left);

        return [
            'key' => Bench::key($way), 'y' => $y, 'picked' => $this->bench->picked !== null && Bench::key($way) === Bench::key($this->bench->picked),
            'forward' => $forward, 'back' => $back,
            'lane' => $back === [] ? self::LANE : self::LANE - self::BACK_LANE - 1,
            'endX' => $endX, 'label' => $label, 'labelX' => $labelX, 'anchor' => $anchor,
        ];
    }

    /**
     * What a run comes to, beside it: right of it or else left of it, shortened where there is no room, and left to the list of
     * ways where there is none at all.
     *
     * @return array{string, float, string} label, place and anchor
     */
    private function result(Way $way, float $edge, float $left): array
    {
        $short = sprintf('%s  %s', $way->shutterLabel(), $way->aperture->label());
        $labels = $this->narrow ? [$short, $way->shutterLabel()] : [$short.'  ISO '.$way->iso->label(), $short, $way->shutterLabel()];
        foreach ($labels as $label) {
            $width = self::textWidth($label, 15);
            if ($edge + 14 + $width < $this->axis->right + ($this->narrow ? 6 : 20)) {
                return [$label, $edge + 14, 'start'];
            }
            if ($left - 12 - $width > 0) {
                return [$label, $left - 12, 'end'];
            }
        }

        return ['', $edge, 'start'];
    }

    /**
     * From the reading's time to the way's: what each change adds, in stops.
     *
     * @return list<array{stops: float, label: string, kind: string}>
     */
    private function steps(Way $way): array
    {
        $reading = $this->bench->reading;
        $steps = [];
        foreach ($way->filters->filters as $filter) {
            $stops = $way->filters->isVariable() && $filter->lightest !== null
                ? $way->stack->value - $way->filters->darkest->value + ($filter->stops()->value ?? 0.0)
                : $filter->stops()->value ?? 0.0;
            $steps[] = ['stops' => $stops, 'label' => $filter->name.' '.Stops::of($stops)->label(), 'kind' => 'filter'];
        }
        $more = [
            ['stops' => -$reading->filtersOn->value, 'label' => 'filters off', 'kind' => 'filter'],
            ['stops' => $way->aperture->stopsFrom($reading->exposure->aperture)->value, 'label' => $way->aperture->label(), 'kind' => 'aperture'],
            ['stops' => -$way->iso->stopsFrom($reading->exposure->iso)->value, 'label' => 'ISO '.$way->iso->label(), 'kind' => 'iso'],
            ['stops' => $this->bench->question->bias->value, 'label' => 'bias', 'kind' => 'bias'],
        ];
        foreach ($more as $step) {
            $steps[] = ['label' => $step['label'].' '.Stops::of($step['stops'])->label()] + $step;
        }

        return array_values(array_filter($steps, static fn (array $s): bool => abs($s['stops']) > 0.02));
    }

    /**
     * @param  list<array{stops: float, label: string, kind: string}>  $steps
     * @return array{list<array{x: float, width: float, label: string|null, title: string, kind: string}>, float}
     */
    private function run(array $steps, float $thirds): array
    {
        $blocks = [];
        foreach ($steps as $step) {
            $next = $thirds + 3 * $step['stops'];
            $from = $this->axis->xOfThirds(min($thirds, $next));
            $width = $this->axis->xOfThirds(max($thirds, $next)) - $from;
            $blocks[] = [
                'x' => $from + 0.75, 'width' => max(1.5, round($width - 1.5, 1)), 'title' => $step['label'], 'kind' => $step['kind'],
                'label' => $width > self::textWidth($step['label'], 12) + 8 ? $step['label'] : null,
            ];
            $thirds = $next;
        }

        return [$blocks, $thirds];
    }

    private function secondsAt(float $x): float
    {
        $share = ($x - $this->axis->left) / ($this->axis->right - $this->axis->left);

        return 2 ** (($this->axis->firstThird + $share * ($this->axis->lastThird - $this->axis->firstThird)) / 3);
    }

    /**
     * The part of the axis that a phone shows: reading, window and runs with a stop to spare, twelve stops at least.
     *
     * @return array{int, int, float, float}
     */
    private static function closeUp(Bench $bench, float $width): array
    {
        $marks = [$bench->reading->exposure->shutter->thirds(), $bench->window->best->thirds(), min(30.0, $bench->window->max->thirds())];
        foreach (array_slice($bench->ways(), 0, 1) as $way) {
            $marks[] = $way->shutter->thirds();
        }
        $first = 3 * (int) floor(min($marks) / 3) - 3;
        $last = 3 * (int) ceil(max($marks) / 3) + 3;
        $last = max($last, $first + 36);

        return [max(-42, $first), min(39, $last), 10.0, $width - 10];
    }

    /** Width in px of a text in the interface's typeface, near enough to tell whether it fits. */
    private static function textWidth(string $text, float $size): float
    {
        return 0.58 * $size * mb_strlen($text);
    }
}
