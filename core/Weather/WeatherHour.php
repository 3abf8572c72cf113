<?php

declare(strict_types=1);

namespace GentlePour\Weather;

use GentlePour\Measuring\CloudBase;
use GentlePour\Sky\SkyCondition;

/**
 * What a forecast says of one instant; null is what it does not say. Cover in hundredths of the sky, wind at ten metres in m/s and where it
 * comes from in degrees, rain in mm an hour, temperatures in °C, waves as significant height in m and peak period in s.
 */
final readonly class WeatherHour
{
    /** High cloud lets most of the light through: this share of it counts. Judgement. */
    private const HIGH_COUNTS = 0.4;

    /**
     * Shares of the sky from which on it is no longer clear, only hazy, and no longer broken. Judgement, after the eighths of observers.
     */
    private const HAZY_FROM = 0.25;

    private const CLOUDY_FROM = 0.5;

    private const OVERCAST_FROM = 0.875;

    /** From this rain on the cloud above is thick, in mm an hour; less than the other is none. Common practice. */
    private const HEAVY_MM = 0.5;

    private const WET_MM = 0.1;

    /** Wind grows with height as its seventh root (Hellmann 1916, over open land), up to where the ground no longer slows it, in m. */
    private const POWER = 1 / 7;

    private const FREE_M = 1000.0;

    private const MEASURED_AT_M = 10.0;

    public function __construct(
        public float $unix,
        public ?float $lowCloud = null,
        public ?float $middleCloud = null,
        public ?float $highCloud = null,
        public ?float $cloud = null,
        public ?float $windMS = null,
        public ?float $windFromDeg = null,
        public ?float $rainMm = null,
        public ?float $airC = null,
        public ?float $dewPointC = null,
        public ?float $heightM = null,
        public ?float $periodS = null,
        public ?float $wavesFromDeg = null,
    ) {
    }

    /**
     * How much of the sky is covered by what takes light, 0 to 1: layers lie over one another by chance, and high cloud counts less. Of a
     * forecast that knows no layers, its whole cover. Null where it says nothing of clouds.
     */
    public function cover(): ?float
    {
        $layers = [$this->lowCloud, $this->middleCloud, $this->highCloud === null ? null : self::HIGH_COUNTS * $this->highCloud];
        $known = array_filter($layers, static fn (?float $share): bool => $share !== null);

        return $known === []
            ? ($this->cloud === null ? null : $this->cloud / 100)
            : 1 - array_product(array_map(static fn (float $share): float => 1 - $share / 100, $known));
    }

    public function sky(): ?SkyCondition
    {
        $cover = $this->cover();

        return match (true) {
            $cover === null => null,
            $cover >= self::OVERCAST_FROM => $this->rainMm >= self::HEAVY_MM ? SkyCondition::Heavy : SkyCondition::Overcast,
            $cover >= self::CLOUDY_FROM => SkyCondition::Cloudy,
            $cover >= self::HAZY_FROM => SkyCondition::Hazy,
            default => SkyCondition::Clear,
        };
    }

    public function isWet(): bool
    {
        return $this->rainMm >= self::WET_MM;
    }

    public function fog(): FogChance
    {
        return $this->airC === null || $this->dewPointC === null || $this->windMS === null
            ? FogChance::None : FogChance::of(max(0.0, $this->airC - $this->dewPointC), $this->windMS);
    }

    /** Base of heaped cloud in m over the ground; null where temperature or dew point are not said. */
    public function cloudBaseM(): ?float
    {
        return $this->airC === null || $this->dewPointC === null
            ? null : CloudBase::ofDewPoint($this->airC, min($this->dewPointC, $this->airC));
    }

    /** How fast low cloud drifts, in m/s: the wind at its base, by the wind at the ground; null where either is not known. */
    public function cloudSpeedMS(): ?float
    {
        $base = $this->cloudBaseM();

        return $base === null || $this->windMS === null
            ? null : $this->windMS * (max(self::MEASURED_AT_M, min(self::FREE_M, $base)) / self::MEASURED_AT_M) ** self::POWER;
    }
}
