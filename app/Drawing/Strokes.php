<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Scene\Stroke;

/**
 * The texture that a band leaves: drops grow to dashes, strokes, strands and a veil, as the water at that time would. The
 * same strokes every time, so that two rules can be compared.
 */
final class Strokes
{
    private const EVERY_PX2 = 62.0;

    /** Share of the strokes that is drawn where nothing of the texture is left, and how much more where all of it is. */
    private const SPARSE = 0.04;

    private const DENSE = 0.9;

    /** A linear congruential generator (ISO C's example), so that the same band is drawn the same everywhere. */
    private const MULTIPLIER = 1103515245;

    private const INCREMENT = 12345;

    private const MASK = 0x7FFFFFFF;

    /** Neighbours this near look alike: what a stroke looks like is worked out once for them. */
    private const ALIKE_PX = 4.0;

    /**
     * @param  callable(float): Stroke  $at  what a stroke looks like at a place
     * @return string path data of horizontal strokes
     */
    public static function between(float $from, float $to, float $top, float $height, callable $at): string
    {
        $seed = 1 + (int) round($from * 7);
        $next = static function () use (&$seed): float {
            $seed = ($seed * self::MULTIPLIER + self::INCREMENT) & self::MASK;

            return $seed / self::MASK;
        };
        $path = '';
        $known = [];
        $count = (int) (($to - $from) * $height / self::EVERY_PX2);
        for ($i = 0; $i < $count; $i++) {
            $x = $from + $next() * ($to - $from);
            $y = $top + 3 + $next() * ($height - 6);
            $place = (int) ($x / self::ALIKE_PX);
            $stroke = $known[$place] ??= $at(($place + 0.5) * self::ALIKE_PX);
            if ($next() > $stroke->contrast * self::DENSE + self::SPARSE) {
                continue;
            }
            $start = max($from + 1, $x - $stroke->lengthPx / 2);
            $path .= sprintf('M%.0f %.1fH%.0f', $start, $y, max($start + 1, min($to - 1, $start + $stroke->lengthPx)));
        }

        return $path;
    }
}
