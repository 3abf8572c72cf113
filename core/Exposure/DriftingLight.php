<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** Light that rises (s > 0) or fades (s < 0) at a steady rate of s stops a minute while the shutter is open. */
final readonly class DriftingLight
{
    private function __construct(public float $stopsPerMinute)
    {
    }

    /** @throws InvalidValue beyond three stops a minute, far faster than any twilight */
    public static function of(float $stopsPerMinute): self
    {
        return new self(Limit::LightDrift->check($stopsPerMinute));
    }

    /**
     * From two readings of the same scene some minutes apart.
     *
     * @throws InvalidValue when they are not between half a minute and two hours apart, or the light changed too fast
     */
    public static function between(float $firstEv100, float $thenEv100, float $minutes): self
    {
        Limit::BetweenReadings->check($minutes, 'minutes');

        return self::of(($thenEv100 - $firstEv100) / $minutes);
    }

    public static function steady(): self
    {
        return new self(0.0);
    }

    public function isSteady(): bool
    {
        return abs($this->stopsPerMinute) < 1e-9;
    }

    /** What an open time in seconds collects, as the seconds of constant light that would: (e^(a t) - 1) / a. */
    public function steadySeconds(float $openSeconds): float
    {
        $rate = $this->stopsPerMinute * M_LN2 / 60;

        return $this->isSteady() ? $openSeconds : expm1($rate * $openSeconds) / $rate;
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
