<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** One part of a way's score, in stops, with the reason in words. */
final readonly class Term
{
    public function __construct(
        public string $name,
        public float $stops,
        public string $why,
    ) {
    }
}
