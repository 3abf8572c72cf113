<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * An instant as astronomy counts it. The difference of dynamical from universal time follows the polynomials of Espenak and
 * Meeus (2006, Five Millennium Canon of Solar Eclipses; from memory, each held to its neighbour where they meet) from 1920 on; before
 * that it stands still.
 */
final readonly class Moment
{
    private const J2000_UNIX = 946728000.0;

    /** Julian centuries of dynamical time from J2000. */
    public float $centuries;

    /** Days of universal time from J2000. */
    public float $days;

    /** @var array{float, float} */
    private array $nutation;

    public function __construct(public float $unix)
    {
        $this->days = ($unix - self::J2000_UNIX) / 86400;
        $this->centuries = ($this->days + self::behindS(max(1920.0, 2000 + $this->days / 365.25)) / 86400) / 36525;
        $this->nutation = self::nutationAt($this->centuries);
    }

    /** Greenwich mean sidereal time in degrees (Meeus 12.4). */
    public function siderealDeg(): float
    {
        $t = $this->days / 36525;

        return fmod(280.46061837 + 360.98564736629 * $this->days + 0.000387933 * $t ** 2 - $t ** 3 / 38710000, 360);
    }

    /** @return array{float, float} nutation in longitude and true obliquity, degrees (Meeus 22, to half a second of arc) */
    public function nutation(): array
    {
        return $this->nutation;
    }

    /** How many seconds the turning earth is behind dynamical time. */
    private static function behindS(float $year): float
    {
        $t = $year - 2000;

        return match (true) {
            $year >= 2050 => -20 + 32 * (($year - 1820) / 100) ** 2 - 0.5628 * (2150 - $year),
            $year >= 2005 => 62.92 + $t * (0.32217 + $t * 0.005589),
            $year >= 1986 => 63.86 + $t * (0.3345 + $t * (-0.060374 + $t * (0.0017275 + $t * (0.000651814 + $t * 0.00002373599)))),
            $year >= 1961 => self::cubic($year - 1975, 45.45, 1.067, -1 / 260, -1 / 718),
            $year >= 1941 => self::cubic($year - 1950, 29.07, 0.407, -1 / 233, 1 / 2547),
            default => self::cubic($year - 1920, 21.20, 0.84493, -0.076100, 0.0020936),
        };
    }

    private static function cubic(float $t, float $constant, float $linear, float $square, float $cubic): float
    {
        return $constant + $t * ($linear + $t * ($square + $t * $cubic));
    }

    /** @return array{float, float} */
    private static function nutationAt(float $t): array
    {
        $node = deg2rad(125.04452 - 1934.136261 * $t);
        $sun = deg2rad(280.4665 + 36000.7698 * $t);
        $moon = deg2rad(218.3165 + 481267.8813 * $t);
        $longitude = -17.20 * sin($node) - 1.32 * sin(2 * $sun) - 0.23 * sin(2 * $moon) + 0.21 * sin(2 * $node);
        $obliquity = 9.20 * cos($node) + 0.57 * cos(2 * $sun) + 0.10 * cos(2 * $moon) - 0.09 * cos(2 * $node);

        return [$longitude / 3600, 23.4392911 - 0.0130042 * $t - 1.64e-7 * $t ** 2 + 5.04e-7 * $t ** 3 + $obliquity / 3600];
    }
}
