<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\Bounds;
use GentlePour\InvalidValue;

/** Light that rises (s > 0) or fades (s < 0) at a steady rate of s stops a minute while the shutter is open. */
final readonly class DriftingLight
{
    private function __construct(public float $stopsPerMinute)
    {
    }

    /** @throws InvalidValue beyond three stops a minute, far faster than any twilight */
    public static function of(float $stopsPerMinute): self
    {
        return new self(Bounds::of('The drift of the light', -3, 3, 'stops a minute')->check($stopsPerMinute));
    }

    public static function steady(): self
    {
        return new self(0.0);
    }

    public function isSteady(): bool
    {
        return abs($this->stopsPerMinute) < 1e-9;
    }

    /**
     * The open time in seconds that collects what $steadySeconds would collect in constant light:
     * t = ln(1 + a t0) / a with a = s ln 2 / 60. Null when the light fails before the frame is full (a t0 <= -1).
     */
    public function openSeconds(float $steadySeconds): ?float
    {
        if ($this->isSteady()) {
            return $steadySeconds;
        }
        $rate = $this->stopsPerMinute * M_LN2 / 60;

        return $rate * $steadySeconds <= -1 + 1e-9 ? null : log1p($rate * $steadySeconds) / $rate;
    }
}
