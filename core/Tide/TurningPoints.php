<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\Time\RegulaFalsi;

/**
 * Where a sum of cosines turns: the roots of its slope, sought in steps of a quarter of the period of the fastest cosine that counts.
 * Where the slope is steep there can be none for as long as it takes to bend back, so such stretches are skipped. Where the slope
 * comes near nought and goes away again without changing its sign between steps, its nearest approach is looked at as well.
 */
final readonly class TurningPoints
{
    /** The fastest cosines that together make up less of the sum only raise small wiggles, which the nearest approaches show. */
    private const FAINT_SHARE = 0.004;

    /** From fifteen seconds away the secant lands within a few hundredths of a second of a turning point; in hours. */
    private const LAST_STEP_H = 0.004;

    /**
     * @param  float  $stepH  in hours
     * @param  float  $bendMH2  most that the slope can change in an hour, m/h²
     */
    private function __construct(public float $stepH, public float $bendMH2)
    {
    }

    /** @param  list<array{float, float}>  $cosines  the speed in radians an hour and the greatest amplitude in m of each */
    public static function of(array $cosines): self
    {
        rsort($cosines);
        $faint = self::FAINT_SHARE * array_sum(array_column($cosines, 1));
        [$stepH, $bend, $amplitude] = [INF, 0.0, 0.0];
        foreach ($cosines as [$speed, $amplitudeM]) {
            $bend += $amplitudeM * $speed ** 2;
            $amplitude += $amplitudeM;
            if ($stepH === INF && $amplitude > $faint) {
                $stepH = M_PI / (2 * $speed);
            }
        }

        return new self($stepH, $bend);
    }

    /**
     * @param  callable(float): float  $slope  in m an hour, by the hour
     * @return list<array{float, bool}> the hour of each, in order, and whether it is a highest
     */
    public function between(callable $slope, float $from, float $to): array
    {
        if ($this->bendMH2 <= 0) {
            return [];
        }
        $looks = [[$from, $slope($from)]];
        for ($hour = $from, $at = $looks[0][1]; $hour < $to;) {
            $hour = min($to, $hour + max($this->stepH, abs($at) / $this->bendMH2));
            $at = $slope($hour);
            $looks[] = [$hour, $at];
        }
        for ($i = 2, $count = count($looks); $i < $count; $i++) {
            $nearest = self::nearestApproach($looks[$i - 2], $looks[$i - 1], $looks[$i]);
            if ($nearest !== null) {
                $looks[] = [$nearest, $slope($nearest)];
            }
        }
        sort($looks);
        $found = [];
        for ($i = 1, $count = count($looks); $i < $count; $i++) {
            [[$a, $atA], [$b, $atB]] = [$looks[$i - 1], $looks[$i]];
            if ($atA * $atB < 0) {
                $found[] = [RegulaFalsi::root($slope, $a, $atA, $b, $atB, self::LAST_STEP_H), $atA > 0];
            }
        }

        return $found;
    }

    /**
     * Where the parabola through three points of one sign, of which the middle is nearest to nought, has its vertex.
     *
     * @param  array{float, float}  $before
     * @param  array{float, float}  $middle
     * @param  array{float, float}  $after
     */
    private static function nearestApproach(array $before, array $middle, array $after): ?float
    {
        $sign = $middle[1] <=> 0.0;
        [$left, $right] = [$sign * ($before[1] - $middle[1]), $sign * ($after[1] - $middle[1])];
        if ($sign === 0 || $left <= 0 || $right <= 0) {
            return null;
        }
        [$back, $on] = [$middle[0] - $before[0], $after[0] - $middle[0]];

        return $middle[0] + ($on ** 2 * $left - $back ** 2 * $right) / (2 * ($on * $left + $back * $right));
    }
}
