<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** Seen at a place: the water did, or did not, reach a mark while the prediction stood at a height in m. */
final readonly class Sighting
{
    public function __construct(
        public float $unix,
        public float $predictedM,
        public bool $reached,
    ) {
    }
}
