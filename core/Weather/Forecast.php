<?php

declare(strict_types=1);

namespace GentlePour\Weather;

/** The weather of a place through the hours that a forecast knows, in order of time. */
final readonly class Forecast
{
    /** What is said of an instant holds for so long around it, in s. */
    private const HOLDS_S = 5400.0;

    /** @param  list<WeatherHour>  $hours */
    private function __construct(public array $hours)
    {
    }

    /** @param  list<WeatherHour>  $hours  in any order */
    public static function of(array $hours): self
    {
        usort($hours, static fn (WeatherHour $a, WeatherHour $b): int => $a->unix <=> $b->unix);

        return new self($hours);
    }

    /** Whether anything of it may hold in a span. */
    public function reaches(float $fromUnix, float $toUnix): bool
    {
        return $this->hours !== [] && $this->hours[0]->unix < $toUnix + self::HOLDS_S
            && $this->hours[count($this->hours) - 1]->unix > $fromUnix - self::HOLDS_S;
    }

    /** The hour that is nearest to an instant; null where it is further away than a forecast holds. */
    public function at(float $unix): ?WeatherHour
    {
        $best = null;
        foreach ($this->hours as $hour) {
            if (abs($hour->unix - $unix) <= self::HOLDS_S && ($best === null || abs($hour->unix - $unix) < abs($best->unix - $unix))) {
                $best = $hour;
            }
        }

        return $best;
    }

    /** @return list<WeatherHour> those of a span, with the one before and the one after it that still hold in it */
    public function between(float $fromUnix, float $toUnix): array
    {
        return array_values(array_filter(
            $this->hours, static fn (WeatherHour $h): bool => $h->unix > $fromUnix - self::HOLDS_S && $h->unix < $toUnix + self::HOLDS_S,
        ));
    }

    /**
     * Spans of a stretch of time in which it says the same thing: each hour holds half-way to its neighbours. Where it says nothing there
     * is none.
     *
     * @template T
     *
     * @param  callable(WeatherHour): (T|null)  $said
     * @return list<array{float, float, T}>
     */
    public function spans(float $fromUnix, float $toUnix, callable $said): array
    {
        $spans = [];
        $hours = $this->between($fromUnix, $toUnix);
        foreach ($hours as $i => $hour) {
            $from = max($fromUnix, $hour->unix - self::HOLDS_S, (($hours[$i - 1]->unix ?? -INF) + $hour->unix) / 2);
            $to = min($toUnix, $hour->unix + self::HOLDS_S, (($hours[$i + 1]->unix ?? INF) + $hour->unix) / 2);
            $what = $said($hour);
            if ($what === null || $from >= $to) {
                continue;
            }
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][2] === $what && abs($spans[$last][1] - $from) < 1) {
                $spans[$last][1] = $to;
            } else {
                $spans[] = [$from, $to, $what];
            }
        }

        return $spans;
    }
}
