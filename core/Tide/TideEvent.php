<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** A high or low water: the instant in seconds since 1970, UTC, and the height in m above the curve's datum. */
final readonly class TideEvent
{
    public function __construct(
        public float $unix,
        public float $heightM,
        public bool $high,
    ) {
    }
}
