<?php

declare(strict_types=1);

namespace App\Drawing;

/** Where one look of something that moves lies, in seconds; open ends are null. */
final readonly class LookSpan
{
    public function __construct(
        public string $look,
        public string $words,
        public ?float $minS,
        public ?float $maxS,
    ) {
    }
}
