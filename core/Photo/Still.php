<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** Where two frames of one view, taken at different moments, are drawn alike: there nothing moves. Judgement. */
final class Still
{
    private const ACROSS = 12;

    private const DOWN = 8;

    /** So alike is only what stands still: a correlation. */
    private const ALIKE = 0.93;

    /** And there has to be something to be sharp, as a variance of the texture. */
    private const LEAST = 1e-3;

    /** Parts that are looked at: one alone may still be at the edge of what moves. */
    private const PARTS = 5;

    /**
     * The parts that are alike, those with most drawn in them first; none where everything moves or is smooth.
     *
     * @param  list<float>  $b  texture of the one
     * @param  list<float>  $o  and of the other, of the same size
     * @return list<Area>
     */
    public static function found(Raster $base, array $b, array $o): array
    {
        $found = [];
        for ($row = 0; $row < self::DOWN; $row++) {
            for ($column = 0; $column < self::ACROSS; $column++) {
                $area = Area::of($column / self::ACROSS, $row / self::DOWN, 1 / self::ACROSS, 1 / self::DOWN);
                [$left, $top, $width, $height] = $area->within($base->width, $base->height);
                $one = $two = [];
                for ($y = $top; $y < $top + $height; $y++) {
                    array_push($one, ...array_slice($b, $y * $base->width + $left, $width));
                    array_push($two, ...array_slice($o, $y * $base->width + $left, $width));
                }
                $both = Detail::covariance($one, $two);
                $spread = sqrt(Detail::covariance($one, $one) * Detail::covariance($two, $two));
                $alike = $spread > 0 ? $both / $spread : 0.0;
                if ($alike > self::ALIKE && $both > self::LEAST) {
                    $found[] = [$both, $area];
                }
            }
        }
        usort($found, static fn (array $x, array $y): int => $y[0] <=> $x[0]);

        return array_map(static fn (array $f): Area => $f[1], array_slice($found, 0, self::PARTS));
    }
}
