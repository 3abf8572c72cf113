<?php

declare(strict_types=1);

namespace GentlePour\Documents;

/** What a buoy or a forecast says of one instant. Null is what it does not say. */
final readonly class Observation
{
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
    ) {
    }

    /** The period that texture is judged by: the peak's, or where that is not said the mean's times 1.2 (JONSWAP; common practice). */
    public function periodS(): ?float
    {
        return $this->peakPeriodS ?? ($this->meanPeriodS === null ? null : 1.2 * $this->meanPeriodS);
    }

    public function saysAnything(): bool
    {
        return array_filter(
            get_object_vars($this), static fn (mixed $v, string $k): bool => $k !== 'unix' && $v !== null, ARRAY_FILTER_USE_BOTH,
        ) !== [];
    }
}
