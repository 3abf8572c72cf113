<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/** The fine drawing of a part of a frame: how sharp what stands still is, and how much texture water has kept. */
final class Detail
{
    /** Less gradient energy than this of the base is seen as shaken, or as focus that slipped. Judgement. */
    public const SHAKEN = 0.7;

    /** Levels between which an edge tells: neither black nor clipped. */
    private const TELLS = [4, 248];

    /** Half the sides of the squares whose means are set against each other, as shares of the width: texture in between counts. */
    private const SMALL = 0.002;

    private const LARGE = 0.025;

    /**
     * How much of the base's edge energy is left: the squared steps of linear luminance from one pixel to the next at equal brightness, in
     * the direction in which the least is left, for a tripod shakes one way. What is clipped or black in either has no edges: it is left
     * out.
     *
     * @throws InvalidValue when they differ in size
     */
    public static function sharpness(Raster $base, Raster $other): float
    {
        if ($base->width !== $other->width || $base->height !== $other->height) {
            throw new InvalidValue('The two pictures differ in shape: they have to show the same view, uncropped.');
        }
        [$b, $o] = [$base->luminance(), $other->luminance()];
        [$least, $most] = [Srgb::light(self::TELLS[0]), Srgb::light(self::TELLS[1])];
        [$sumB, $sumO, $acrossB, $acrossO, $downB, $downO] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        $tells = static fn (int $i): bool => $b[$i] > $least && $b[$i] < $most && $o[$i] > $least && $o[$i] < $most;
        for ($y = 0; $y < $base->height - 1; $y++) {
            for ($x = 0; $x < $base->width - 1; $x++) {
                $i = $y * $base->width + $x;
                $below = $i + $base->width;
                if (! $tells($i) || ! $tells($i + 1) || ! $tells($below)) {
                    continue;
                }
                $sumB += $b[$i];
                $sumO += $o[$i];
                $acrossB += ($b[$i + 1] - $b[$i]) ** 2;
                $acrossO += ($o[$i + 1] - $o[$i]) ** 2;
                $downB += ($b[$below] - $b[$i]) ** 2;
                $downO += ($o[$below] - $o[$i]) ** 2;
            }
        }
        // At equal brightness: each against its own mean.
        $even = ($sumB / max(1e-9, $sumO)) ** 2;

        return $even * min($acrossO / max(1e-12, $acrossB), $downO / max(1e-12, $downB));
    }

    public static function isShaken(float $sharpnessRatio): bool
    {
        return $sharpnessRatio < self::SHAKEN;
    }

    /** From light to how bright it looks, nearly as sRGB: texture counts as it is seen, and white water does not outweigh the rest. */
    private const SEEN = 0.45;

    /**
     * The texture of a frame in relation to its brightness, about nought: by how much the mean of a small square differs from that of a
     * large one round it.
     *
     * @return list<float>
     */
    public static function texture(Raster $raster): array
    {
        $light = array_map(static fn (float $of): float => $of ** self::SEEN, $raster->luminance());
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
