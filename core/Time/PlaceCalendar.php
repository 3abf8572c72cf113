<?php

declare(strict_types=1);

namespace GentlePour\Time;

use GentlePour\InvalidValue;

/** Days of the week and hours of the day by a place's own clock, daylight saving included. */
final readonly class PlaceCalendar
{
    private const DAY_MINUTES = 1440;

    private const DAY_S = 86400.0;

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
        [$start, $end] = $this->minutesOfDay ?? [0, self::DAY_MINUTES];
        $seconds = 60 * ($end <= $start ? $end + self::DAY_MINUTES - $start : $end - $start);
        $spans = [];
        foreach ($this->offsets($fromUnix, $toUnix) as [$begins, $ends, $offset]) {
            $midnight = self::DAY_S * (floor(($begins + $offset) / self::DAY_S) - 1) - $offset;
            for (; $midnight < $ends; $midnight += self::DAY_S) {
                $from = max($begins, $midnight + 60 * $start);
                $to = min($ends, $midnight + 60 * $start + $seconds);
                if ($from >= $to || ! $this->allowsDay($midnight + $offset)) {
                    continue;
                }
                $last = count($spans) - 1;
                if ($last >= 0 && $spans[$last][1] >= $from) {
                    $spans[$last][1] = max($spans[$last][1], $to);
                } else {
                    $spans[] = [$from, $to];
                }
            }
        }

        return $spans;
    }

    /**
     * What is longer than a day, cut at each midnight of the place's clock; the rest as it is.
     *
     * @param  list<array{float, float}>  $spans
     * @return list<array{float, float}>
     */
    public function daily(array $spans): array
    {
        $daily = [];
        foreach ($spans as [$from, $to]) {
            for ($isLong = $to - $from > self::DAY_S; $isLong; $from = $midnight) {
                $at = (new \DateTimeImmutable('@'.(int) floor($from)))->setTimezone($this->timezone);
                $midnight = (float) $at->modify('tomorrow')->getTimestamp();
                if ($midnight >= $to) {
                    break;
                }
                $daily[] = [$from, $midnight];
            }
            $daily[] = [$from, $to];
        }

        return $daily;
    }

    /** @param  float  $localMidnight  in s since 1970 by the place's clock */
    private function allowsDay(float $localMidnight): bool
    {
        return $this->days === [] || in_array(strtolower(gmdate('D', (int) $localMidnight)), $this->days, true);
    }

    /**
     * The stretches over which the clock does not change: an hour that comes twice is in two of them, one that is left out in none.
     *
     * @return list<array{float, float, int}> from, to, and what the clock is ahead of UTC by, in s
     */
    private function offsets(float $fromUnix, float $toUnix): array
    {
        if ($this->timezone->getLocation() === false) {
            // A bare offset never changes.
            return [[$fromUnix, $toUnix, $this->timezone->getOffset(new \DateTimeImmutable('@'.(int) floor($fromUnix)))]];
        }
        $changes = $this->timezone->getTransitions((int) floor($fromUnix), (int) ceil($toUnix));
        $stretches = [];
        foreach ($changes as $i => $change) {
            $until = (float) ($changes[$i + 1]['ts'] ?? $toUnix);
            $stretches[] = [max($fromUnix, (float) $change['ts']), min($toUnix, $until), $change['offset']];
        }

        return $stretches;
    }
}
