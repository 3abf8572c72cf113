<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** How far the light of a clear sky and the mirror of water are polarised, which is what a polariser can take away. */
final class Polarisation
{
    /** The most that a clear sky reaches, at a right angle to the sun; haze and light from below leave less than one. Common practice. */
    private const MOST_OF_SKY = 0.75;

    /**
     * Of clear sky at an angle from the sun, 0 to 1: Rayleigh's sin² / (1 + cos²), scaled to what air reaches.
     *
     * @param  float  $fromSunDeg  0 to 180
     */
    public static function ofSky(float $fromSunDeg): float
    {
        $cosine = cos(deg2rad($fromSunDeg));

        return self::MOST_OF_SKY * (1 - $cosine ** 2) / (1 + $cosine ** 2);
    }

    /** By how many stops a polariser turned right darkens what is so far polarised, more than it darkens the rest. */
    public static function stopsTaken(float $polarised): float
    {
        return -log(1 - $polarised, 2);
    }

    /**
     * What share of the mirror of still water a polariser takes that lets upright waves through: all of it at Brewster's angle, which for
     * water is 37 degrees below the horizon. Fresnel.
     *
     * @param  float  $belowDeg  how far below the horizon one looks, 0 to 90
     */
    public static function mirrorTaken(float $belowDeg): float
    {
        [$across, $along] = Foreground::mirroredParts($belowDeg);

        return 1 - 2 * $along / ($across + $along);
    }
}
