<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GentlePour\Scene\HourLight;

/**
 * What water shows of the sky, row by row, at each of the tilts of its waves.
 *
 * @phpstan-import-type Colours from HourLight
 */
final class Mirror
{
    /** Tilts at which a row is looked at. */
    public const TURNS = 64;

    /** The spread of the slopes of waves, in radians. */
    private const TILT = 0.085;

    private const REFRACTIVE = 1.333;

    /**
     * @param  Colours  $light
     * @return list<float> red, green and blue of the sky, the glow, and how much is a mirror: for each row from the horizon down, at each
     *     tilt
     */
    public static function turns(array $light, int $horizon, int $height, float $focal, bool $polariser): array
    {
        $turns = [];
        $lit = $light['cloud']['lit'];
        for ($y = $horizon; $y < $height; $y++) {
            $down = ($y + 0.5 - $horizon) / $focal;
            for ($k = 0; $k < self::TURNS; $k++) {
                $slope = self::TILT * (-3.2 + 6.4 * $k / (self::TURNS - 1));
                $share = self::share(max(0.015, min(1.0, sin(atan($down) - $slope))), $polariser);
                $up = abs($down - 2 * $slope);
                foreach (SkyPicture::clear($light, $up) as $c => $of) {
                    $turns[] = $share * ($of + 0.22 * ($lit[$c] - $of));
                }
                $turns[] = $share * SkyPicture::glowUp($light, $up);
                $turns[] = $share;
            }
        }

        return $turns;
    }

    /** Fresnel's share of light that still water mirrors at a cosine to its upright, after all or with a polariser at its best. */
    private static function share(float $cosine, bool $polariser): float
    {
        $inside = sqrt(1 - (1 - $cosine ** 2) / self::REFRACTIVE ** 2);
        $level = (($cosine - self::REFRACTIVE * $inside) / ($cosine + self::REFRACTIVE * $inside)) ** 2;
        $upright = (($inside - self::REFRACTIVE * $cosine) / ($inside + self::REFRACTIVE * $cosine)) ** 2;

        return $polariser ? $upright : ($upright + $level) / 2;
    }
}
