<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** One harmonic constant of a station: amplitude H in m and Greenwich phase lag G in degrees. */
final readonly class Harmonic
{
    public function __construct(
        public string $name,
        public float $amplitudeM,
        public float $phaseDeg,
    ) {
    }
}
