<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Outing\WayOut;
use GentlePour\Sky\LensFrame;
use GentlePour\Units;

/**
 * The ground around the stand to scale, north up: what is photographed, what the lens takes in, the way out and where swell and wind come
 * from. Places in px of the drawing, the stand in the middle.
 */
final readonly class GroundPlan
{
    public const SIZE = 480.0;

    private const MIDDLE = self::SIZE / 2;

    /** From the middle to the edge that is drawn to, in px. */
    private const REACH_PX = 196.0;

    /** The least and the most that is drawn around, in m; what lies further stands at the edge with its distance. */
    private const AROUND_M = [12.0, 400.0];

    private const BARS_M = [5, 10, 20, 50, 100, 200];

    private const ARROW_FROM_PX = 232.0;

    private const ARROW_TO_PX = 172.0;

    private const LETTER_PX = 19.0;

    private float $pxPerM;

    /**
     * @param  list<GroundSubject>  $subjects
     * @param  LensFrame|null  $frame  null where nothing says which way the lens looks
     * @param  list<float|null>  $tideM  height of the tide at each step of the day
     * @param  float  $runUpM  how far waves run up over it
     * @param  float  $marginM  that the get-off time keeps beyond that
     */
    public function __construct(
        private array $subjects,
        private ?WayOut $way,
        private ?LensFrame $frame,
        public ?float $swellFromDeg,
        public ?float $windFromDeg,
        private array $tideM = [],
        private float $runUpM = 0.0,
        private float $marginM = 0.0,
        private Units $units = new Units,
    ) {
        $far = array_filter([
            ...array_map(static fn (GroundSubject $s): float => $s->distanceM, $subjects),
            ...array_map(static fn (array $p): float => hypot($p[0], $p[1]), $way->points ?? []),
        ], static fn (float $m): bool => $m <= self::AROUND_M[1]);
        $this->pxPerM = self::REACH_PX / max(self::AROUND_M[0], ...[0.0, ...$far]);
    }

    public function scale(): ScaleBar
    {
        return ScaleBar::of(self::BARS_M, $this->pxPerM, $this->units->about(...), self::SIZE);
    }

    /**
     * Name, place, whether it is drawn where it lies, and path data of what leads to its name; further ones stand at the edge.
     *
     * @return list<array{Label, float, float, bool, string}>
     */
    public function subjects(): array
    {
        $room = new LabelRoom;
        $room->block(self::MIDDLE - 16, self::MIDDLE + 16, self::MIDDLE - 16, self::MIDDLE + 16);
        foreach ($this->levels() as $level) {
            $room->block($level->x - 54, $level->x + 54, $level->y - 24, $level->y + 9);
        }
        $drawn = [];
        foreach ($this->subjects as $subject) {
            $px = $subject->distanceM * $this->pxPerM;
            $near = $px <= self::REACH_PX + 1;
            [$x, $y] = self::polar($subject->bearingDeg, min($px, self::REACH_PX));
            // Outward from the stand, where there is room for it.
            $text = $subject->name.', '.$this->units->about($subject->distanceM);
            $label = $room->beside($text, $x, $y, $x >= self::MIDDLE, self::LETTER_PX, self::SIZE);
            $drawn[] = [$label, $x, $y, $near, LabelRoom::lead($label, $x, $y, self::LETTER_PX)];
        }

        return $drawn;
    }

    /** Path data of what the lens takes in, as a wedge from the stand. */
    public function wedge(): string
    {
        if ($this->frame === null || $this->frame->acrossDeg() >= 179) {
            return '';
        }
        $half = $this->frame->acrossDeg() / 2;
        [$x1, $y1] = self::polar($this->frame->facingDeg - $half, self::REACH_PX + 30);
        [$x2, $y2] = self::polar($this->frame->facingDeg + $half, self::REACH_PX + 30);

        return sprintf('M%1$s %1$sL%2$s %3$sA%4$s %4$s 0 0 1 %5$s %6$sZ', self::MIDDLE, $x1, $y1, self::REACH_PX + 30, $x2, $y2);
    }

    /** Path data of the way out. */
    public function wayPath(): string
    {
        $path = '';
        foreach ($this->way->points ?? [] as $i => [$east, $north]) {
            $path .= ($i === 0 ? 'M' : 'L').implode(' ', $this->at($east, $north));
        }

        return $path;
    }

    /** @return list<Label> how high each end of a leg lies */
    public function levels(): array
    {
        $labels = [];
        foreach (array_slice($this->way->points ?? [], 1) as [$east, $north, $level]) {
            [$x, $y] = $this->at($east, $north);
            $labels[] = new Label($this->units->metres($level), $x, $y, $x > self::MIDDLE ? 'end' : 'start');
        }

        return $labels;
    }

    /** Path data of three arrows that come from a direction, between its edge and the middle. */
    public function arrows(float $fromDeg): string
    {
        $turn = deg2rad($fromDeg);
        $path = '';
        foreach ([-15, 0, 15] as $aside) {
            [$sx, $sy] = [$aside * cos($turn), $aside * sin($turn)];
            [$x1, $y1] = self::polar($fromDeg, self::ARROW_FROM_PX);
            [$x2, $y2] = self::polar($fromDeg, self::ARROW_TO_PX + abs($aside));
            $path .= sprintf('M%.1f %.1fL%.1f %.1f', $x1 + $sx, $y1 + $sy, $x2 + $sx, $y2 + $sy);
            foreach ([-1, 1] as $side) {
                $back = $turn + $side * 0.45;
                $path .= sprintf('M%.1f %.1fl%.1f %.1f', $x2 + $sx, $y2 + $sy, 10 * sin($back), -10 * cos($back));
            }
        }

        return $path;
    }

    /** Where the name of an arrow stands. */
    public function arrowLabel(string $text, float $fromDeg, float $asideDeg): Label
    {
        [$x, $y] = self::polar($fromDeg + $asideDeg, self::ARROW_FROM_PX - 18);

        return new Label($text, max(8.0, min(self::SIZE - 8, $x)), max(16.0, min(self::SIZE - 8, $y)), $x > self::MIDDLE ? 'end' : 'start');
    }

    /** @return list<GroundStep> at each step of the day; none where no tide or no way out is known */
    public function steps(): array
    {
        if ($this->way === null || $this->tideM === [] || in_array(null, $this->tideM, true)) {
            return [];
        }
        $lowest = $this->way->lowestM() ?? 0.0;

        return array_map(function (?float $tide) use ($lowest): GroundStep {
            $clear = $lowest - (float) $tide;
            $over = $this->units->metres($clear - $this->runUpM).' over the waves';

            return new GroundStep($this->stretches((float) $tide), $this->stretches((float) $tide + $this->runUpM), match (true) {
                $clear <= 0 => 'under water by '.$this->units->metres(-$clear),
                $clear <= $this->runUpM => 'waves run over its lowest point',
                $clear <= $this->runUpM + $this->marginM => $over.': within the margin',
                default => $over,
            });
        }, $this->tideM);
    }

    private function stretches(float $levelM): string
    {
        return implode('', array_map(
            fn (array $s): string => 'M'.implode(' ', $this->at(...$s[0])).'L'.implode(' ', $this->at(...$s[1])),
            $this->way?->under($levelM) ?? [],
        ));
    }

    /** @return array{float, float} */
    private function at(float $eastM, float $northM): array
    {
        return [round(self::MIDDLE + $eastM * $this->pxPerM, 1), round(self::MIDDLE - $northM * $this->pxPerM, 1)];
    }

    /** @return array{float, float} */
    private static function polar(float $bearingDeg, float $px): array
    {
        $turn = deg2rad($bearingDeg);

        return [round(self::MIDDLE + $px * sin($turn), 1), round(self::MIDDLE - $px * cos($turn), 1)];
    }
}
