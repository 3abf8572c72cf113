<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** The sun: Meeus, Astronomical Algorithms (1998), chapter 25, good to 0.01 degrees. */
final class Sun
{
    public const ASTRONOMICAL_UNIT_KM = 149597870.7;

    public static function position(Moment $at): Ecliptic
    {
        $t = $at->centuries;
        $mean = 280.46646 + 36000.76983 * $t + 0.0003032 * $t ** 2;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $t - 0.0001537 * $t ** 2);
        $eccentricity = 0.016708634 - 0.000042037 * $t - 0.0000001267 * $t ** 2;
        $centre = (1.914602 - 0.004817 * $t - 0.000014 * $t ** 2) * sin($anomaly) + (0.019993 - 0.000101 * $t) * sin(2 * $anomaly)
            + 0.000289 * sin(3 * $anomaly);
        $distance = 1.000001018 * (1 - $eccentricity ** 2) / (1 + $eccentricity * cos($anomaly + deg2rad($centre)));
        [$nutation] = $at->nutation();

        return new Ecliptic(
            fmod($mean + $centre + $nutation - 20.4898 / 3600 / $distance, 360), 0.0, $distance * self::ASTRONOMICAL_UNIT_KM,
        );
    }
}
