<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** A reading of the light taken at the place. */
final readonly class LightReading
{
    public function __construct(
        public float $unix,
        public float $ev100,
    ) {
    }
}
