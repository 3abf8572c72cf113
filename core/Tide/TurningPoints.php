<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\Time\RegulaFalsi;

/**
 * Where a sum of cosines turns: every root of its slope. Two bounds on the sum make sure that none is passed over. The slope changes by at
 * most B = sum a w^2 an hour, so that where it is steep there can be no root for |slope| / B hours. And it bends by at most
 * M = sum a w^3, so that within h hours it leaves the straight line between two looks by at most M h^2 / 8, and its own rate leaves
 * that of the line by at most M h / 2: a stretch where this leaves room for a second root is halved, again and again.
 */
final readonly class TurningPoints
{
    /** How long the strides are, as a share of B / M hours. By trial, the fewest looks at a year. */
    private const STRIDE = 1.1;

    /** A secant through two places less than three minutes apart lands from fifteen seconds away within half a second; in hours. */
    private const LAST_STEP_H = 0.004;

    private const REACH_H = 0.05;

    /** Two turns closer than this, a second, are none. */
    private const NO_TIME_H = 1 / 3600;

    /**
     * @param  float  $rateMH2  most that the slope can change in an hour, m/h²
     * @param  float  $bendMH3  most that this can change in an hour, m/h³
     */
    private function __construct(private float $rateMH2, private float $bendMH3)
    {
    }

    /** @param  list<array{float, float}>  $cosines  the speed in radians an hour and the greatest amplitude in m of each */
    public static function of(array $cosines): self
    {
        [$rate, $bend] = [0.0, 0.0];
        foreach ($cosines as [$speed, $amplitudeM]) {
            $rate += $amplitudeM * $speed ** 2;
            $bend += $amplitudeM * $speed ** 3;
        }

        return new self($rate, $bend);
    }

    /**
     * @param  callable(float): float  $slope  in m an hour, by the hour
     * @return list<array{float, bool}> the hour of each, in order, and whether it is a highest
     */
    public function between(callable $slope, float $from, float $to): array
    {
        if ($this->rateMH2 <= 0) {
            return [];
        }
        $stride = self::STRIDE * $this->rateMH2 / $this->bendMH3;
        $found = [];
        [$hour, $at] = [$from, $slope($from)];
        while ($hour < $to) {
            $next = min($to, $hour + max($stride, abs($at) / $this->rateMH2));
            $atNext = $slope($next);
            $this->search($slope, $hour, $at, $next, $atNext, $found);
            [$hour, $at] = [$next, $atNext];
        }

        return $found;
    }

    /**
     * @param  callable(float): float  $slope
     * @param  list<array{float, bool}>  $found
     */
    private function search(callable $slope, float $a, float $atA, float $b, float $atB, array &$found): void
    {
        $hours = $b - $a;
        $turns = $atA * $atB < 0;
        // Half of the bend's square is what two looks on either side of a root must differ by, an eighth what one beside it must be away.
        $sure = $turns
            ? abs($atB - $atA) > $this->bendMH3 * $hours ** 2 / 2
            : min(abs($atA), abs($atB)) > $this->bendMH3 * $hours ** 2 / 8 || abs($atA) >= $this->rateMH2 * $hours;
        if ($sure || $hours < self::NO_TIME_H) {
            if ($turns) {
                $found[] = [RegulaFalsi::root($slope, $a, $atA, $b, $atB, self::LAST_STEP_H, self::REACH_H), $atA > 0];
            }

            return;
        }
        $middle = ($a + $b) / 2;
        $atMiddle = $slope($middle);
        $this->search($slope, $a, $atA, $middle, $atMiddle, $found);
        $this->search($slope, $middle, $atMiddle, $b, $atB, $found);
    }
}
