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
    /** The height that a sea has where none is said. An open sea's, alone, changes nothing; that of surf sets its speed. */
    public const HEIGHT_M = 1.0;

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
        return match (true) {
            $this->kind->isOpenSea() => $this->sea($framing),
            $this->kind->isWaves() => $this->surf($framing),
            default => Flow::ofTexture($this->flowSpeed(), $this->texture($framing)),
        };
    }

    /** Whether what its kind needs was measured. */
    public function isMeasured(): bool
    {
        return $this->guessed() === [];
    }

    /**
     * What its kind needs and nobody has said.
     *
     * @return list<string> of peak_period_s, significant_height_m and speed_m_s
     */
    public function guessed(): array
    {
        $said = $this->kind->isWaves() ? [
            'peak_period_s' => $this->periodS !== null,
            'significant_height_m' => $this->heightM !== null || $this->kind->isOpenSea(),
        ] : ['speed_m_s' => $this->speedMS !== null || $this->float !== null || $this->dropM !== null];

        return array_keys($said, false, true);
    }

    /** The same, with what is usual for its kind where nothing was measured. */
    public function orUsual(): self
    {
        $guessed = $this->guessed();
        $usual = fn (string $field, ?float $said, float $usual): ?float => in_array($field, $guessed, true) ? $usual : $said;

        return new self(
            $this->kind, $usual('speed_m_s', $this->speedMS, $this->kind->usual()), $this->dropM, $this->float, $this->featureM,
            $usual('peak_period_s', $this->periodS, $this->kind->usual()),
            $usual('significant_height_m', $this->heightM, self::HEIGHT_M),
            $this->depthM, $this->chop, $this->shortestWaveM, $this->peakEnhancement,
        );
    }

    /** The depth in m at which a sea of its height breaks; null without a height. */
    public function breakerDepthM(): ?float
    {
        return $this->kind->isWaves() && $this->heightM !== null ? Dispersion::breakerDepthM($this->heightM) : null;
    }

    private function sea(Framing $framing): Waves
    {
        $seas = [WaveSpectrum::ofPeriod($this->period(), $this->peakEnhancement, $this->heightM ?? self::HEIGHT_M)];
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

        return Waves::ofSeas($seas, $framing, $this->shortestWaveM, $this->depthM ?? Dispersion::DEEP_M);
    }

    private function surf(Framing $framing): Surf
    {
        return Surf::of($this->period(), $this->heightM ?? self::HEIGHT_M, $this->texture($framing));
    }

    private function texture(Framing $framing): Texture
    {
        $sizes = $this->kind->sizesM() ?? throw new \LogicException('An open sea has no foam.');

        return $this->featureM === null ? Texture::between(...$sizes, framing: $framing) : Texture::ofOne($this->featureM, $framing);
    }

    private function period(): float
    {
        return $this->periodS ?? throw InvalidValue::missing('The wave period')->at('peak_period_s');
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
