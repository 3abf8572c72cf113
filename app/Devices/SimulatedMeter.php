<?php

declare(strict_types=1);

namespace App\Devices;

use GentlePour\Sky\LightCurve;

/** A meter that is not there: the light of the sun at a place, and clouds that come and go, the same for the same place and minute. */
final readonly class SimulatedMeter implements LightMeter
{
    /** Clouds take so many stops at the most. */
    private const CLOUD_STOPS = 1.2;

    private const CLOUD_S = 1500.0;

    public function __construct(private LightCurve $light, private float $latitude, private float $longitude)
    {
    }

    public function name(): string
    {
        return 'simulated meter';
    }

    public function ev100(float $unix): float
    {
        $clouds = SmoothNoise::seeded('meter', $this->latitude, $this->longitude);

        return $this->light->ev100($unix) - self::CLOUD_STOPS * $clouds->at($unix / self::CLOUD_S) ** 2;
    }
}
