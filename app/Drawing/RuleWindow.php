<?php

declare(strict_types=1);

namespace App\Drawing;

/** The wanted window on the stop rule. */
final readonly class RuleWindow
{
    public function __construct(
        public float $x,
        public float $width,
        public Label $label,
    ) {
    }
}
