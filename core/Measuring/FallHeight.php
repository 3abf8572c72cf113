<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** The height of a fall from where one stands, by the angles to its lip and its foot. */
final class FallHeight
{
    /**
     * Metres from foot to lip. Angles in degrees above the horizontal, below it negative.
     *
     * @param  float  $distanceM  along the ground to under the fall
     *
     * @throws InvalidValue when a figure is out of bounds, or the lip not above the foot
     */
    public static function ofAngles(float $distanceM, float $lipDeg, float $footDeg = 0.0): float
    {
        Limit::FallDistance->check($distanceM, 'distance_m');
        Limit::LipAngle->check($lipDeg, 'lip_deg');
        Limit::FootAngle->check($footDeg, 'foot_deg');
        if ($lipDeg <= $footDeg) {
            throw (new InvalidValue('The lip of the fall must stand higher than its foot.'))->at('lip_deg');
        }

        return $distanceM * (tan(deg2rad($lipDeg)) - tan(deg2rad($footDeg)));
    }
}
