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

    /** Altitude as seen through the air, with the refraction of Saemundsson (Meeus 16.4) for ordinary weather. */
    public function apparentAltitudeDeg(): float
    {
        $a = max(-1.0, $this->altitudeDeg);

        return $this->altitudeDeg + 1.02 / 60 / tan(deg2rad($a + 10.3 / ($a + 5.11)));
    }
}
