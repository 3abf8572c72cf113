<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Bounds;
use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Tide\Level;

/** What a person waits for: tide, light and days. */
final readonly class WindowQuery
{
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /**
     * @param  list<string>  $days  of the week, three letters; none for all
     * @param  array{int, int}|null  $minutesOfDay  local, from and to in minutes from midnight; over midnight when upside down
     * @param  array{float, float}|null  $sunAzimuth  degrees, clockwise from the first to the second
     *
     * @throws InvalidValue when a figure is out of bounds or a range upside down
     */
    public function __construct(
        public Observer $observer,
        public \DateTimeZone $timezone,
        public ?Level $level = null,
        public Trend $trend = Trend::Any,
        public float $sunLeastDeg = -90.0,
        public float $sunMostDeg = 90.0,
        public array $days = [],
        public ?array $minutesOfDay = null,
        public float $minutesAtLeast = 10.0,
        public ?array $sunAzimuth = null,
        public SkyCondition $sky = SkyCondition::Clear,
    ) {
        Bounds::of('The sun’s least altitude', -90, 90, '°')->check($sunLeastDeg, 'sun.altitude_min_deg');
        Bounds::of('The sun’s greatest altitude', -90, 90, '°')->check($sunMostDeg, 'sun.altitude_max_deg');
        if ($sunLeastDeg > $sunMostDeg) {
            throw (new InvalidValue('The sun’s least altitude must not be above its greatest.'))->at('sun.altitude_min_deg');
        }
        Bounds::of('The least minutes', 1, 1440, 'min')->check($minutesAtLeast, 'minutes_at_least');
        foreach ($days as $day) {
            if (! in_array($day, self::DAYS, true)) {
                throw InvalidValue::notOneOf('A day', $day, self::DAYS)->at('days');
            }
        }
    }

    public function asksForTide(): bool
    {
        return $this->level !== null || $this->trend !== Trend::Any;
    }
}
