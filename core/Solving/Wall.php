<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;

/** A time that a frame must not pass, and why. */
final readonly class Wall
{
    /** Frames from here on cost their time twice with noise reduction in the camera; in seconds. Common practice. */
    private const TWICE_FROM_S = 1.0;

    public function __construct(
        public WallKind $kind,
        public ShutterTime $longest,
        public string $why,
    ) {
    }

    /** The same when each frame costs its time twice. */
    public function doubled(): self
    {
        return $this->kind->isOfTheClock() && $this->longest->seconds > 2 * self::TWICE_FROM_S
            ? new self($this->kind, ShutterTime::ofSeconds($this->longest->seconds / 2), $this->why.', half of it with noise reduction')
            : $this;
    }
}
