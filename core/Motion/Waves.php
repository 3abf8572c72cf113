<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * Open water as a random sea. An open time t multiplies each component of angular frequency w by sinc(w t / 2); what the
 * eye reads as texture is slope, so with the weight k^2, which in deep water is w^4 / g^2,
 *
 *     C(t) = sqrt( integral S k^2 sinc^2(w t / 2) dw / integral S k^2 dw )
 *
 * from half the lowest peak frequency to that of the shortest wave that can be seen. Swell and wind chop add.
 */
final class Waves implements MovingWater
{
    private const CELLS = 256;

    /** A sea whose every wave is too fine to be seen is judged by its longest waves alone, up to this share of the peak. */
    private const LEAST_CUTOFF = 1.2;

    /** @var list<float> angular frequency at the middle of each cell */
    private array $radS = [];

    /** @var list<float> slope weight S k^2 of each cell, summing to 1 */
    private array $weight = [];

    private float $cellRadS;

    /** @param  non-empty-list<WaveSpectrum>  $seas the one that sets the rhythm first */
    private function __construct(
        private readonly array $seas,
        private readonly float $shortestWaveM,
        private readonly float $depthM,
    ) {
        $peaks = array_map(static fn (WaveSpectrum $s): float => $s->peakRadS, $seas);
        $lowest = 0.5 * min($peaks);
        $cutoff = max(self::LEAST_CUTOFF * max($peaks), Dispersion::radSOfWavelength($shortestWaveM, $depthM));
        $this->cellRadS = ($cutoff - $lowest) / self::CELLS;
        $total = 0.0;
        for ($i = 0; $i < self::CELLS; $i++) {
            $w = $lowest + ($i + 0.5) * $this->cellRadS;
            $density = 0.0;
            foreach ($seas as $sea) {
                $density += $w >= 0.5 * $sea->peakRadS ? $sea->density($w) : 0.0;
            }
            $slope = $density * Dispersion::waveNumber($w, $depthM) ** 2;
            $this->radS[] = $w;
            $this->weight[] = $slope;
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
        return self::ofSeas([WaveSpectrum::ofPeriod($peakPeriodS, $peakEnhancement)], $framing, $shortestWaveM);
    }

    /**
     * @param  non-empty-list<WaveSpectrum>  $seas  the one that sets the rhythm first
     * @param  float  $depthM  over a level bed; deep where not said
     *
     * @throws InvalidValue when the shortest wave is not between 5 cm and 500 m, or the depth not between 1 cm and 11 km
     */
    public static function ofSeas(array $seas, Framing $framing, float $shortestWaveM = 0.3, float $depthM = Dispersion::DEEP_M): self
    {
        Limit::ShortestWave->check($shortestWaveM, 'shortest_wave_m');
        Limit::Depth->check($depthM, 'depth_m');

        return new self($seas, max($shortestWaveM, $framing->visibleDetailM()), $depthM);
    }

    public function textureKept(float $seconds): float
    {
        if ($seconds <= 0) {
            return 1.0;
        }
        $kept = 0.0;
        foreach ($this->radS as $i => $w) {
            $kept += $this->weight[$i] * $this->sincSquared($w, $seconds);
        }

        return min(1.0, sqrt($kept));
    }

    /**
     * The sea in bins of equal slope variance, for drawing it: the angular frequencies of each bin and, for each open time, the
     * share of its amplitude that is left. Over all bins the shares add up, in squares, to the texture kept.
     *
     * @param  list<float>  $times  seconds
     * @return list<array{radS: array{float, float}, weight: float, kept: list<float>}>
     */
    public function bins(int $count, array $times): array
    {
        $bins = [];
        [$from, $held] = [0, 0.0];
        foreach ($this->weight as $i => $weight) {
            $held += $weight;
            if ($held < (count($bins) + 1) / $count - 1e-9 && $i < self::CELLS - 1) {
                continue;
            }
            $bins[] = $this->bin($from, $i, $times);
            $from = $i + 1;
        }

        return $bins;
    }

    /** Celerity of the peak of the first sea, in m/s. */
    public function speedMS(): float
    {
        return Dispersion::celerityMS($this->periodS(), $this->depthM);
    }

    public function featureM(): float
    {
        return $this->shortestWaveM;
    }

    public function waves(float $seconds): float
    {
        return $seconds / $this->periodS();
    }

    public function periodS(): float
    {
        return $this->seas[0]->periodS();
    }

    public function depthM(): float
    {
        return $this->depthM;
    }

    /**
     * @param  list<float>  $times
     * @return array{radS: array{float, float}, weight: float, kept: list<float>}
     */
    private function bin(int $from, int $to, array $times): array
    {
        $weight = array_sum(array_slice($this->weight, $from, $to - $from + 1));
        $kept = array_map(function (float $seconds) use ($from, $to, $weight): float {
            $sum = 0.0;
            for ($i = $from; $i <= $to; $i++) {
                $sum += $this->weight[$i] * $this->sincSquared($this->radS[$i], $seconds);
            }

            return $weight > 0 ? sqrt(max(0.0, $sum) / $weight) : 0.0;
        }, $times);

        return [
            'radS' => [$this->radS[$from] - $this->cellRadS / 2, $this->radS[$to] + $this->cellRadS / 2], 'weight' => $weight,
            'kept' => $kept,
        ];
    }

    /**
     * sinc^2(w t / 2), averaged over a cell. The weight is taken as constant over it and sin^2 is integrated in closed form, so
     * that open times of many waves, where sin^2 turns many times within a cell, come out as exactly as short ones.
     */
    private function sincSquared(float $radS, float $seconds): float
    {
        $phase = $radS * $seconds / 2;
        if ($phase < 0.05) {
            return 1 - $phase * $phase / 3;
        }
        $spread = $this->cellRadS / 2 * $seconds;
        $mean = $spread < 1e-4 ? 1.0 : sin($spread) / $spread;

        return 0.5 * (1 - cos(2 * $phase) * $mean) / ($phase * $phase);
    }
}
