<?php

declare(strict_types=1);

namespace GentlePour\Outing;

/** What one long frame takes at some hour: how long it is open, how long the camera is busy after it, and whether a filter goes on. */
final readonly class LongFrame
{
    public function __construct(
        public float $openS,
        public float $busyS = 0.0,
        public bool $hasFilter = true,
    ) {
    }
}
