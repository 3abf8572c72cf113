<?php

declare(strict_types=1);

namespace App\Drawing;

/** A line across the stop rule with its name: the base reading, or a wall. */
final readonly class RuleMark
{
    public function __construct(
        public float $x,
        public Label $label,
        public bool $shown = true,
    ) {
    }
}
