<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** What lies before the lens below the horizon. Reflectances are common practice. */
enum Foreground: string
{
    case Shore = 'shore';
    case Rock = 'rock';
    case Sand = 'sand';
    case Water = 'water';

    /** Refractive index of water. */
    private const WATER_INDEX = 1.33;

    /** The share of the light that comes back out of the water. Judgement. */
    private const OUT_OF_WATER = 0.02;

    /**
     * Luminance in cd/m² of it at an angle below the horizon.
     *
     * @param  float  $lux  on level ground
     * @param  float  $skyCdM2  of the sky as far above the horizon, which water mirrors
     */
    public function luminance(float $belowDeg, float $lux, float $skyCdM2): float
    {
        return match ($this) {
            self::Rock => 0.15 * $lux / M_PI,
            self::Sand => 0.30 * $lux / M_PI,
            self::Water => self::mirrored($belowDeg) * $skyCdM2 + self::OUT_OF_WATER * $lux / M_PI,
            // Half rock, half water.
            self::Shore => (self::Rock->luminance($belowDeg, $lux, $skyCdM2) + self::Water->luminance($belowDeg, $lux, $skyCdM2)) / 2,
        };
    }

    /** The edge of a graduated filter that suits the horizon: hard along the line of the sea, soft where land stands into the sky. */
    public function gradEdge(): string
    {
        return match ($this) {
            self::Shore, self::Water, self::Sand => 'hard',
            self::Rock => 'soft',
        };
    }

    /** The share of unpolarised light that still water mirrors at so many degrees below the horizon (Fresnel). */
    public static function mirrored(float $belowDeg): float
    {
        return array_sum(self::mirroredParts($belowDeg)) / 2;
    }

    /**
     * @return array{float, float} the shares that still water mirrors of light that swings level and of light that swings upright
     * (Fresnel)
     */
    public static function mirroredParts(float $belowDeg): array
    {
        $cosine = sin(deg2rad($belowDeg));
        $inside = sqrt(1 - (1 - $cosine ** 2) / self::WATER_INDEX ** 2);
        $across = ($cosine - self::WATER_INDEX * $inside) / ($cosine + self::WATER_INDEX * $inside);
        $along = (self::WATER_INDEX * $cosine - $inside) / (self::WATER_INDEX * $cosine + $inside);

        return [$across ** 2, $along ** 2];
    }
}
