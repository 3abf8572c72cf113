<?php

declare(strict_types=1);

namespace GentlePour\Time;

/**
 * Where a function that changes its sign between two places is nought: regula falsi with the Illinois rule, and where the secant
 * through the last two places has little further to go, that last step taken without looking again: what it leaves is of the
 * square of its length.
 */
final class RegulaFalsi
{
    private const TRIES = 60;

    /**
     * @param  callable(float): float  $function
     * @param  float  $lastStep  how long the last step may be
     * @param  float  $reach  how far apart the last two places may be for it; a function that bends needs a bound here
     */
    public static function root(
        callable $function, float $a, float $atA, float $b, float $atB, float $lastStep, float $reach = INF,
    ): float {
        $side = 0;
        [$last, $atLast] = [$b, $atB];
        for ($i = 0; $i < self::TRIES; $i++) {
            $middle = ($a * $atB - $b * $atA) / ($atB - $atA);
            $value = $function($middle);
            if (abs($middle - $last) <= $reach && abs($value * ($middle - $last)) <= $lastStep * abs($value - $atLast)) {
                return $value === $atLast ? $middle : max($a, min($b, $middle - $value * ($middle - $last) / ($value - $atLast)));
            }
            [$last, $atLast] = [$middle, $value];
            if ($value * $atB > 0) {
                [$b, $atB] = [$middle, $value];
                $atA = $side === -1 ? $atA / 2 : $atA;
                $side = -1;
            } else {
                [$a, $atA] = [$middle, $value];
                $atB = $side === 1 ? $atB / 2 : $atB;
                $side = 1;
            }
        }

        return ($a + $b) / 2;
    }
}
