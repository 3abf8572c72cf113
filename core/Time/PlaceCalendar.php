<?php

declare(strict_types=1);

namespace GentlePour\Time;

use GentlePour\InvalidValue;

/** Days of the week and hours of the day by a place's own clock, daylight saving included. */
final readonly class PlaceCalendar
{
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /**
     * @param  list<string>  $days  three letters each; none for all
     * @param  array{int, int}|null  $minutesOfDay  from and to in minutes from midnight; over midnight when upside down;
     *                                              null for the whole day
     *
     * @throws InvalidValue when there is no such day
     */
    public function __construct(
        private \DateTimeZone $timezone,
        private array $days = [],
        private ?array $minutesOfDay = null,
    ) {
        foreach ($days as $day) {
            if (! in_array($day, self::DAYS, true)) {
                throw InvalidValue::notOneOf('A day', $day, self::DAYS)->at('days');
            }
        }
    }

    /**
     * The spans it allows between two instants.
     *
     * @return list<array{float, float}>
     */
    public function spans(float $fromUnix, float $toUnix): array
    {
        if ($this->days === [] && $this->minutesOfDay === null) {
            return [[$fromUnix, $toUnix]];
        }
        [$start, $end] = $this->minutesOfDay ?? [0, 1440];
        $spans = [];
        $day = (new \DateTimeImmutable('@'.(int) floor($fromUnix)))->setTimezone($this->timezone)->setTime(0, 0)->modify('-1 day');
        for (; $day->getTimestamp() < $toUnix; $day = $day->modify('+1 day')) {
            if ($this->days !== [] && ! in_array(strtolower($day->format('D')), $this->days, true)) {
                continue;
            }
            $from = (float) $day->setTime(0, $start)->getTimestamp();
            $to = (float) ($end <= $start ? $day->modify('+1 day') : $day)->setTime(0, $end)->getTimestamp();
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][1] >= $from) {
                $spans[$last][1] = max($spans[$last][1], $to);
            } else {
                $spans[] = [$from, $to];
            }
        }

        return Spans::intersect($spans, [[$fromUnix, $toUnix]]);
    }
}
