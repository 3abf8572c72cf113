<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Motion\WaterKind;

/** A picture of a known water at an open time. */
final readonly class ShownWater implements Shown
{
    public function __construct(
        public WaterKind $kind,
        public float $seconds,
        public float $distanceM,
        public float $focalMm,
    ) {
    }
}
