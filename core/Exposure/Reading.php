<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

/** A base frame that was well exposed, and the stops of filter that were on the lens when it was taken. */
final readonly class Reading
{
    public function __construct(
        public Exposure $exposure,
        public Stops $filtersOn,
    ) {
    }

    /** A light by itself, as a meter in the hand tells it. */
    public static function ofLight(float $ev100): self
    {
        return new self(new Exposure(Aperture::of(8.0), ShutterTime::ofSeconds(64 * 2 ** -$ev100), Iso::onDial(0)), Stops::zero());
    }

    /** EV100 of the scene itself, without any filter. */
    public function ev100(): float
    {
        return $this->exposure->ev100() + $this->filtersOn->value;
    }

    /**
     * The exact open time in seconds that gives this reading's exposure, shifted by a bias, at other settings:
     * t = N^2 * 2^stack * (100 / S) * 2^bias / 2^EV100. A negative bias gives less exposure, and so a shorter time.
     */
    public function openSeconds(Aperture $aperture, Iso $iso, Stops $stack, Stops $bias): float
    {
        return $aperture->number ** 2 * (100 / $iso->speed) * 2 ** ($stack->value + $bias->value - $this->ev100());
    }
}
