<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

/** An aperture, a shutter time and an ISO. */
final readonly class Exposure
{
    public function __construct(
        public Aperture $aperture,
        public ShutterTime $shutter,
        public Iso $iso,
    ) {
    }

    /** EV at ISO 100 for which these settings are right: log2(N^2 / t) - log2(S / 100). APEX; ISO 2720:1974. */
    public function ev100(): float
    {
        return log($this->aperture->number ** 2 / $this->shutter->seconds, 2) - log($this->iso->speed / 100, 2);
    }
}
