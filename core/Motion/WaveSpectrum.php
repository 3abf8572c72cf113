<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/**
 * The shape of a sea's frequency spectrum S(w), up to a constant factor: JONSWAP (Hasselmann et al. 1973), which for a
 * peak enhancement of 1 is Pierson-Moskowitz. Angular frequencies in rad/s.
 */
final readonly class WaveSpectrum
{
    public const WIND_SEA = 3.3;

    public const GROWN_SEA = 1.0;

    public function __construct(
        public float $peakRadS,
        public float $peakEnhancement = self::WIND_SEA,
    ) {
    }

    public static function ofPeriod(float $peakPeriodS, float $peakEnhancement = self::WIND_SEA): self
    {
        return new self(2 * M_PI / $peakPeriodS, $peakEnhancement);
    }

    public function density(float $radS): float
    {
        $ratio = $radS / $this->peakRadS;
        $width = $ratio <= 1 ? 0.07 : 0.09;
        $peak = exp(-(($ratio - 1) ** 2) / (2 * $width ** 2));

        return $ratio ** -5 * exp(-1.25 * $ratio ** -4) * $this->peakEnhancement ** $peak;
    }
}
