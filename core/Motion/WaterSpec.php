<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;

/**
 * How one water was described: its kind and what was measured of it. Forms, commands, kept subjects and pictures all put their water
 * together here. What is not said is null. Speeds in m/s, lengths in m, times in s.
 */
final readonly class WaterSpec
{
    private const SHORTEST_WAVE_M = 0.3;

    /** The height that a sea has where none is said; alone, its height changes nothing. */
    private const HEIGHT_M = 1.0;

    /**
     * @param  float|null  $speedMS  of flowing water
     * @param  float|null  $dropM  of falling water, in place of its speed
     * @param  array{float, float}|null  $float  distance and time of a float, in place of its speed
     * @param  float|null  $featureM  size of its foam, where it is not the usual one
     * @param  float|null  $periodS  of the peak of the sea, or between uprushes
     * @param  array{float, float}|null  $chop  peak period and significant height of a wind chop on the sea
     */
    public function __construct(
        public WaterKind $kind,
        public ?float $speedMS = null,
        public ?float $dropM = null,
        public ?array $float = null,
        public ?float $featureM = null,
        public ?float $periodS = null,
        public ?float $heightM = null,
        public ?float $depthM = null,
        public ?array $chop = null,
        public ?float $shortestWaveM = null,
        public float $peakEnhancement = WaveSpectrum::WIND_SEA,
    ) {
    }

    /**
     * The water in a frame.
     *
     * @throws InvalidValue when what its kind needs is missing or out of bounds, at speed_m_s, drop_m, float.distance_m, float.seconds,
     *     feature_m,
     *                      peak_period_s, significant_height_m, depth_m, shortest_wave_m or chop.…
     */
    public function in(Framing $framing): MovingWater
    {
        return $this->kind->isWaves() ? $this->waves($framing) : $this->flow($framing);
    }

    /** Whether what its kind needs was measured. */
    public function isMeasured(): bool
    {
        return $this->kind->isWaves()
            ? $this->periodS !== null
            : $this->speedMS !== null || $this->float !== null || ($this->dropM !== null && $this->kind->falls());
    }

    /** The same, with what is usual for its kind where nothing was measured. */
    public function orUsual(): self
    {
        if ($this->isMeasured()) {
            return $this;
        }
        $waves = $this->kind->isWaves();

        return new self(
            $this->kind, $waves ? null : $this->kind->usual(), null, null, $this->featureM, $waves ? $this->kind->usual() : $this->periodS,
            $this->heightM, $this->depthM, $this->chop, $this->shortestWaveM, $this->peakEnhancement,
        );
    }

    /** The depth in m at which a sea of its height breaks; null without a height. */
    public function breakerDepthM(): ?float
    {
        return $this->kind->isWaves() && $this->heightM !== null ? Dispersion::breakerDepthM($this->heightM) : null;
    }

    private function waves(Framing $framing): Waves
    {
        $period = $this->periodS ?? throw InvalidValue::missing('The wave period')->at('peak_period_s');
        $seas = [WaveSpectrum::ofPeriod($period, $this->peakEnhancement, $this->heightM ?? self::HEIGHT_M)];
        if ($this->chop !== null) {
            if ($this->heightM === null) {
                throw (
                    new InvalidValue('Two seas can only be added when the significant height of each is given.')
                )->at('significant_height_m');
            }
            try {
                $seas[] = WaveSpectrum::ofPeriod($this->chop[0], WaveSpectrum::WIND_SEA, $this->chop[1]);
            } catch (InvalidValue $e) {
                throw $e->at('chop');
            }
        }

        return Waves::ofSeas($seas, $framing, $this->shortestWaveM ?? self::SHORTEST_WAVE_M, $this->depthM ?? Dispersion::DEEP_M);
    }

    private function flow(Framing $framing): Flow
    {
        return Flow::of($this->flowSpeed(), $this->featureM ?? (float) $this->kind->featureM(), $framing);
    }

    private function flowSpeed(): float
    {
        if ($this->float !== null) {
            try {
                return Flow::speedOfFloat(...$this->float);
            } catch (InvalidValue $e) {
                throw $e->at('float');
            }
        }
        if ($this->speedMS === null && $this->dropM !== null) {
            return $this->kind->falls()
                ? Flow::speedOfDrop($this->kind, $this->dropM)
                : throw (new InvalidValue('A '.$this->kind->label().' has no drop; give its speed or a timed float.'))->at('drop_m');
        }

        return $this->speedMS ?? throw InvalidValue::missing('The speed of the water')->at('speed_m_s');
    }
}
