<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * Light of a clear sky on level ground by the sun's altitude: log10(lux) as a cubic of altitude / 90 degrees in six ranges
 * (Seidelmann, Explanatory Supplement to the Astronomical Almanac, 1992; agrees with the natural illuminance of the RCA
 * Electro-Optics Handbook, 1974). Blended over a third of a degree at the joints, so that light never falls while the sun rises.
 * Moonlight and street light are left out.
 */
final class Illuminance
{
    /** From the altitude on: constant, linear, square, cubic. */
    private const RANGES = [
        [20.0, 3.74, 3.97, -4.07, 1.47], [5.0, 3.05, 13.28, -45.98, 64.33], [-0.8, 2.88, 22.26, -207.64, 1034.30],
        [-5.0, 2.88, 21.81, -258.11, -858.36], [-12.0, 2.70, 12.17, -431.69, -1899.83], [-18.0, 13.84, 262.72, 1447.42, 2797.93],
    ];

    private const BLEND_DEG = 0.35;

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
