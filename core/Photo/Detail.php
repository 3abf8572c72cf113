<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** The fine drawing of a part of a frame: how sharp what stands still is, and how much texture water has kept. */
final class Detail
{
    /** Less gradient energy than this of the base is seen as shaken, or as focus that slipped. Judgement. */
    public const SHAKEN = 0.7;

    /** Half the sides of the squares whose means are set against each other, as shares of the width: texture in between counts. */
    private const SMALL = 0.002;

    private const LARGE = 0.025;

    /** Gradient energy of linear luminance, at a brightness of one: the mean of the squared steps to the right and down. */
    public static function edgeEnergy(Raster $raster): float
    {
        $light = $raster->luminance();
        $mean = max(1e-6, array_sum($light) / count($light));
        $sum = 0.0;
        for ($y = 0; $y < $raster->height - 1; $y++) {
            for ($x = 0; $x < $raster->width - 1; $x++) {
                $i = $y * $raster->width + $x;
                $sum += ($light[$i + 1] - $light[$i]) ** 2 + ($light[$i + $raster->width] - $light[$i]) ** 2;
            }
        }

        return $sum / max(1, ($raster->width - 1) * ($raster->height - 1)) / $mean ** 2;
    }

    public static function isShaken(float $sharpnessRatio): bool
    {
        return $sharpnessRatio < self::SHAKEN;
    }

    /**
     * The texture of a frame in relation to its brightness, about nought: by how much the mean of a small square differs from that of a
     * large one round it.
     *
     * @return list<float>
     */
    public static function texture(Raster $raster): array
    {
        $light = $raster->luminance();
        [$small, $large] = [
            self::means($light, $raster, max(1, (int) round(self::SMALL * $raster->width))),
            self::means($light, $raster, max(3, (int) round(self::LARGE * $raster->width))),
        ];

        return array_map(static fn (float $fine, float $wide): float => ($fine - $wide) / max(1e-4, $wide), $small, $large);
    }

    /**
     * The share of the base's moving texture that the other has kept. What does not move is the same in both frames and makes them alike:
     * their covariance is taken from both. They have to be of different moments.
     *
     * @return float|null null where the base has no texture of its own
     */
    public static function kept(Raster $base, Raster $other): ?float
    {
        return self::keptOf(self::texture($base), self::texture($other));
    }

    /**
     * The same of textures that are known.
     *
     * @param  list<float>  $b
     * @param  list<float>  $o
     */
    public static function keptOf(array $b, array $o): ?float
    {
        $alike = max(0.0, self::covariance($b, $o));
        $moving = self::covariance($b, $b) - $alike;

        return $moving < 1e-6 ? null : sqrt(max(0.0, self::covariance($o, $o) - $alike) / $moving);
    }

    /** Its spread. */
    public static function spread(Raster $raster): float
    {
        $texture = self::texture($raster);

        return sqrt(max(0.0, self::covariance($texture, $texture)));
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    public static function covariance(array $a, array $b): float
    {
        $count = count($a);
        [$meanA, $meanB] = [array_sum($a) / $count, array_sum($b) / $count];
        $sum = 0.0;
        foreach ($a as $i => $v) {
            $sum += ($v - $meanA) * ($b[$i] - $meanB);
        }

        return $sum / $count;
    }

    /**
     * Means of squares of so many pixels to each side.
     *
     * @param  list<float>  $light
     * @return list<float>
     */
    public static function means(array $light, Raster $raster, int $reach): array
    {
        [$width, $height] = [$raster->width, $raster->height];
        $sums = array_fill(0, ($width + 1) * ($height + 1), 0.0);
        for ($y = 0; $y < $height; $y++) {
            $row = 0.0;
            for ($x = 0; $x < $width; $x++) {
                $row += $light[$y * $width + $x];
                $sums[($y + 1) * ($width + 1) + $x + 1] = $sums[$y * ($width + 1) + $x + 1] + $row;
            }
        }
        $means = [];
        for ($y = 0; $y < $height; $y++) {
            [$top, $bottom] = [max(0, $y - $reach), min($height, $y + $reach + 1)];
            for ($x = 0; $x < $width; $x++) {
                [$left, $right] = [max(0, $x - $reach), min($width, $x + $reach + 1)];
                $sum = $sums[$bottom * ($width + 1) + $right] - $sums[$top * ($width + 1) + $right]
                    - $sums[$bottom * ($width + 1) + $left] + $sums[$top * ($width + 1) + $left];
                $means[] = $sum / (($right - $left) * ($bottom - $top));
            }
        }

        return $means;
    }
}
