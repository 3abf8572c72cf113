<?php

declare(strict_types=1);

namespace App\Drawing;

/** A mark on an axis; unnamed where its neighbours are near. */
final readonly class Tick
{
    public function __construct(
        public float $x,
        public ?string $label,
    ) {
    }
}
