<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Place;
use GentlePour\Csv;
use GentlePour\Planning\Window;
use GentlePour\Time\Instant;

/** Windows in open formats: iCalendar with UTC times, an alarm and the cautions; and CSV. */
final class WindowFiles
{
    /** @param  list<Window>  $windows */
    public static function calendar(Place $place, array $windows): string
    {
        $calendar = Agenda::empty('Windows');
        foreach ($windows as $window) {
            Agenda::add(
                $calendar, $place, sprintf('window-%d-%d', $place->id, (int) $window->from), $window->from, $window->to,
                $place->name.($window->highestM === null ? '' : sprintf(', tide to %.1f m', $window->highestM)), [$window->why()],
            );
        }

        return $calendar->serialize();
    }

    /** @param  list<Window>  $windows */
    public static function csv(Place $place, array $windows): string
    {
        $zone = $place->zone();
        $lines = [[
            'from', 'to', 'minutes', 'highest_m', 'trend', 'sun_altitude_from_deg', 'sun_altitude_to_deg', 'sun_azimuth_deg', 'ev100_from',
            'ev100_to', 'score', 'why',
        ]];
        foreach ($windows as $w) {
            $lines[] = [
                Instant::write($w->from, $zone), Instant::write($w->to, $zone), round($w->minutes()),
                $w->highestM === null ? '' : round($w->highestM, 2), $w->trend->value,
                round($w->sunAltitudeFromDeg, 1), round($w->sunAltitudeToDeg, 1), round($w->sunAzimuthDeg, 1), round($w->ev100From, 1),
                round($w->ev100To, 1), round($w->score(), 2), $w->why(),
            ];
        }

        return Csv::of($lines);
    }
}
