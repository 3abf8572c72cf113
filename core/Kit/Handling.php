<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** What of a camera asks for a hand before a long frame: each adds a step to the run sheet. As it is with most cameras today. */
final readonly class Handling
{
    /**
     * @param  bool  $mirror  one that slaps up before the shutter opens
     * @param  bool  $opticalFinder  through which light leaks in behind a dark filter
     * @param  bool  $stabiliser  in the body or in the lens
     * @param  bool  $raw  whether it writes raw files
     */
    public function __construct(
        public bool $mirror = false,
        public bool $opticalFinder = false,
        public bool $stabiliser = true,
        public bool $raw = true,
    ) {
    }
}
