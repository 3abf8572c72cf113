<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\Bounds;
use GentlePour\InvalidValue;

/** A range of heights in m, open at one end or closed at both: “above 4.6”, “below 1.2”, “between”. */
final readonly class Level
{
    private function __construct(
        public ?float $aboveM,
        public ?float $belowM,
    ) {
    }

    /** @throws InvalidValue when a height is beyond 30 m or the range is upside down */
    public static function between(?float $aboveM, ?float $belowM): self
    {
        $bounds = Bounds::of('A height', -30, 30, 'm');
        foreach (array_filter([$aboveM, $belowM], is_float(...)) as $height) {
            $bounds->check($height);
        }
        if ($aboveM !== null && $belowM !== null && $aboveM >= $belowM) {
            throw (new InvalidValue('“Above” must lie below “below”.'))->at('below_m');
        }

        return new self($aboveM, $belowM);
    }

    public function holds(float $heightM): bool
    {
        return ($this->aboveM === null || $heightM >= $this->aboveM) && ($this->belowM === null || $heightM <= $this->belowM);
    }

    /**
     * When the tide stands inside. Between two turning points it rises or falls throughout, so that each limit is crossed
     * once at most there, and is closed in on to a quarter of a second.
     *
     * @return list<LevelSpan>
     */
    public function spans(TideCurve $curve): array
    {
        $marks = [[$curve->from(), $curve->heightM($curve->from())]];
        foreach ($curve->events() as $event) {
            $marks[] = [$event->unix, $event->heightM];
        }
        $marks[] = [$curve->to(), $curve->heightM($curve->to())];
        $spans = [];
        $open = null;
        for ($i = 1, $count = count($marks); $i < $count; $i++) {
            [[$from, $fromM], [$to, $toM]] = [$marks[$i - 1], $marks[$i]];
            $cuts = [$from, ...$this->crossings($curve, $from, $fromM, $to, $toM), $to];
            for ($j = 1, $parts = count($cuts); $j < $parts; $j++) {
                if ($this->holds($curve->heightM(($cuts[$j - 1] + $cuts[$j]) / 2))) {
                    $open ??= [$cuts[$j - 1], -INF, INF];
                    foreach ([$cuts[$j - 1], $cuts[$j]] as $unix) {
                        $height = $unix === $from ? $fromM : ($unix === $to ? $toM : $curve->heightM($unix));
                        $open = [$open[0], max($open[1], $height), min($open[2], $height)];
                    }
                } elseif ($open !== null) {
                    $spans[] = new LevelSpan($open[0], $cuts[$j - 1], $open[1], $open[2]);
                    $open = null;
                }
            }
        }
        if ($open !== null) {
            $spans[] = new LevelSpan($open[0], $curve->to(), $open[1], $open[2]);
        }

        return $spans;
    }

    /** @return list<float> instants between two turning points at which a limit is crossed, in order */
    private function crossings(TideCurve $curve, float $from, float $fromM, float $to, float $toM): array
    {
        $found = [];
        foreach ([$this->aboveM, $this->belowM] as $limit) {
            if ($limit === null || ($fromM - $limit) * ($toM - $limit) >= 0) {
                continue;
            }
            [$low, $high] = [$from, $to];
            while ($high - $low > 0.25) {
                $middle = ($low + $high) / 2;
                ($curve->heightM($middle) - $limit) * ($fromM - $limit) > 0 ? $low = $middle : $high = $middle;
            }
            $found[] = ($low + $high) / 2;
        }
        sort($found);

        return $found;
    }
}
