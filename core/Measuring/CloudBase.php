<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** How high heaped clouds lie, and how much of their drift runs across the view. */
final class CloudBase
{
    /** Metres for each degree between temperature and dew point (Espy 1841). */
    private const M_PER_DEGREE = 125.0;

    /** @throws InvalidValue when a figure is out of bounds, or the dew point above the temperature */
    public static function ofDewPoint(float $temperatureC, float $dewPointC): float
    {
        Limit::Temperature->check($temperatureC, 'temperature_c');
        Limit::DewPoint->check($dewPointC, 'dew_point_c');
        if ($dewPointC > $temperatureC) {
            throw (new InvalidValue('The dew point cannot be above the temperature.'))->at('dew_point_c');
        }

        return max(50.0, self::M_PER_DEGREE * ($temperatureC - $dewPointC));
    }

    /**
     * Share of the drift that runs across the line of sight, 0 to 1.
     *
     * @param  float  $fromDeg  where the wind at cloud height comes from, degrees from north
     * @param  float  $facingDeg  where the camera looks, degrees from north
     */
    public static function across(float $fromDeg, float $facingDeg): float
    {
        return abs(sin(deg2rad($fromDeg - $facingDeg)));
    }
}
