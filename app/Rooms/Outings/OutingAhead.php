<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Models\Outing;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;
use GentlePour\Outing\GetOff;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\SkyEvent;

/** What an outing that is near or under way waits for, in order: to leave home, to be there, its light, to get off. */
final readonly class OutingAhead
{
    /** So long before it starts it stands on top, in s. */
    private const NEAR_S = 36 * 3600;

    /** Light so long before and after it still belongs to it, in s. */
    private const LIGHT_S = 7200.0;

    /** What of the sky is waited for. */
    private const LIGHTS = [SkyEvent::CivilDawn, SkyEvent::Sunrise, SkyEvent::Sunset, SkyEvent::CivilDusk];

    /** The tide is reckoned from so long before, and so long after, in s. */
    private const AROUND_S = 6 * 3600.0;

    public function __construct(private PlaceTide $tides)
    {
    }

    public function isNear(Outing $outing, float $now): bool
    {
        return $outing->starts_at->getTimestamp() - $now < self::NEAR_S && $outing->ends_at->getTimestamp() > $now;
    }

    /**
     * @param  Outing  $outing  with its place
     * @return list<Moment>
     */
    public function moments(Outing $outing): array
    {
        [$from, $to] = [(float) $outing->starts_at->getTimestamp(), (float) $outing->ends_at->getTimestamp()];
        $moments = $outing->travel_minutes === null ? [] : [new Moment('leave home', $from - 60 * $outing->travel_minutes)];
        $moments[] = new Moment('be there', $from);
        $observer = $outing->place->observer();
        $sky = $observer === null ? null : DayOfSky::between($observer, $from - self::LIGHT_S, $to + self::LIGHT_S);
        foreach (self::LIGHTS as $event) {
            $at = $sky?->at($event);
            if ($at !== null) {
                $moments[] = new Moment($event->label(), $at);
            }
        }
        $getOff = $this->getOff($outing, $from, $to);
        $awash = $getOff?->awashUntilUnix;
        $moments[] = match (true) {
            $awash !== null => new Moment('awash by these numbers until', $awash, true, 'past'),
            $getOff !== null && $getOff->leaveUnix < $to => new Moment('get off by these numbers', $getOff->leaveUnix, true, 'past: leave'),
            default => new Moment('the end that you set', $to, true, 'past: leave'),
        };
        usort($moments, static fn (Moment $a, Moment $b): int => $a->unix <=> $b->unix);

        return $moments;
    }

    private function getOff(Outing $outing, float $from, float $to): ?GetOff
    {
        try {
            $tide = $this->tides->curve($outing->place, $from - self::AROUND_S, $to + self::AROUND_S);

            return $tide === null ? null : $this->tides->getOff($outing->place, $tide, $from);
        } catch (InvalidValue) {
            return null;
        }
    }
}
