<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** A span during which the tide stands inside a range of heights. Instants in seconds since 1970, UTC. */
final readonly class LevelSpan
{
    public function __construct(
        public float $from,
        public float $to,
        public float $highestM,
        public float $lowestM,
    ) {
    }
}
