<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Limit;

/** How the water sits in the frame: sensor, focal length in mm, distance in m, and the angle of its motion to the sensor. */
final readonly class Framing
{
    /** @throws InvalidValue when a figure is out of bounds */
    public function __construct(
        public Sensor $sensor,
        public float $focalLengthMm,
        public float $distanceM,
        public float $obliqueDeg = 0.0,
    ) {
        Limit::FocalLength->check($focalLengthMm, 'focal_length_mm');
        Limit::Distance->check($distanceM, 'distance_m');
        Limit::Oblique->check($obliqueDeg, 'oblique_deg');
    }

    /** Length in mm of the streak on the sensor: v t cos(theta) f / d. Holds for distances far beyond the focal length. */
    public function streakMm(float $speedMS, float $seconds): float
    {
        return $speedMS * $seconds * cos(deg2rad($this->obliqueDeg)) * $this->focalLengthMm / $this->distanceM;
    }

    /** The same as a share of the side of the frame that the motion runs along: down where water falls, across elsewhere. */
    public function streakShare(WaterKind $kind, float $speedMS, float $seconds): float
    {
        return $this->streakMm($speedMS, $seconds) / ($kind->falls() ? $this->sensor->heightMm : $this->sensor->widthMm);
    }

    /** Width in m of what the frame holds at the subject. */
    public function widthM(): float
    {
        return $this->sensor->widthMm * $this->distanceM / $this->focalLengthMm;
    }

    /** Smallest detail in m that can be seen at the subject: about four circles of confusion. Judgement. */
    public function visibleDetailM(): float
    {
        return 4 * $this->sensor->circleOfConfusionMm() * $this->distanceM / $this->focalLengthMm;
    }

    /** Seconds in which something at this speed moves by one circle of confusion; below it nothing looks moved. */
    public function sharpSeconds(float $speedMS): float
    {
        return $this->sensor->circleOfConfusionMm() / max(1e-9, $this->streakMm($speedMS, 1.0));
    }
}
