<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * Water that breaks, on rocks, on a shore or on a ledge. Its white water is a texture carried by the bore at v = sqrt(g h), where waves of
 * height H break over a depth of h = H / 0.78 (McCowan 1894). And each wave whitens the rocks anew: a part b^2 of the variance belongs to
 * which waves came, with half a period as its correlation time,
 *
 *     C(t)^2 = (1 - b^2) C_flow(t)^2 + b^2 C_1(2 t / T)^2
 *
 * so that surf is painted for part of a second, silk for seconds, and a mist round the rocks until minutes have gone by.
 */
final readonly class Surf implements MovingWater
{
    /** The part of the variance that belongs to which waves came. Judgement, tuned to docs/numbers.md. */
    public const OF_THE_WAVES = 0.08;

    private function __construct(
        public float $periodS,
        public float $heightM,
        private Flow $foam,
    ) {
    }

    /**
     * @param  float  $heightM  of the breakers
     *
     * @throws InvalidValue when the period is not between 0.3 and 30 s, or the height not between 1 cm and 20 m
     */
    public static function of(float $periodS, float $heightM, Texture $foam): self
    {
        Limit::WavePeriod->check($periodS, 'peak_period_s');
        Limit::WaveHeight->check($heightM, 'significant_height_m');

        return new self($periodS, $heightM, Flow::ofTexture(sqrt(Dispersion::GRAVITY * Dispersion::breakerDepthM($heightM)), $foam));
    }

    public function textureKept(float $seconds): float
    {
        $ofWaves = Texture::contrast(2 * $seconds / $this->periodS);

        return sqrt((1 - self::OF_THE_WAVES) * $this->foam->textureKept($seconds) ** 2 + self::OF_THE_WAVES * $ofWaves ** 2);
    }

    /** Of the bore, in m/s. */
    public function speedMS(): float
    {
        return $this->foam->speedMS();
    }

    public function featureM(): float
    {
        return $this->foam->featureM();
    }

    public function waves(float $seconds): float
    {
        return $seconds / $this->periodS;
    }
}
