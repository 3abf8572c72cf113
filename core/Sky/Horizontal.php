<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** Where a body stands in the sky: altitude above the horizon and azimuth from north through east, degrees; distance in km. */
final readonly class Horizontal
{
    private const REFRACTED_FROM_DEG = -2.0;

    public function __construct(
        public float $altitudeDeg,
        public float $azimuthDeg,
        public float $distanceKm,
    ) {
    }

    /**
     * As the air lifts it for the eye: by 1.02' / tan(h + 10.3 / (h + 5.11)), h in degrees (Saemundsson 1986, in J. Meeus, Astronomical
     * Algorithms, 1998, equation 16.4), for common pressure and temperature. Well below the horizon, where nothing is seen, it is as it is.
     */
    public function apparentAltitudeDeg(): float
    {
        $h = $this->altitudeDeg;

        return $h < self::REFRACTED_FROM_DEG ? $h : $h + 1.02 / 60 / tan(deg2rad($h + 10.3 / ($h + 5.11)));
    }

    /** How far it stands from where a level lens points, in degrees from nought to 180. */
    public function fromLevelDeg(float $facingDeg): float
    {
        return rad2deg(acos(cos(deg2rad($this->altitudeDeg)) * cos(deg2rad($this->azimuthDeg - $facingDeg))));
    }
}
