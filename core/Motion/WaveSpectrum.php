<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/**
 * The frequency spectrum S(w) of a sea in m^2 s: JONSWAP (Hasselmann et al. 1973), which for a peak enhancement of 1 is
 * Pierson-Moskowitz. Angular frequencies in rad/s. Its total variance is a sixteenth of the significant height squared.
 */
final readonly class WaveSpectrum
{
    public const WIND_SEA = 3.3;

    public const GROWN_SEA = 1.0;

    private function __construct(
        public float $peakRadS,
        public float $significantHeightM,
        public float $peakEnhancement,
    ) {
    }

    /** @throws InvalidValue when the period is not between 0.3 and 30 s, or the height not between 1 cm and 20 m */
    public static function ofPeriod(float $peakPeriodS, float $peakEnhancement = self::WIND_SEA, float $significantHeightM = 1.0): self
    {
        Limit::WavePeriod->check($peakPeriodS, 'peak_period_s');
        Limit::WaveHeight->check($significantHeightM, 'significant_height_m');
        Limit::PeakEnhancement->check($peakEnhancement, 'peak_enhancement');

        return new self(2 * M_PI / $peakPeriodS, $significantHeightM, $peakEnhancement);
    }

    /** The factor 1 - 0.287 ln(gamma) keeps the variance while the peak is raised (DNV-RP-C205, 3.5.5). */
    public function density(float $radS): float
    {
        $ratio = $radS / $this->peakRadS;
        $width = $ratio <= 1 ? 0.07 : 0.09;
        $peak = exp(-(($ratio - 1) ** 2) / (2 * $width ** 2));
        $scale = 5 / 16 * $this->significantHeightM ** 2 / $this->peakRadS * (1 - 0.287 * log($this->peakEnhancement));

        return $scale * $ratio ** -5 * exp(-1.25 * $ratio ** -4) * $this->peakEnhancement ** $peak;
    }

    public function periodS(): float
    {
        return 2 * M_PI / $this->peakRadS;
    }
}
