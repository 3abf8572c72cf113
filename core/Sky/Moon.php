<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * The moon: Meeus, Astronomical Algorithms (1998), chapter 47, by its whole tables: good to about 10 seconds of
 * arc, which is checked against an independent ephemeris.
 */
final class Moon
{
    public const RADIUS_KM = 1737.4;

    /** Multiples of D, M, M', F; sine of longitude in 1e-6 degrees; cosine of distance in m. */
    private const LONGITUDE = [
        [0, 0, 1, 0, 6288774, -20905355], [2, 0, -1, 0, 1274027, -3699111], [2, 0, 0, 0, 658314, -2955968],
        [0, 0, 2, 0, 213618, -569925], [0, 1, 0, 0, -185116, 48888], [0, 0, 0, 2, -114332, -3149], [2, 0, -2, 0, 58793, 246158],
        [2, -1, -1, 0, 57066, -152138], [2, 0, 1, 0, 53322, -170733], [2, -1, 0, 0, 45758, -204586], [0, 1, -1, 0, -40923, -129620],
        [1, 0, 0, 0, -34720, 108743], [0, 1, 1, 0, -30383, 104755], [2, 0, 0, -2, 15327, 10321], [0, 0, 1, 2, -12528, 0],
        [0, 0, 1, -2, 10980, 79661], [4, 0, -1, 0, 10675, -34782], [0, 0, 3, 0, 10034, -23210], [4, 0, -2, 0, 8548, -21636],
        [2, 1, -1, 0, -7888, 24208], [2, 1, 0, 0, -6766, 30824], [1, 0, -1, 0, -5163, -8379], [1, 1, 0, 0, 4987, -16675],
        [2, -1, 1, 0, 4036, -12831], [2, 0, 2, 0, 3994, -10445], [4, 0, 0, 0, 3861, -11650], [2, 0, -3, 0, 3665, 14403],
        [0, 1, -2, 0, -2689, -7003], [2, 0, -1, 2, -2602, 0], [2, -1, -2, 0, 2390, 10056], [1, 0, 1, 0, -2348, 6322],
        [2, -2, 0, 0, 2236, -9884], [0, 1, 2, 0, -2120, 5751], [0, 2, 0, 0, -2069, 0], [2, -2, -1, 0, 2048, -4950],
        [2, 0, 1, -2, -1773, 4130], [2, 0, 0, 2, -1595, 0], [4, -1, -1, 0, 1215, -3958], [0, 0, 2, 2, -1110, 0],
        [3, 0, -1, 0, -892, 3258], [2, 1, 1, 0, -810, 2616], [4, -1, -2, 0, 759, -1897], [0, 2, -1, 0, -713, -2117],
        [2, 2, -1, 0, -700, 2354], [2, 1, -2, 0, 691, 0], [2, -1, 0, -2, 596, 0], [4, 0, 1, 0, 549, -1423], [0, 0, 4, 0, 537, -1117],
        [4, -1, 0, 0, 520, -1571], [1, 0, -2, 0, -487, -1739], [2, 1, 0, -2, -399, 0], [0, 0, 2, -2, -381, -4421],
        [1, 1, 1, 0, 351, 0], [3, 0, -2, 0, -340, 0], [4, 0, -3, 0, 330, 0], [2, -1, 2, 0, 327, 0], [0, 2, 1, 0, -323, 1165],
        [1, 1, -1, 0, 299, 0], [2, 0, 3, 0, 294, 0], [2, 0, -1, -2, 0, 8752],
    ];

    /** Multiples of D, M, M', F; sine of latitude in 1e-6 degrees. */
    private const LATITUDE = [
        [0, 0, 0, 1, 5128122], [0, 0, 1, 1, 280602], [0, 0, 1, -1, 277693], [2, 0, 0, -1, 173237], [2, 0, -1, 1, 55413],
        [2, 0, -1, -1, 46271], [2, 0, 0, 1, 32573], [0, 0, 2, 1, 17198], [2, 0, 1, -1, 9266], [0, 0, 2, -1, 8822],
        [2, -1, 0, -1, 8216], [2, 0, -2, -1, 4324], [2, 0, 1, 1, 4200], [2, 1, 0, -1, -3359], [2, -1, -1, 1, 2463],
        [2, -1, 0, 1, 2211], [2, -1, -1, -1, 2065], [0, 1, -1, -1, -1870], [4, 0, -1, -1, 1828], [0, 1, 0, 1, -1794],
        [0, 0, 0, 3, -1749], [0, 1, -1, 1, -1565], [1, 0, 0, 1, -1491], [0, 1, 1, 1, -1475], [0, 1, 1, -1, -1410],
        [0, 1, 0, -1, -1344], [1, 0, 0, -1, -1335], [0, 0, 3, 1, 1107], [4, 0, 0, -1, 1021], [4, 0, -1, 1, 833], [0, 0, 1, -3, 777],
        [4, 0, -2, 1, 671], [2, 0, 0, -3, 607], [2, 0, 2, -1, 596], [2, -1, 1, -1, 491], [2, 0, -2, 1, -451], [0, 0, 3, -1, 439],
        [2, 0, 2, 1, 422], [2, 0, -3, -1, 421], [2, 1, -1, 1, -366], [2, 1, 0, 1, -351], [4, 0, 0, 1, 331], [2, -1, 1, 1, 315],
        [2, -2, 0, -1, 302], [0, 0, 1, 3, -283], [2, 1, 1, -1, -229], [1, 1, 0, -1, 223], [1, 1, 0, 1, 223], [0, 1, -2, -1, -220],
        [2, 1, -1, -1, -220], [1, 0, 1, 1, -185], [2, -1, -2, -1, 181], [0, 1, 2, 1, -177], [4, 0, -2, -1, 176], [4, -1, -1, -1, 166],
        [1, 0, 1, -1, -164], [4, 0, 1, -1, 132], [1, 0, -1, -1, -119], [4, -1, 0, -1, 115], [2, -2, 0, 1, 107],
    ];

