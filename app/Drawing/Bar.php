<?php

declare(strict_types=1);

namespace App\Drawing;

/** A span in a row of the day board. */
final readonly class Bar
{
    /**
     * @param  bool  $inside  it has room for its label
     * @param  Label|null  $beside  what stands beside it instead, or of several short ones in a row
     */
    public function __construct(
        public float $x,
        public float $width,
        public string $label,
        public bool $inside,
        public ?Label $beside,
    ) {
    }
}
