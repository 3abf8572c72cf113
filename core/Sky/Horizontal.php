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
}
