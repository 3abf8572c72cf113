<?php

declare(strict_types=1);

namespace App\Drawing;

/** The moon as it is seen: the lit part of a disc around the origin, as path data. */
final class MoonDisc
{
    /** @param  bool  $right  whether it is lit from the right: growing in the north, shrinking in the south */
    public static function path(float $lit, bool $right, float $radius): string
    {
        $edge = round($radius * abs(1 - 2 * $lit), 1);
        $limb = $right ? 1 : 0;

        $back = $lit > 0.5 ? $limb : 1 - $limb;

        return sprintf('M0 -%1$sA%1$s %1$s 0 0 %2$d 0 %1$sA%3$s %1$s 0 0 %4$d 0 -%1$sZ', $radius, $limb, $edge, $back);
    }
}
