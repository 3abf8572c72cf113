<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * The texture that a band leaves: drops grow to dashes, strokes, strands and a veil, as the water at that time would. The
 * same strokes every time, so that two rules can be compared.
 */
final class Strokes
{
    private const EVERY_PX2 = 62.0;

    /**
     * @param  callable(float): array{length: float, contrast: float}  $at  what a stroke looks like at a place
     * @return string path data of horizontal strokes
     */
    public static function between(float $from, float $to, float $top, float $height, callable $at): string
    {
        $seed = 1 + (int) round($from * 7);
        $next = static function () use (&$seed): float {
            $seed = ($seed * 1103515245 + 12345) & 0x7FFFFFFF;

            return $seed / 0x7FFFFFFF;
        };
        $path = '';
        $count = (int) (($to - $from) * $height / self::EVERY_PX2);
        for ($i = 0; $i < $count; $i++) {
            $x = $from + $next() * ($to - $from);
            $y = $top + 3 + $next() * ($height - 6);
            ['length' => $length, 'contrast' => $contrast] = $at($x);
            if ($next() > $contrast * 0.9 + 0.04) {
                continue;
            }
            $start = max($from + 1, $x - $length / 2);
            $path .= sprintf('M%.0f %.1fH%.0f', $start, $y, max($start + 1, min($to - 1, $start + $length)));
        }

        return $path;
    }
}
