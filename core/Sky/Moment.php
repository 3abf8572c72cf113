<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * An instant as astronomy counts it. The difference of dynamical from universal time follows the polynomials of Espenak and
 * Meeus (2006) from 1986 on, and before them a straight line that is good to a few seconds back to 1950.
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
        $year = $this->days / 365.25;
        $delta = match (true) {
            $year < -14 => 54.0 + 0.75 * ($year + 14),
            $year < 5 => 63.86 + 0.3345 * $year - 0.060374 * $year ** 2,
            default => 62.92 + 0.32217 * $year + 0.005589 * $year ** 2,
        };
        $this->centuries = ($this->days + $delta / 86400) / 36525;
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
