<?php

declare(strict_types=1);

namespace App\Drawing;

/** One step of a run: a filter, an aperture, an ISO, as many columns wide as it has stops. */
final readonly class Block
{
    /** @param  string|null  $label  null where it has no room for its name */
    public function __construct(
        public float $x,
        public float $width,
        public string $title,
        public string $kind,
        public ?string $label,
    ) {
    }
}