    public static function position(Moment $at): Ecliptic
    {
        $t = $at->centuries;
        $mean = 218.3164477 + 481267.88123421 * $t - 0.0015786 * $t ** 2 + $t ** 3 / 538841;
        $arguments = [
            deg2rad(297.8501921 + 445267.1114034 * $t - 0.0018819 * $t ** 2 + $t ** 3 / 545868),
            deg2rad(357.5291092 + 35999.0502909 * $t - 0.0001536 * $t ** 2),
            deg2rad(134.9633964 + 477198.8675055 * $t + 0.0087414 * $t ** 2 + $t ** 3 / 69699),
            deg2rad(93.2720950 + 483202.0175233 * $t - 0.0036539 * $t ** 2),
        ];
        $eccentricity = 1 - 0.002516 * $t - 0.0000074 * $t ** 2;
        [$d, $m, $n, $f] = $arguments;
        $longitude = $latitude = $distance = 0.0;
        foreach (self::LONGITUDE as [$i, $j, $k, $l, $sine, $cosine]) {
            $angle = $i * $d + $j * $m + $k * $n + $l * $f;
            $scale = $eccentricity ** abs($j);
            $longitude += $sine * $scale * sin($angle);
            $distance += $cosine * $scale * cos($angle);
        }
        foreach (self::LATITUDE as [$i, $j, $k, $l, $sine]) {
            $latitude += $sine * $eccentricity ** abs($j) * sin($i * $d + $j * $m + $k * $n + $l * $f);
        }
        $venus = deg2rad(119.75 + 131.849 * $t);
        $jupiter = deg2rad(53.09 + 479264.290 * $t);
        $meanRad = deg2rad($mean);
        $longitude += 3958 * sin($venus) + 1962 * sin($meanRad - $f) + 318 * sin($jupiter);
        $latitude += -2235 * sin($meanRad) + 382 * sin(deg2rad(313.45 + 481266.484 * $t)) + 175 * sin($venus - $f) + 175 * sin($venus + $f)
            + 127 * sin($meanRad - $n) - 115 * sin($meanRad + $n);
        [$nutation] = $at->nutation();

        return new Ecliptic(fmod($mean + $longitude / 1e6 + $nutation, 360), $latitude / 1e6, 385000.56 + $distance / 1000);
    }

    /** How far the moon is ahead of the sun, 0 to 360 degrees: 0 new, 90 first quarter, 180 full. */
    public static function elongationDeg(Moment $at): float
    {
        return fmod(self::position($at)->longitudeDeg - Sun::position($at)->longitudeDeg + 720, 360);
    }

    /** The share of the disc that is lit, 0 to 1 (Meeus 48). */
    public static function litShare(Moment $at): float
    {
        [$moon, $sun] = [self::position($at), Sun::position($at)];
        $cosine = cos(deg2rad($moon->latitudeDeg)) * cos(deg2rad($moon->longitudeDeg - $sun->longitudeDeg));
        $apart = acos(max(-1.0, min(1.0, $cosine)));
        $angle = atan2($sun->distanceKm * sin($apart), $moon->distanceKm - $sun->distanceKm * $cosine);

        return (1 + cos($angle)) / 2;
    }

    /** Days since the last new moon. */
    public static function ageDays(Moment $at): float
    {
        $unix = $at->unix - self::elongationDeg($at) / 360 * 29.530588853 * 86400;
        for ($i = 0; $i < 6; $i++) {
            $off = fmod(self::elongationDeg(new Moment($unix)) + 180, 360) - 180;
            $unix -= $off / 360 * 29.530588853 * 86400;
        }

        return ($at->unix - $unix) / 86400;
    }
}
