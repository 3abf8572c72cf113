<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Tide\Level;
use GentlePour\Time\PlaceCalendar;

/** What a person waits for: tide, light and days. */
final readonly class WindowQuery
{
    /**
     * @param  array{float, float}|null  $sunAzimuth  degrees, clockwise from the first to the second
     * @param  float|null  $facingDeg  where the lens points, for the light of the scene
     * @param  bool  $daily  whether what goes on for more than a day (a midnight sun, a weekend) is a window of each day
     *
     * @throws InvalidValue when a figure is out of bounds or a range upside down
     */
    public function __construct(
        public Observer $observer,
        public PlaceCalendar $calendar,
        public ?Level $level = null,
        public Trend $trend = Trend::Any,
        public float $sunLeastDeg = -90.0,
        public float $sunMostDeg = 90.0,
        public float $minutesAtLeast = 10.0,
        public ?array $sunAzimuth = null,
        public SkyCondition $sky = SkyCondition::Clear,
        public ?float $facingDeg = null,
        public bool $daily = false,
    ) {
        Limit::SunAltitude->check($sunLeastDeg, 'sun.altitude_min_deg');
        Limit::SunAltitude->check($sunMostDeg, 'sun.altitude_max_deg');
        if ($sunLeastDeg > $sunMostDeg) {
            throw (new InvalidValue('The sun’s least altitude must not be above its greatest.'))->at('sun.altitude_min_deg');
        }
        if ($facingDeg !== null) {
            Limit::Facing->check($facingDeg, 'facing_deg');
        }
        Limit::WindowMinutes->check($minutesAtLeast, 'minutes_at_least');
    }

    public function asksForSun(): bool
    {
        return $this->sunLeastDeg > Limit::SunAltitude->least() || $this->sunMostDeg < Limit::SunAltitude->most()
            || $this->sunAzimuth !== null;
    }

    /** Whether nothing but the dark is wanted. */
    public function asksForDark(): bool
    {
        return $this->sunMostDeg <= LightPhase::Nautical->mostDeg();
    }

    public function asksForTide(): bool
    {
        return $this->level !== null || $this->trend !== Trend::Any;
    }
}
