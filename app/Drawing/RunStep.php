<?php

declare(strict_types=1);

namespace App\Drawing;

/** What one change of a setting adds to the base reading's time, in stops. */
final readonly class RunStep
{
    public function __construct(
        public float $stops,
        public string $label,
        public string $kind,
    ) {
    }
}
