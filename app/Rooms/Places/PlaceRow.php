<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\DayStrip;
use App\Models\Place;

/** A place among others: its day as a strip, and when it is good next. */
final readonly class PlaceRow
{
    /** @param  string  $tideWords  the next high and low water; empty inland */
    public function __construct(
        public Place $place,
        public DayStrip $strip,
        public float $now,
        public string $tideWords,
        public ?ComingWindow $next,
    ) {
    }

    /** Why nothing is said of when it is good next. */
    public function whyNone(): string
    {
        return match (true) {
            $this->place->latitude === null => 'no position yet',
            $this->place->tide->hasTide() && $this->place->marks->isEmpty() => 'no level mark yet',
            default => 'nothing in the next month',
        };
    }
}
