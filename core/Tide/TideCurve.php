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

    /** @return list<TideEvent> every turn inside the span, and those known just before and after it */
    public function turnsWithMargin(): array;

    /**
     * Every instant inside the span at which the tide turns, in order, also those of wiggles too small to be listed as high or low water:
     * between two of them, and between them and the ends, it rises or falls throughout.
     *
     * @return list<TideEvent>
     */
    public function turns(): array;

    /** @return list<TideEvent> those from one instant to another inside the span */
    public function turnsBetween(float $from, float $to): array;

    public function from(): float;

    public function to(): float;
}
