<?php

declare(strict_types=1);

namespace GentlePour\Outing;

/** A composition with its place in the schedule. Instants in seconds since 1970, UTC. */
final readonly class Scheduled
{
    /** @param  list<array{string, float}>  $parts  what is done in it, in order, and how long that takes in seconds */
    public function __construct(
        public int $index,
        public Composition $composition,
        public float $from,
        public float $to,
        public LongFrame $frame,
        public array $parts,
        public bool $changesLens = false,
    ) {
    }
}
