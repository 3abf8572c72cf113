<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Solving\Term;

/** A span that fulfils every condition, with what it offers. Instants in seconds since 1970, UTC. */
final readonly class Window
{
    /** @param  list<Term>  $terms what speaks for it; the sum ranks it, the highest first */
    public function __construct(
        public float $from,
        public float $to,
        public ?float $highestM,
        public Trend $trend,
        public float $sunAltitudeFromDeg,
        public float $sunAltitudeToDeg,
        public float $sunAzimuthDeg,
        public float $ev100From,
        public float $ev100To,
        public array $terms,
    ) {
    }

    public function minutes(): float
    {
        return ($this->to - $this->from) / 60;
    }

    public function score(): float
    {
        return array_sum(array_map(static fn (Term $t): float => $t->stops, $this->terms));
    }

    public function why(): string
    {
        return ucfirst(implode(', ', array_map(static fn (Term $t): string => $t->why, $this->terms))).'.';
    }
}
