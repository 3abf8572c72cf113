<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** Falls, cascades, weirs, rapids, backwash, foam: a texture carried past at one speed. */
final readonly class Flow implements MovingWater
{
    /** The fastest that a curtain of water falls which breaks up in the air, in m/s. Judgement. */
    public const TERMINAL_MS = 20.0;

    private function __construct(
        private float $speedMS,
        private Texture $texture,
    ) {
    }

    /**
     * @param  float  $featureM  size of foam and droplets; what the camera cannot resolve is raised to what it can
     *
     * @throws InvalidValue when the speed is not between 0.01 and 60 m/s, or the size not between 1 mm and 20 m
     */
    public static function of(float $speedMS, float $featureM, Framing $framing): self
    {
        return self::ofTexture($speedMS, Texture::ofOne($featureM, $framing));
    }

    /** @throws InvalidValue when the speed is not between 0.01 and 60 m/s */
    public static function ofTexture(float $speedMS, Texture $texture): self
    {
        return new self(Limit::WaterSpeed->check($speedMS, 'speed_m_s'), $texture);
    }

    /**
     * Speed in m/s of falling water from its drop in m: of a curtain the mean along its height, air included; of the sheet of a weir,
     * which holds together, sqrt(2 g h) at its foot.
     *
     * @throws InvalidValue when the drop is not between 0.05 and 1000 m
     */
    public static function speedOfDrop(WaterKind $kind, float $dropM): float
    {
        return match ($kind->fallsAs()) {
            FallsAs::Curtain => self::meanSpeed($dropM),
            FallsAs::Sheet => sqrt(2 * Dispersion::GRAVITY * Limit::Drop->check($dropM, 'drop_m')),
            null => 0.0,
        };
    }

    /**
     * Speed in m/s of a curtain of water after a fall of so many metres: v^2 = v_t^2 (1 - e^-u), u = 2 g z / v_t^2, which is a free fall
     * slowed by a drag that goes as the square of the speed.
     *
     * @throws InvalidValue when the drop is not between 0.05 and 1000 m
     */
    public static function speedAtFoot(float $dropM): float
    {
        return self::TERMINAL_MS * sqrt(1 - exp(-self::reach($dropM)));
    }

    /**
     * The mean of that speed along the height, in closed form: 2 v_t (ln(1 + s) + u / 2 - s) / u with s the share of the terminal speed
     * at the foot. In a short fall it is two thirds of the speed at the foot.
     *
     * @throws InvalidValue when the drop is not between 0.05 and 1000 m
     */
    public static function meanSpeed(float $dropM): float
    {
        $reach = self::reach($dropM);
        $share = sqrt(1 - exp(-$reach));

        return 2 * self::TERMINAL_MS * (log(1 + $share) + $reach / 2 - $share) / $reach;
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
        return $this->texture->kept($this->speedMS * $seconds);
    }

    public function speedMS(): float
    {
        return $this->speedMS;
    }

    public function featureM(): float
    {
        return $this->texture->sizeM();
    }

    public function waves(float $seconds): ?float
    {
        return null;
    }

    /** u = 2 g z / v_t^2 */
    private static function reach(float $dropM): float
    {
        return 2 * Dispersion::GRAVITY * Limit::Drop->check($dropM, 'drop_m') / self::TERMINAL_MS ** 2;
    }
}
