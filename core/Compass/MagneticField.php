<?php

declare(strict_types=1);

namespace GentlePour\Compass;

use GentlePour\InvalidValue;

/** The earth's magnetic field at a place, in nT: to true north, to the east, down. A compass lies along what is level of it. */
final readonly class MagneticField
{
    /** Weaker than this a compass shows nothing that could be trusted, in nT. World Magnetic Model, its blackout zone. */
    private const TOO_WEAK_NT = 2000.0;

    public function __construct(public float $northNT, public float $eastNT, public float $downNT)
    {
    }

    public function levelNT(): float
    {
        return hypot($this->northNT, $this->eastNT);
    }

    /**
     * By how much north on a compass lies clockwise of true north, in degrees, -180 to 180: the variation, or declination.
     *
     * @throws InvalidValue so near a magnetic pole that a compass shows nothing
     */
    public function variationDeg(): float
    {
        if ($this->levelNT() < self::TOO_WEAK_NT) {
            throw new InvalidValue('So near the magnetic pole no compass can be trusted: give the bearing from true north.');
        }

        return rad2deg(atan2($this->eastNT, $this->northNT));
    }

    /** How far the field points down into the ground, in degrees. */
    public function dipDeg(): float
    {
        return rad2deg(atan2($this->downNT, $this->levelNT()));
    }
}
