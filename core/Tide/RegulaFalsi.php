<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** Where a function that changes its sign between two places is nought: regula falsi with the Illinois rule. */
final class RegulaFalsi
{
    private const TRIES = 60;

    /**
     * @param  callable(float): float  $function
     * @param  float  $within  how near, by the function's trend between the two places
     */
    public static function root(callable $function, float $a, float $atA, float $b, float $atB, float $within): float
    {
        $side = 0;
        for ($i = 0; $i < self::TRIES; $i++) {
            $middle = ($a * $atB - $b * $atA) / ($atB - $atA);
            $value = $function($middle);
            if (abs($value) * ($b - $a) < $within * abs($atB - $atA)) {
                return $middle;
            }
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
