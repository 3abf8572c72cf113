<?php

declare(strict_types=1);

namespace App\Files;

use App\Forms\Position;
use App\Models\Place;
use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Motion\WaterBody;
use GentlePour\Outing\Cautions;
use GentlePour\Planning\Window;
use GentlePour\Time\Instant;
use Sabre\VObject\Component\VCalendar;

/** Windows in open formats: iCalendar with UTC times, an alarm and the cautions; and CSV. */
final class WindowFiles
{
    /** @param  list<Window>  $windows */
    public static function calendar(Place $place, array $windows): string
    {
        $utc = new DateTimeZone('UTC');
        $calendar = new VCalendar(['PRODID' => '-//Gentle Pour//Windows//EN']);
        foreach ($windows as $window) {
            $at = static fn (float $unix): DateTimeImmutable => (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone($utc);
            $event = $calendar->createComponent('VEVENT', [
                'UID' => sprintf('window-%d-%d@gentle-pour', $place->id, (int) $window->from),
                'SUMMARY' => $place->name.($window->highestM === null ? '' : sprintf(', tide to %.1f m', $window->highestM)),
                'DTSTART' => $at($window->from), 'DTEND' => $at($window->to), 'DTSTAMP' => $at($window->from),
                'DESCRIPTION' => implode("\n", [$window->why(), Cautions::OF_A_TIDE, Cautions::atTheEdgeOf(WaterBody::Sea)]),
                'LOCATION' => $place->latitude === null ? $place->name : $place->name.' ('.Position::write(
                    $place->latitude, (float) $place->longitude,
                ).')',
            ]);
            $calendar->add($event);
            if ($place->latitude !== null) {
                $event->add('GEO', [$place->latitude, (float) $place->longitude]);
            }
            $event->add(
                'VALARM',
                [
                    'ACTION' => 'DISPLAY', 'TRIGGER' => '-PT2H',
                    'DESCRIPTION' => $place->name.' in two hours. Check forecast and official tide table.',
                ],
            );
        }

        return $calendar->serialize();
    }

    /** @param  list<Window>  $windows */
    public static function csv(Place $place, array $windows): string
    {
        $zone = $place->zone();
        $file = fopen('php://memory', 'w+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv(
            $file,
            [
                'from', 'to', 'minutes', 'highest_m', 'trend', 'sun_altitude_from_deg', 'sun_altitude_to_deg', 'sun_azimuth_deg',
                'ev100_from', 'ev100_to', 'score', 'why',
            ],
        );
        foreach ($windows as $w) {
            fputcsv($file, [
                Instant::write($w->from, $zone), Instant::write($w->to, $zone), round($w->minutes()),
                $w->highestM === null ? '' : round($w->highestM, 2), $w->trend->value,
                round($w->sunAltitudeFromDeg, 1), round($w->sunAltitudeToDeg, 1), round($w->sunAzimuthDeg, 1), round($w->ev100From, 1),
                round($w->ev100To, 1), round($w->score(), 2), $w->why(),
            ]);
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }
}
