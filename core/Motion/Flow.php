<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * Falls, cascades, weirs, rapids, backwash, foam: a random texture of correlation length ell, carried past at v.
 *
 * The contrast left after averaging for t, with n = v t / ell, is C(n) = sqrt(2 (n - 1 + e^-n)) / n: the variance of the
 * time mean of an exponentially correlated process (G. I. Taylor, Diffusion by continuous movements, 1921).
 */
final readonly class Flow implements MovingWater
{
    /** Below this the closed form loses its digits; its series 1 - n/6 + n^2/36 - ... is used. */
    private const SERIES_BELOW = 1e-3;

    private function __construct(
        private float $speedMS,
        private float $featureM,
    ) {
    }

    /**
     * @param  float  $featureM  size of foam and droplets; what the camera cannot resolve is raised to what it can
     *
     * @throws InvalidValue when the speed is not between 0.01 and 60 m/s, or the size not between 1 mm and 20 m
     */
    public static function of(float $speedMS, float $featureM, Framing $framing): self
    {
        Limit::WaterSpeed->check($speedMS, 'speed_m_s');
        Limit::TextureSize->check($featureM, 'feature_m');

        return new self($speedMS, max($featureM, $framing->visibleDetailM()));
    }

    /**
     * Speed in m/s of falling water from its drop in m: sqrt(2 g h) at the foot, and of that the share which is seen.
     *
     * @throws InvalidValue when the drop is not between 0.05 and 1000 m
     */
    public static function speedOfDrop(WaterKind $kind, float $dropM): float
    {
        return $kind->shareOfFootSpeed() * self::speedAtFoot($dropM);
    }

    /**
     * Speed in m/s after a free fall of so many metres.
     *
     * @throws InvalidValue when the drop is not between 0.05 and 1000 m
     */
    public static function speedAtFoot(float $dropM): float
    {
        return sqrt(2 * Dispersion::GRAVITY * Limit::Drop->check($dropM, 'drop_m'));
    }

    /**
     * Surface speed in m/s of a float timed over a distance: what the camera sees move.
     *
     * @throws InvalidValue when the distance is not between 0.1 and 1000 m or the time not between 0.1 s and an hour
     */
    public static function speedOfFloat(float $distanceM, float $seconds): float
    {
        Limit::FloatDistance->check($distanceM, 'distance_m');
        Limit::FloatTime->check($seconds, 'seconds');

        return $distanceM / $seconds;
    }

    public function textureKept(float $seconds): float
    {
        return self::contrast($this->speedMS * $seconds / $this->featureM);
    }

    /** C(n) for n correlation lengths carried past. */
    public static function contrast(float $n): float
    {
        return $n < self::SERIES_BELOW ? 1 - max(0.0, $n) / 6 : sqrt(2 * ($n - 1 + exp(-$n))) / $n;
    }

    public function speedMS(): float
    {
        return $this->speedMS;
    }

    public function featureM(): float
    {
        return $this->featureM;
    }

    public function waves(float $seconds): ?float
    {
        return null;
    }
}
