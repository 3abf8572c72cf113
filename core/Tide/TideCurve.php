<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/** The tide at one place over a span of time. Instants are seconds since 1970, UTC; heights m above its datum. */
interface TideCurve
{
    /** The height at an instant inside the span. */
    public function heightM(float $unix): float;

    /** @return list<TideEvent> high and low waters inside the span, in order */
    public function events(): array;

    /** @return list<TideEvent> the same, and those known just before and after it */
    public function eventsWithMargin(): array;

    public function from(): float;

    public function to(): float;
}
