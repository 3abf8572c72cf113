<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SunOfDay;
use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\TideCurve;

/** The days of a place one after the other, by its own clock, so that months can be looked at instead of read. */
final class Almanac
{
    /** The tide of a day is drawn from heights so many parts of a day apart: two hours, where no day has another length. */
    public const STEPS = 12;

    /**
     * @param  Observer|null  $observer  null where the place has no position: no light is drawn then
     * @param  TideCurve|null  $tide  over the whole span; none inland
     * @param  list<Window>  $windows  in order of time
     * @param  string  $first  the first day, YYYY-MM-DD
     * @return list<AlmanacDay>
     */
    public static function days(
        ?Observer $observer, DateTimeZone $zone, ?TideCurve $tide, ?Level $level, array $windows, string $first, int $count,
    ): array {
        $days = [];
        $midnight = new DateTimeImmutable($first, $zone);
        $reached = $tide === null || $level === null ? [] : array_map(
            static fn (LevelSpan $span): array => [$span->from, $span->to], $level->spans($tide),
        );
        $next = $span = 0;
        for ($i = 0; $i < $count; $i++, $midnight = $midnight->modify('+1 day')) {
            [$from, $to] = [(float) $midnight->getTimestamp(), (float) $midnight->modify('+1 day')->getTimestamp()];
            $own = [];
            for (; isset($windows[$next]) && $windows[$next]->from < $to; $next++) {
                if ($windows[$next]->from >= $from) {
                    $own[] = $windows[$next];
                }
            }
            for (; isset($reached[$span]) && $reached[$span][1] <= $from; $span++);
            $noon = ($from + $to) / 2;
            $lit = Moon::litShare(new Moment($noon));
            $days[] = new AlmanacDay(
                $midnight->format('Y-m-d'), $from, $to, $observer === null ? null : SunOfDay::of($observer, $from, $to),
                self::heights($tide, $from, $to), self::within($reached, $span, $from, $to), $lit,
                Moon::litShare(new Moment($noon + 86400)) > $lit, $own,
            );
        }

        return $days;
    }

    /**
     * The days on which a window begins before an instant.
     *
     * @param  list<AlmanacDay>  $days
     * @return list<AlmanacDay>
     */
    public static function withWindows(array $days, float $untilUnix): array
    {
        return array_values(array_filter(
            $days, static fn (AlmanacDay $d): bool => $d->windows !== [] && $d->windows[0]->from < $untilUnix,
        ));
    }

    /** @return list<float> */
    private static function heights(?TideCurve $tide, float $from, float $to): array
    {
        if ($tide === null || $from < $tide->from() || $to > $tide->to()) {
            return [];
        }
        $heights = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $heights[] = $tide->heightM($from + $i * ($to - $from) / self::STEPS);
        }

        return $heights;
    }

    /**
     * @param  list<array{float, float}>  $spans
     * @param  int  $first  of those that may lie in the day
     * @return list<array{float, float}>
     */
    private static function within(array $spans, int $first, float $from, float $to): array
    {
        $own = [];
        for ($i = $first; isset($spans[$i]) && $spans[$i][0] < $to; $i++) {
            $own[] = [max($from, $spans[$i][0]), min($to, $spans[$i][1])];
        }

        return $own;
    }
}
