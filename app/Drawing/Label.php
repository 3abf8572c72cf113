<?php

declare(strict_types=1);

namespace App\Drawing;

/** A text in a drawing: its place in px, and the end by which it hangs there. */
final readonly class Label
{
    public function __construct(
        public string $text,
        public float $x,
        public float $y = 0.0,
        public string $anchor = 'start',
    ) {
    }
}
