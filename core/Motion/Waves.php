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
 * from half the lowest peak frequency to that of the shortest wave that can be seen, in cells even in the logarithm of w, so that the
 * peak of a long swell is as finely cut as its ripples. Swell and wind chop add.
 *
 * A single wave smears out when exactly one period of it is open and is half there again a little later. No sea is so regular, and nobody
 * can promise that moment: what is kept at a time is the most that any longer time would keep, so that C never grows.
 */
final class Waves implements MovingWater
{
    private const CELLS = 128;

    /** A sea whose every wave is too fine to be seen is judged by its longest waves alone, up to this share of the peak. */
    private const LEAST_CUTOFF = 1.2;

    /** The shortest wave that counts as texture, as a share of the frame's width, and between which lengths in m. Judgement. */
    private const SHORTEST_SHARE = 1 / 30;

    private const SHORTEST_M = [0.1, 3.0];

    /** Steps of a stop at which C is worked out; in between it is read off on a double logarithm. */
    private const STEPS_A_STOP = 12;

    /** The phase w t of the shortest wave at which nothing has moved, and that of the longest at which no wave is left in step. */
    private const STILL = 0.1;

    private const OUT_OF_STEP = 80.0;

    /** @var list<float> angular frequency at the middle of each cell, by its logarithm */
    private array $radS = [];

    /** @var list<float> slope weight S k^2 dw of each cell, summing to 1 */
    private array $weight = [];

    /** The width of a cell as a share of its frequency. */
    private float $cellShare;

    /** @var list<float> ln C at each step of the logarithm of time, from the first time on */
    private array $lnKept = [];

    private float $firstS;

    /** @param  non-empty-list<WaveSpectrum>  $seas the one that sets the rhythm first */
    private function __construct(
        private readonly array $seas,
        private readonly float $shortestWaveM,
        private readonly float $depthM,
    ) {
        $peaks = array_map(static fn (WaveSpectrum $s): float => $s->peakRadS, $seas);
        $lowest = 0.5 * min($peaks);
        $cutoff = max(self::LEAST_CUTOFF * max($peaks), Dispersion::radSOfWavelength($shortestWaveM, $depthM));
        $step = log($cutoff / $lowest) / self::CELLS;
        $this->cellShare = 2 * sinh($step / 2);
        $total = 0.0;
        for ($i = 0; $i < self::CELLS; $i++) {
            $w = $lowest * exp(($i + 0.5) * $step);
            $density = 0.0;
            foreach ($seas as $sea) {
                $density += $w >= 0.5 * $sea->peakRadS ? $sea->density($w) : 0.0;
            }
            $slope = $density * Dispersion::waveNumber($w, $depthM) ** 2 * $w;
            $this->radS[] = $w;
            $this->weight[] = $slope;
            $total += $slope;
        }
        $this->weight = array_map(static fn (float $slope): float => $slope / $total, $this->weight);
    }

    /**
     * @param  float|null  $shortestWaveM  the shortest wave counted as texture, raised to what the camera can see; a thirtieth of the
     *     frame, from 10 cm to 3 m, where it is not said
     *
     * @throws InvalidValue when the period is not between 0.3 and 30 s or the wave not between 5 cm and 500 m
     */
    public static function ofPeriod(
        float $peakPeriodS, Framing $framing, ?float $shortestWaveM = null, float $peakEnhancement = WaveSpectrum::WIND_SEA,
    ): self {
        return self::ofSeas([WaveSpectrum::ofPeriod($peakPeriodS, $peakEnhancement)], $framing, $shortestWaveM);
    }

    /**
     * @param  non-empty-list<WaveSpectrum>  $seas  the one that sets the rhythm first
     * @param  float|null  $shortestWaveM  as above
     * @param  float  $depthM  over a level bed; deep where not said
     *
     * @throws InvalidValue when the shortest wave is not between 5 cm and 500 m, or the depth not between 1 cm and 11 km
     */
    public static function ofSeas(
        array $seas, Framing $framing, ?float $shortestWaveM = null, float $depthM = Dispersion::DEEP_M,
    ): self {
        [$least, $most] = self::SHORTEST_M;
        $shortest = $shortestWaveM === null
            ? max($least, min($most, self::SHORTEST_SHARE * $framing->widthM()))
            : Limit::ShortestWave->check($shortestWaveM, 'shortest_wave_m');
        Limit::Depth->check($depthM, 'depth_m');

        return new self($seas, max($shortest, $framing->visibleDetailM()), $depthM);
    }

