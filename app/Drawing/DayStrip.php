<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Window;

/** One day of an almanac lying down, from midnight at the left to midnight at the right. Places in px of the drawing. */
final readonly class DayStrip
{
    public const WIDTH = 300.0;

    private const LEAST_PX = 4.0;

    private const MARGIN_PX = 4.0;

    /**
     * @param  array<string, string>  $dark  path data by the light’s phase
     * @param  list<array{float, float}>  $windows  left and width of each
     * @param  float|null  $levelY  of the wanted level
     */
    private function __construct(
        public float $height,
        public array $dark,
        public string $tide,
        public string $water,
        public array $windows,
        public ?float $levelY,
    ) {
    }

    /** @param  array{float, float}  $rangeM  lowest and highest that the tide is drawn */
    public static function of(AlmanacDay $day, array $rangeM, float $height, ?float $levelM = null): self
    {
        $line = self::line($day, $rangeM, $height);

        return new self(
            $height, DarkHand::areas($day, static fn (float $from, float $to): string => sprintf(
                'M%g 0H%gV%gH%gz', self::x($from), self::x($to), $height, self::x($from),
            )),
            $line === '' ? '' : "M{$line}", $line === '' ? '' : sprintf('M%sL%g %gL0 %gZ', $line, self::WIDTH, $height, $height),
            array_map(static fn (Window $w): array => self::bar($day, $w), $day->windows),
            $levelM === null || $line === '' ? null : self::y($levelM, $rangeM, $height),
        );
    }

    /**
     * Its tide alone, as path data: of a day on which nothing is good.
     *
     * @param  array{float, float}  $rangeM
     */
    public static function tideOf(AlmanacDay $day, array $rangeM, float $height): string
    {
        $line = self::line($day, $rangeM, $height);

        return $line === '' ? '' : "M{$line}";
    }

    /** @param  array{float, float}  $rangeM */
    private static function line(AlmanacDay $day, array $rangeM, float $height): string
    {
        $last = count($day->heightsM) - 1;
        $points = [];
        foreach ($day->heightsM as $i => $m) {
            $points[] = [$i / $last * self::WIDTH, self::y($m, $rangeM, $height)];
        }

        return self::smooth($points);
    }

    /** @param  array{float, float}  $rangeM */
    private static function y(float $m, array $rangeM, float $height): float
    {
        $share = max(0.0, min(1.0, ($m - $rangeM[0]) / ($rangeM[1] - $rangeM[0])));

        return round($height - self::MARGIN_PX - $share * ($height - 2 * self::MARGIN_PX), 1);
    }

    /**
     * A curve through all of them: Catmull and Rom’s spline (1974) as Bézier’s cubics.
     *
     * @param  list<array{float, float}>  $points
     */
    private static function smooth(array $points): string
    {
        $path = '';
        foreach ($points as $i => [$x, $y]) {
            [$before, $next] = [$points[$i - 1] ?? $points[$i], $points[$i + 1] ?? null];
            $after = $points[$i + 2] ?? $next;
            $path .= $i === 0 ? sprintf('%.1f %.1f', $x, $y) : '';
            if ($next !== null && $after !== null) {
                $path .= sprintf(
                    'C%.1f %.1f %.1f %.1f %.1f %.1f', $x + ($next[0] - $before[0]) / 6, $y + ($next[1] - $before[1]) / 6,
                    $next[0] - ($after[0] - $x) / 6, $next[1] - ($after[1] - $y) / 6, $next[0], $next[1],
                );
            }
        }

        return $path;
    }

    /** Where words leave its windows free: right of those of the morning, left of those of the evening, else in the middle. */
    public function roomFor(): string
    {
        $middles = array_map(static fn (array $bar): float => $bar[0] + $bar[1] / 2, $this->windows);

        return match (true) {
            $middles === [] || (min($middles) < self::WIDTH / 2 && max($middles) >= self::WIDTH / 2) => 'middle',
            max($middles) < self::WIDTH / 2 => 'right',
            default => 'left',
        };
    }

    /** @return array{float, float} */
    private static function bar(AlmanacDay $day, Window $window): array
    {
        [$from, $to] = [self::x($day->share($window->from)), self::x($day->share($window->to))];

        return [$from, max(self::LEAST_PX, round($to - $from, 1))];
    }

    public static function x(float $share): float
    {
        return round($share * self::WIDTH, 1);
    }
}
