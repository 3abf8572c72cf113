<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Solving\Way;

/** What to set at one instant of a hold plan. */
final readonly class HoldStep
{
    /**
     * @param  Way|null  $way  null where nothing in the bag gives the look in this light
     * @param  bool  $changes  the filters change here
     */
    public function __construct(
        public float $unix,
        public float $ev100,
        public float $driftStopsPerMinute,
        public ?Way $way,
        public bool $changes,
    ) {
    }
}
