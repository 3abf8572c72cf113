<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * Waves of small height over a level bed: w^2 = g k tanh(k h) (Airy 1845). In deep water, deeper than half a wavelength,
 * L0 = g T^2 / 2 pi and c = g T / 2 pi.
 */
final class Dispersion
{
    public const GRAVITY = 9.80665;

    public const DEEP_M = Limit::DEEPEST_M;

    /**
     * Wave number k in rad/m of a wave of angular frequency w in rad/s over a depth in m. Newton's rule on the residual, from
     * the estimate of Eckart (1952), which is within 5 % everywhere; three rounds leave less than 1e-12 of it.
     *
     * @throws InvalidValue when the depth is not between 1 cm and 11 km
     */
    public static function waveNumber(float $radS, float $depthM = self::DEEP_M): float
    {
        Limit::Depth->check($depthM, 'depth_m');
        $deep = $radS * $radS / self::GRAVITY;
        $reach = $deep * $depthM;
        if ($reach > 20) {
            return $deep;
        }
        $x = $reach / sqrt(tanh($reach));
        for ($i = 0; $i < 3; $i++) {
            $tanh = tanh($x);
            $x -= ($x * $tanh - $reach) / ($tanh + $x * (1 - $tanh * $tanh));
        }

        return $x / $depthM;
    }

    /** Wavelength in m of a wave of a period in s. */
    public static function wavelengthM(float $periodS, float $depthM = self::DEEP_M): float
    {
        return 2 * M_PI / self::waveNumber(2 * M_PI / $periodS, $depthM);
    }

    /** Speed in m/s at which a crest travels. */
    public static function celerityMS(float $periodS, float $depthM = self::DEEP_M): float
    {
        return self::wavelengthM($periodS, $depthM) / $periodS;
    }

    /** Angular frequency in rad/s of a wave of a length in m. */
    public static function radSOfWavelength(float $wavelengthM, float $depthM = self::DEEP_M): float
    {
        $k = 2 * M_PI / $wavelengthM;

        return sqrt(self::GRAVITY * $k * tanh($k * $depthM));
    }

    /**
     * Depth in m at which a wave of a height in m breaks over a gentle slope: H / h = 0.78 (McCowan 1894).
     *
     * @throws InvalidValue when the height is not between 1 cm and 30 m
     */
    public static function breakerDepthM(float $heightM): float
    {
        return Limit::BreakerHeight->check($heightM, 'significant_height_m') / 0.78;
    }
}
