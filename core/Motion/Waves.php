<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Bounds;
use GentlePour\InvalidValue;

/**
 * Open water as a random sea. An open time t multiplies each component of angular frequency w by sinc(w t / 2); what the
 * eye reads as texture is slope, so with the weight w^4
 *
 *     C(t) = sqrt( integral S w^4 sinc^2(w t / 2) dw / integral S w^4 dw )
 *
 * from half the peak frequency to w_c = sqrt(2 pi g / lambda_c) of the shortest wave that can be seen.
 */
final class Waves implements MovingWater
{
    private const GRAVITY = 9.80665;

    private const CELLS = 256;

    /** A sea whose every wave is too fine to be seen is judged by its longest waves alone, up to this share of the peak. */
    private const LEAST_CUTOFF = 1.2;

    /** @var list<float> angular frequency at the middle of each cell */
    private array $radS = [];

    /** @var list<float> slope weight S w^4 of each cell, summing to 1 */
    private array $weight = [];

    private float $cellRadS;

    private function __construct(
        private readonly float $periodS,
        private readonly float $shortestWaveM,
        WaveSpectrum $spectrum,
    ) {
        $peak = 2 * M_PI / $periodS;
        $cutoff = max(self::LEAST_CUTOFF * $peak, sqrt(2 * M_PI * self::GRAVITY / $shortestWaveM));
        $this->cellRadS = ($cutoff - 0.5 * $peak) / self::CELLS;
        $total = 0.0;
        for ($i = 0; $i < self::CELLS; $i++) {
            $w = 0.5 * $peak + ($i + 0.5) * $this->cellRadS;
            $this->radS[] = $w;
            $this->weight[] = $slope = $spectrum->density($w) * $w ** 4;
            $total += $slope;
        }
        $this->weight = array_map(static fn (float $slope): float => $slope / $total, $this->weight);
    }

    /**
     * @param  float  $shortestWaveM  the shortest wave counted as texture; raised to what the camera can see
     *
     * @throws InvalidValue when the period is not between 0.3 and 30 s or the wave not between 5 cm and 500 m
     */
    public static function ofPeriod(
        float $peakPeriodS, Framing $framing, float $shortestWaveM = 0.3, float $peakEnhancement = WaveSpectrum::WIND_SEA,
    ): self {
        Bounds::of('The wave period', 0.3, 30, 's')->check($peakPeriodS, 'peak_period_s');
        Bounds::of('The shortest wave', 0.05, 500, 'm')->check($shortestWaveM, 'shortest_wave_m');

        return new self($peakPeriodS, max($shortestWaveM, $framing->visibleDetailM()), WaveSpectrum::ofPeriod($peakPeriodS, $peakEnhancement));
    }

    /**
     * The weight is taken as constant over a cell and sin^2 is integrated over it in closed form, so that open times of
     * many waves, where sin^2 turns many times within a cell, come out as exactly as short ones.
     */
    public function textureKept(float $seconds): float
    {
        if ($seconds <= 0) {
            return 1.0;
        }
        $kept = 0.0;
        $half = $this->cellRadS / 2;
        $spread = $half * $seconds;
        $mean = $spread < 1e-4 ? 1.0 : sin($spread) / $spread;
        foreach ($this->radS as $i => $w) {
            $phase = $w * $seconds / 2;
            $sinSquared = $phase < 0.05 ? $phase * $phase * (1 - $phase * $phase / 3) : 0.5 * (1 - cos(2 * $phase) * $mean);
            $kept += $this->weight[$i] * $sinSquared / ($phase * $phase);
        }

        return min(1.0, sqrt($kept));
    }

    /** Deep-water celerity of the peak, g T / 2 pi. */
    public function speedMS(): float
    {
        return self::GRAVITY * $this->periodS / (2 * M_PI);
    }

    public function featureM(): float
    {
        return $this->shortestWaveM;
    }

    public function waves(float $seconds): float
    {
        return $seconds / $this->periodS;
    }
}
