<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Files\Agenda;
use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Sky\SkyEvent;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VEvent;

/** An outing as iCalendar (RFC 5545): its schedule in words, and alarms for leaving home, first light and the time to leave. */
final class OutingCalendar
{
    /** First light is told of where it comes while one is there, or so long before. */
    private const DAWN_BEFORE_S = 7200;

    public static function of(PlannedOuting $plan): string
    {
        $calendar = Agenda::empty('Outing');
        $says = [];
        foreach ($plan->schedule->frames as $one) {
            $says[] = $plan->at($one->from)->format('H:i').' '.$one->composition->name.', '.$plan->compositions[$one->index]->look->value;
        }
        $outing = $plan->outing;
        Agenda::add(
            $calendar, $outing->place, 'outing-'.$outing->id, $plan->schedule->from, $plan->schedule->until,
            'Outing: '.$outing->place->name,
            [...$says, ...$outing->note === null ? [] : [$outing->note]],
        );
        $event = $calendar->select('VEVENT')[0] ?? null;
        if ($event instanceof VEvent) {
            $dawn = $plan->sky(SkyEvent::CivilDawn);
            self::alarm($event, $plan->leavesHome(), 'Leave home for '.$outing->place->name);
            $isNear = $dawn !== null && $dawn > $plan->schedule->from - self::DAWN_BEFORE_S && $dawn < $plan->schedule->until;
            self::alarm($event, $isNear ? $dawn : null, 'First light');
            self::alarm($event, $plan->schedule->until - 600, 'Ten minutes: pack and get off ('.$plan->untilWhy.')');
        }

        return $calendar->serialize();
    }

    private static function alarm(VEvent $event, ?float $unix, string $words): void
    {
        if ($unix !== null) {
            $at = (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z');
            $alarm = $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $words]);
            $alarm instanceof Component && $alarm->add('TRIGGER', $at, ['VALUE' => 'DATE-TIME']);
        }
    }
}
