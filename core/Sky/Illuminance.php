<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * Light of a clear sky on level ground by the sun's altitude: log10(lux) as a cubic of altitude / 90 degrees in six ranges
 * (Seidelmann, Explanatory Supplement to the Astronomical Almanac, 1992; agrees with the natural illuminance of the RCA
 * Electro-Optics Handbook, 1974). Blended over a third of a degree at the joints, so that light never falls while the sun rises.
 * Street light is left out; the moon's is reckoned apart.
 */
final class Illuminance
{
    /** From the altitude on: constant, linear, square, cubic. */
    private const RANGES = [
        [20.0, 3.74, 3.97, -4.07, 1.47], [5.0, 3.05, 13.28, -45.98, 64.33], [-0.8, 2.88, 22.26, -207.64, 1034.30],
        [-5.0, 2.88, 21.81, -258.11, -858.36], [-12.0, 2.70, 12.17, -431.69, -1899.83], [-18.0, 13.84, 262.72, 1447.42, 2797.93],
    ];

    private const BLEND_DEG = 0.35;

    private const FULL_MOON_LX = 0.25;

    /** Incident-light meter constant C. */
    private const METER = 250;

    public static function lux(float $altitudeDeg): float
    {
        $altitude = max(-18.0, min(90.0, $altitudeDeg));
        foreach (self::RANGES as $i => $range) {
            $from = $range[0];
            if ($altitude < $from + self::BLEND_DEG && $altitude > $from - self::BLEND_DEG && isset(self::RANGES[$i + 1])) {
                $share = ($altitude - $from + self::BLEND_DEG) / (2 * self::BLEND_DEG);
                $share = $share * $share * (3 - 2 * $share);

                return 10 ** ($share * self::log($range, $altitude) + (1 - $share) * self::log(self::RANGES[$i + 1], $altitude));
            }
            if ($altitude >= $from) {
                return 10 ** self::log($range, $altitude);
            }
        }

        return 10 ** self::log(self::RANGES[5], -18.0);
    }

    /**
     * Light of the moon on level ground in a clear sky: 0.25 lx when it is full and overhead. By its phase as its magnitude falls, 0.026 p
     * + 4e-9 p^4 with p its distance from full in degrees (Allen, Astrophysical Quantities, 1973); by its altitude as the sine of it, less
     * what a longer way through the air takes, 0.21 magnitudes of e an air mass (Kasten and Young 1989 for the mass; from memory).
     *
     * @param  float  $litShare  of its disc, 0 to 1
     */
    public static function moonLux(float $altitudeDeg, float $litShare): float
    {
        if ($altitudeDeg <= 0) {
            return 0.0;
        }
        $phase = rad2deg(acos(max(-1.0, min(1.0, 2 * $litShare - 1))));
        $sine = sin(deg2rad($altitudeDeg));
        $airMass = 1 / ($sine + 0.50572 * ($altitudeDeg + 6.07995) ** -1.6364);

        return self::FULL_MOON_LX * 10 ** (-0.4 * (0.026 * $phase + 4e-9 * $phase ** 4)) * $sine * exp(-0.21 * ($airMass - 1));
    }

    /** EV100 of an incident reading: log2(E S / C) at ISO 100. */
    public static function ev100(float $lux): float
    {
        return log($lux * 100 / self::METER, 2);
    }

    /** @param  array{float, float, float, float, float}  $range */
    private static function log(array $range, float $altitude): float
    {
        $x = $altitude / 90;

        return $range[1] + $x * ($range[2] + $x * ($range[3] + $x * $range[4]));
    }
}
