<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** Mean luminances in cd/m² of the sky and the foreground in a frame that the horizon halves. */
final readonly class MeteredScene
{
    /** Reflected-light meter constant K: EV100 = log2(L S / K) at ISO 100. */
    private const METER = 12.5;

    public function __construct(
        public float $skyCdM2,
        public float $foregroundCdM2,
    ) {
    }

    /** The same scene with so many stops more light. */
    public function brighter(float $stops): self
    {
        return new self($this->skyCdM2 * 2 ** $stops, $this->foregroundCdM2 * 2 ** $stops);
    }

    public function skyEv100(): float
    {
        return self::evOf($this->skyCdM2);
    }

    public function foregroundEv100(): float
    {
        return self::evOf($this->foregroundCdM2);
    }

    /** What the meter says of the whole frame. */
    public function ev100(): float
    {
        return self::evOf(($this->skyCdM2 + $this->foregroundCdM2) / 2);
    }

    /** How many stops the sky is brighter than the foreground: the graduated filter that evens them. */
    public function gradStops(): float
    {
        return log($this->skyCdM2 / $this->foregroundCdM2, 2);
    }

    private static function evOf(float $luminance): float
    {
        return log($luminance * 100 / self::METER, 2);
    }
}
