<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Planning\AlmanacDay;
use GentlePour\Sky\LightPhase;

/**
 * The light of the hours, drawn by hand: the darker the sky, the closer the strokes. Each phase adds its own strokes to those of the
 * lighter ones, so that what is drawn below its upper bound adds up to the darkness.
 */
final class DarkHand
{
    /** Strokes of each phase in a cell of 12 by 8 px, as path data; those of lighter phases lie under them. */
    public static function strokes(LightPhase $phase): string
    {
        return match ($phase) {
            LightPhase::Day => '',
            LightPhase::Golden => 'M1 1h2',
            LightPhase::Blue => 'M6 5h5',
            LightPhase::Nautical => 'M3 1h7M0 5h4',
            LightPhase::Astronomical => 'M0 3h8M5 7h7',
            LightPhase::Night => 'M8 3h4M0 7h5M0 1h1M10 1h2',
        };
    }

    /** @return list<LightPhase> those that have strokes, the lightest first */
    public static function phases(): array
    {
        return array_reverse(array_values(array_filter(LightPhase::cases(), static fn (LightPhase $p): bool => self::strokes($p) !== '')));
    }

    /**
     * For each phase where its strokes go in a day.
     *
     * @param  callable(float, float): string  $area  path data of a span of the day, both ends as shares of it
     * @return array<string, string> path data by the phase’s value
     */
    public static function areas(AlmanacDay $day, callable $area): array
    {
        $paths = [];
        foreach ($day->sun === null ? [] : self::phases() as $phase) {
            $paths[$phase->value] = implode('', array_map(
                static fn (array $span): string => $area($day->share($span[0]), $day->share($span[1])),
                $day->sun?->spansBelow($phase->mostDeg()) ?? [],
            ));
        }

        return $paths;
    }
}
