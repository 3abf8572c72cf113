<?php

declare(strict_types=1);

namespace App\Devices;

/** A meter of the light of a scene. */
interface LightMeter
{
    /** Whose figure it is, to be shown with it. */
    public function name(): string;

    /** EV at ISO 100 of what lies before it at an instant, in s of Unix time. */
    public function ev100(float $unix): float;
}
