<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** A geocentric position of date: apparent longitude and latitude in degrees, distance in km. */
final readonly class Ecliptic
{
    public function __construct(
        public float $longitudeDeg,
        public float $latitudeDeg,
        public float $distanceKm,
    ) {
    }
}
