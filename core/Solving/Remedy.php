<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** Something that would open a way where none fits. */
final readonly class Remedy
{
    /** @param  float  $stops how many stops it has to make good */
    public function __construct(
        public string $kind,
        public float $stops,
        public string $detail,
        public ?float $seconds = null,
    ) {
    }
}
