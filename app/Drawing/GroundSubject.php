<?php

declare(strict_types=1);

namespace App\Drawing;

/** Something to photograph on the ground plan: where it lies from the stand. */
final readonly class GroundSubject
{
    public function __construct(
        public string $name,
        public float $bearingDeg,
        public float $distanceM,
    ) {
    }
}
