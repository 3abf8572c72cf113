<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;

/** A time that a frame must not pass, and why. */
final readonly class Wall
{
    public function __construct(
        public string $kind,
        public ShutterTime $longest,
        public string $why,
    ) {
    }
}
