<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;

/** The times that give one look, in seconds. Held has no shortest, glass no longest. */
final readonly class LookBand
{
    /** The ends of the stop rule, 1/4000 s and 32 min on the dial: where an open band is cut to aim into it. */
    private const SHORTEST_S = 2 ** -12;

    private const LONGEST_S = 2 ** 11;

    public function __construct(
        public Look $look,
        public ?float $minS,
        public ?float $maxS,
    ) {
    }

    public function holds(float $seconds): bool
    {
        return $seconds >= ($this->minS ?? 0.0) && $seconds < ($this->maxS ?? INF);
    }

    /**
     * Where it is aimed at, in s: at its middle. A band open at one end is aimed one stop inside its known end: further gains nothing
     * that can be seen and costs light or time.
     */
    public function aimS(): float
    {
        return match (true) {
            $this->minS === null => ($this->maxS ?? self::SHORTEST_S) / 2,
            $this->maxS === null => $this->minS * 2,
            default => sqrt($this->minS * $this->maxS),
        };
    }

    /**
     * The window for this look, cut to what a shutter does.
     *
     * @param  float  $shiftStops  moves the aim by a person's taste, and never out of the look
     */
    public function window(float $shiftStops = 0.0): ShutterWindow
    {
        $min = $this->minS ?? min(self::SHORTEST_S, $this->maxS ?? self::SHORTEST_S);
        $max = $this->maxS ?? max(self::LONGEST_S, 4 * $min);
        $best = max($min, min($max, $this->aimS() * 2 ** $shiftStops));
        $time = static fn (float $s): ShutterTime => ShutterTime::ofSeconds(max(ShutterTime::SHORTEST_S, min(ShutterTime::LONGEST_S, $s)));

        return ShutterWindow::of($time($min), $time($max), $time($best));
    }
}
