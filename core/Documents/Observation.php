<?php

declare(strict_types=1);

namespace GentlePour\Documents;

/** What a buoy or a forecast says of one instant. Null is what it does not say. */
final readonly class Observation
{
    /** T_p / T_z of a JONSWAP sea of gamma 3.3 (DNV-RP-C205, 3.5.5). */
    private const PEAK_OVER_MEAN = 1.286;

    public function __construct(
        public float $unix,
        public ?float $significantHeightM = null,
        public ?float $peakPeriodS = null,
        public ?float $meanPeriodS = null,
        public ?float $fromDeg = null,
        public ?float $windMS = null,
        public ?float $windFromDeg = null,
        public ?float $pressureHpa = null,
        public ?float $airC = null,
        public ?float $waterC = null,
        public ?float $dewPointC = null,
        public ?float $lowCloudPercent = null,
        public ?float $middleCloudPercent = null,
        public ?float $highCloudPercent = null,
        public ?float $cloudPercent = null,
        public ?float $rainMm = null,
    ) {
    }

    /** The period that texture is judged by: the peak's, or where that is not said what the mean zero-crossing period tells of it. */
    public function periodS(): ?float
    {
        return $this->peakPeriodS ?? ($this->meanPeriodS === null ? null : self::PEAK_OVER_MEAN * $this->meanPeriodS);
    }

    public function saysAnything(): bool
    {
        return array_filter(
            get_object_vars($this), static fn (mixed $v, string $k): bool => $k !== 'unix' && $v !== null, ARRAY_FILTER_USE_BOTH,
        ) !== [];
    }
}
