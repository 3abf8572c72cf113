<?php

declare(strict_types=1);

namespace App\Drawing;

/** A line from left to right without the points that nobody would miss: it is as light as what it shows is simple. */
final class Thinned
{
    /** How far up or down the line may lie from a point that was left out. */
    private const OFF_PX = 0.15;

    /**
     * By Douglas and Peucker (1973), with the distance taken upright.
     *
     * @param  list<array{float, float}>  $points  in the order of x
     * @return list<array{float, float}>
     */
    public static function points(array $points): array
    {
        $last = count($points) - 1;
        $kept = [0 => true, $last => true];
        $open = $last > 1 ? [[0, $last]] : [];
        while ($open !== []) {
            [$from, $to] = array_pop($open);
            [[$x1, $y1], [$x2, $y2]] = [$points[$from], $points[$to]];
            [$most, $far] = [self::OFF_PX, null];
            for ($i = $from + 1; $i < $to; $i++) {
                $off = abs($points[$i][1] - $y1 - ($x2 > $x1 ? ($y2 - $y1) * ($points[$i][0] - $x1) / ($x2 - $x1) : 0.0));
                [$most, $far] = $off > $most ? [$off, $i] : [$most, $far];
            }
            if ($far !== null) {
                $kept[$far] = true;
                array_push($open, [$from, $far], [$far, $to]);
            }
        }

        return array_values(array_intersect_key($points, $kept));
    }

    /**
     * The same as path data.
     *
     * @param  list<array{float, float}>  $points  in the order of x
     */
    public static function path(array $points): string
    {
        return 'M'.implode('L', array_map(static fn (array $point): string => implode(' ', $point), self::points($points)));
    }
}
