<?php

declare(strict_types=1);

namespace App\Drawing;

/** A high or low water on the day board, its label away from the curve. */
final readonly class TideMark
{
    public function __construct(
        public float $x,
        public float $y,
        public Label $label,
    ) {
    }
}
