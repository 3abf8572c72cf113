<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** Where a body stands in the sky: altitude above the horizon and azimuth from north through east, degrees; distance in km. */
final readonly class Horizontal
{
    public function __construct(
        public float $altitudeDeg,
        public float $azimuthDeg,
        public float $distanceKm,
    ) {
    }

    /** How far it stands from where a level lens points, in degrees from nought to 180. */
    public function fromLevelDeg(float $facingDeg): float
    {
        return rad2deg(acos(cos(deg2rad($this->altitudeDeg)) * cos(deg2rad($this->azimuthDeg - $facingDeg))));
    }
}