    public function textureKept(float $seconds): float
    {
        if ($seconds <= 0) {
            return 1.0;
        }
        $this->lnKept === [] ? $this->work() : null;
        if ($seconds <= $this->firstS) {
            // So short that 1 - C grows as the square of the time.
            return 1 - (1 - exp($this->lnKept[0])) * ($seconds / $this->firstS) ** 2;
        }
        $place = self::STEPS_A_STOP * log($seconds / $this->firstS, 2);
        $step = (int) $place;
        $last = count($this->lnKept) - 1;
        if ($step >= $last) {
            // So long that every wave has turned many times: as one over the time.
            return exp($this->lnKept[$last]) * 2 ** (($last - $place) / self::STEPS_A_STOP);
        }

        return exp($this->lnKept[$step] + ($place - $step) * ($this->lnKept[$step + 1] - $this->lnKept[$step]));
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
        $ratios = array_map(fn (float $seconds): float => $this->textureKept($seconds) / max(1e-300, $this->integral($seconds)), $times);
        $bins = [];
        [$from, $held] = [0, 0.0];
        foreach ($this->weight as $i => $weight) {
            $held += $weight;
            if ($held < (count($bins) + 1) / $count - 1e-9 && $i < self::CELLS - 1) {
                continue;
            }
            $bins[] = $this->bin($from, $i, $times, $ratios);
            $from = $i + 1;
        }

        return $bins;
    }

    /** What the integral gives at one time, before what longer times keep is looked at. */
    private function integral(float $seconds): float
    {
        $kept = 0.0;
        foreach ($this->radS as $i => $w) {
            $kept += $this->weight[$i] * $this->sincSquared($w, $seconds);
        }

        return min(1.0, sqrt($kept));
    }

    /**
     * C at every step from where the shortest wave hardly moves to where not even the longest are in step any more, which from then on is
     * as one over the time; and, from the end, the most that any longer time keeps.
     */
    private function work(): void
    {
        $this->firstS = self::STILL / $this->radS[self::CELLS - 1];
        $lastS = self::OUT_OF_STEP / $this->radS[0];
        $steps = (int) ceil(self::STEPS_A_STOP * log($lastS / $this->firstS, 2));
        $most = -INF;
        $lnKept = [];
        for ($i = $steps; $i >= 0; $i--) {
            $most = max($most, log($this->integral($this->firstS * 2 ** ($i / self::STEPS_A_STOP))));
            $lnKept[] = $most;
        }
        $this->lnKept = array_reverse($lnKept);
    }

    /**
     * The share that an open time leaves of the rise and fall of the water at one place: as C, without the weight of slope.
     */
    public function levelKept(float $seconds): float
    {
        $all = $left = 0.0;
        foreach ($this->radS as $i => $w) {
            $energy = $this->weight[$i] / Dispersion::waveNumber($w, $this->depthM) ** 2;
            $all += $energy;
            $left += $energy * $this->sincSquared($w, $seconds);
        }

        return min(1.0, sqrt($left / $all));
    }

    /** Of all its seas together, in m. */
    public function significantHeightM(): float
    {
        return sqrt(array_sum(array_map(static fn (WaveSpectrum $s): float => $s->significantHeightM ** 2, $this->seas)));
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
     * @param  list<float>  $ratios  of what is kept at each time to what the integral gives
     * @return array{radS: array{float, float}, weight: float, kept: list<float>}
     */
    private function bin(int $from, int $to, array $times, array $ratios): array
    {
        $weight = array_sum(array_slice($this->weight, $from, $to - $from + 1));
        $kept = array_map(function (float $seconds, float $ratio) use ($from, $to, $weight): float {
            $sum = 0.0;
            for ($i = $from; $i <= $to; $i++) {
                $sum += $this->weight[$i] * $this->sincSquared($this->radS[$i], $seconds);
            }

            return $weight > 0 ? $ratio * sqrt(max(0.0, $sum) / $weight) : 0.0;
        }, $times, $ratios);

        return [
            'radS' => [$this->edge($from), $this->edge($to + 1)], 'weight' => $weight, 'kept' => $kept,
        ];
    }

    /** Angular frequency at which a cell begins. */
    private function edge(int $cell): float
    {
        $step = log($this->radS[1] / $this->radS[0]);

        return $this->radS[0] * exp(($cell - 0.5) * $step);
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
        $spread = $radS * $this->cellShare / 2 * $seconds;
        $mean = $spread < 1e-4 ? 1.0 : sin($spread) / $spread;

        return 0.5 * (1 - cos(2 * $phase) * $mean) / ($phase * $phase);
    }
}
