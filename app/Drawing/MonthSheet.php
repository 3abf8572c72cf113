<?php

declare(strict_types=1);

namespace App\Drawing;

use DateTimeImmutable;
use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Window;

/** A month as an almanac draws it: a column a day, from midnight at the top to midnight at the foot. Places in px of the drawing. */
final readonly class MonthSheet
{
    public const LEFT = 64.0;

    public const COLUMN = 26.0;

    public const TOP = 38.0;

    public const HEIGHT = 132.0;

    /** Hours that are named at the side. */
    public const HOURS = [6, 12, 18];

    private const FRIDAY = 5;

    private const MOON_PX = 5.5;

    /** A window is no lower than this, so that it can be seen. */
    private const LEAST_PX = 4.0;

    /** The tide is drawn so far from the edges of its column. */
    private const MARGIN_PX = 3.0;

    /**
     * @param  array<string, string>  $dark  path data by the light’s phase
     * @param  list<MonthDay>  $days
     * @param  float|null  $todayX  where the day before today ends
     */
    private function __construct(
        public string $name,
        public string $year,
        public array $dark,
        public string $tide,
        public string $reached,
        public array $days,
        public ?float $todayX,
    ) {
    }

    /**
     * @param  non-empty-list<AlmanacDay>  $days  of one month, in order
     * @param  array{float, float}  $rangeM  lowest and highest that the tide is drawn
     * @param  callable(AlmanacDay): string  $said
     * @param  bool  $south  the moon is seen upside down there
     */
    public static function of(array $days, array $rangeM, AlmanacMarks $marks, callable $said, bool $south = false): self
    {
        $dark = [];
        $tide = $reached = '';
        $columns = [];
        $todayX = null;
        foreach ($days as $day) {
            $at = new DateTimeImmutable($day->date);
            $x = self::LEFT + self::COLUMN * ((int) $at->format('j') - 1);
            foreach (DarkHand::areas($day, static fn (float $from, float $to): string => self::area($x, $from, $to)) as $phase => $path) {
                $dark[$phase] = ($dark[$phase] ?? '').$path;
            }
            $tide .= self::tide($day, $x, $rangeM);
            $reached .= self::reached($day, $x, $rangeM);
            $todayX = $day->date === $marks->today ? $x : $todayX;
            $columns[] = new MonthDay(
                $x, $day->date, (int) $at->format('j'), (int) $at->format('N') > self::FRIDAY, $day->date < $marks->today, $said($day),
                MoonDisc::path($day->moonLit, $day->moonGrows !== $south, self::MOON_PX),
                array_map(static fn (Window $w): array => self::bar($day, $w), $day->windows),
                $marks->flags[$day->date] ?? '', $marks->keepers[$day->date] ?? 0, isset($marks->outings[$day->date]),
                $day->date === $marks->chosen,
            );
        }
        $first = new DateTimeImmutable($days[0]->date);

        return new self($first->format('M'), $first->format('Y'), $dark, $tide, $reached, $columns, $todayX);
    }

    public static function width(): float
    {
        return self::LEFT + 31 * self::COLUMN + 2;
    }

    public static function height(): float
    {
        return self::TOP + self::HEIGHT + 2;
    }

    public static function yOfHour(int $hour): float
    {
        return self::TOP + $hour / 24 * self::HEIGHT;
    }

    private static function y(float $share): float
    {
        return round(self::TOP + $share * self::HEIGHT, 1);
    }

    private static function area(float $x, float $from, float $to): string
    {
        return sprintf('M%g %gh%gV%gh-%gz', $x, self::y($from), self::COLUMN, self::y($to), self::COLUMN);
    }

    /** @return array{float, float} */
    private static function bar(AlmanacDay $day, Window $window): array
    {
        $top = self::y($day->share($window->from));

        return [$top, round(max(self::LEAST_PX, self::y($day->share($window->to)) - $top), 1)];
    }

    /** @param  array{float, float}  $rangeM */
    private static function xOfHeight(float $x, float $heightM, array $rangeM): float
    {
        $share = max(0.0, min(1.0, ($heightM - $rangeM[0]) / ($rangeM[1] - $rangeM[0])));

        return round($x + self::MARGIN_PX + $share * (self::COLUMN - 2 * self::MARGIN_PX), 1);
    }

    /** @param  array{float, float}  $rangeM */
    private static function tide(AlmanacDay $day, float $x, array $rangeM): string
    {
        $points = [];
        $last = count($day->heightsM) - 1;
        foreach ($day->heightsM as $i => $height) {
            $points[] = self::xOfHeight($x, $height, $rangeM).' '.self::y($i / $last);
        }

        return $points === [] ? '' : 'M'.implode('L', $points);
    }

    /**
     * Where the level holds: between the curve and the side of the column to which it lies.
     *
     * @param  array{float, float}  $rangeM
     */
    private static function reached(AlmanacDay $day, float $x, array $rangeM): string
    {
        $path = '';
        $last = count($day->heightsM) - 1;
        foreach ($last < 1 ? [] : $day->reached as [$from, $to]) {
            [$first, $end] = [$last * $day->share($from), $last * $day->share($to)];
            $places = [$first, ...array_filter(range(0, $last), static fn (int $i): bool => $i > $first && $i < $end), $end];
            $place = static fn (float $at): string => self::xOfHeight($x, self::heightAt($day, $at), $rangeM).' '.self::y($at / $last);
            $edge = array_map($place, $places);
            $level = self::xOfHeight($x, min(self::heightAt($day, $first), self::heightAt($day, $end)), $rangeM);
            $path .= 'M'.$level.' '.self::y($first / $last).'L'.implode('L', $edge).'L'.$level.' '.self::y($end / $last).'Z';
        }

        return $path;
    }

    private static function heightAt(AlmanacDay $day, float $place): float
    {
        $i = min(count($day->heightsM) - 2, (int) $place);

        return $day->heightsM[$i] + ($place - $i) * ($day->heightsM[$i + 1] - $day->heightsM[$i]);
    }
}
