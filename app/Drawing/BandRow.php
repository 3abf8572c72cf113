<?php

declare(strict_types=1);

namespace App\Drawing;

/** A row of looks on the stop rule. */
final readonly class BandRow
{
    /** @param  list<Band>  $bands */
    public function __construct(
        public string $label,
        public string $unit,
        public float $top,
        public float $height,
        public array $bands,
    ) {
    }

    public function middle(): float
    {
        return $this->top + $this->height / 2;
    }
}
