<?php

declare(strict_types=1);

namespace App\Drawing;

/** A stack of the bag on the stop rule, hanging from the look that it makes of the reading. */
final readonly class GlassMark
{
    public function __construct(
        public float $x,
        public Label $label,
        public bool $picked,
        public string $title,
    ) {
    }
}
