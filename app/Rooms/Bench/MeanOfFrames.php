<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

/** Several short frames that are averaged, in words. */
final readonly class MeanOfFrames
{
    public function __construct(
        public int $frames,
        public string $words,
    ) {
    }
}
