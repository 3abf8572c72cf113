<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Devices\LightMeter;
use App\Devices\SimulatedMeter;
use App\Household\Devices;
use App\Models\Place;
use GentlePour\InvalidValue;
use GentlePour\Sky\LightCurve;

/** The light meter that the person works with, where it stands. */
final readonly class Meters
{
    public function __construct(private Devices $devices)
    {
    }

    /**
     * @param  float|null  $facingDeg  of the subject, where it has its own
     *
     * @throws InvalidValue at the shutter, when there is no meter or the simulated one cannot know the sun
     */
    public function at(?Place $place, ?float $facingDeg): LightMeter
    {
        $observer = $place?->observer();
        if (! $this->devices->hasMeter() || $place === null || $observer === null) {
            throw (new InvalidValue($this->devices->hasMeter()
                ? 'The meter reads the light of a place: choose where you are, one with a position.'
                : 'There is no light meter: choose one in Settings.'))->at('shutter');
        }
        $light = LightCurve::metered($observer, $facingDeg ?? $place->facing_deg, foreground: $place->foreground());

        return new SimulatedMeter($light, $observer->latitude, $observer->longitude);
    }
}
