<?php

declare(strict_types=1);

namespace App\Files;

use App\Forms\Position;
use App\Models\Place;
use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Motion\WaterBody;
use GentlePour\Outing\Cautions;
use Sabre\VObject\Component\VCalendar;

/** Events at a place as iCalendar (RFC 5545): times in UTC, where it is, an alarm two hours before, and the cautions. */
final class Agenda
{
    public static function empty(string $name): VCalendar
    {
        return new VCalendar(['PRODID' => "-//Gentle Pour//{$name}//EN"]);
    }

    /** @param  list<string>  $says  what is said of it before the cautions */
    public static function add(
        VCalendar $calendar, Place $place, string $uid, float $from, float $to, string $summary, array $says,
    ): void {
        $utc = new DateTimeZone('UTC');
        $at = static fn (float $unix): DateTimeImmutable => (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone($utc);
        $has = $place->latitude !== null;
        $cautions = $place->tide->hasTide() ? [Cautions::OF_A_TIDE, Cautions::atTheEdgeOf(WaterBody::Sea)] : [];
        $event = $calendar->createComponent('VEVENT', [
            'UID' => $uid.'@gentle-pour', 'SUMMARY' => $summary, 'DTSTART' => $at($from), 'DTEND' => $at($to), 'DTSTAMP' => $at($from),
            'DESCRIPTION' => implode("\n", [...$says, ...$cautions]),
            'LOCATION' => $has ? $place->name.' ('.Position::write((float) $place->latitude, (float) $place->longitude).')' : $place->name,
        ]);
        $calendar->add($event);
        if ($has) {
            $event->add('GEO', [$place->latitude, (float) $place->longitude]);
        }
        $event->add('VALARM', [
            'ACTION' => 'DISPLAY', 'TRIGGER' => '-PT2H',
            'DESCRIPTION' => $place->name.' in two hours. Check forecast and official tide table.',
        ]);
    }
}
