<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\Position;

/** What somebody at home should know: where, until when, and what to do if nothing is heard. */
final class NoticeWords
{
    /** So long after one should be home somebody begins to worry, in seconds. */
    private const WORRY_S = 3600;

    public static function of(PlannedOuting $plan): string
    {
        $place = $plan->outing->place;
        $where = $place->latitude === null
            ? $place->name : $place->name.' ('.Position::write((float) $place->latitude, (float) $place->longitude).')';

        return sprintf(
            'I am photographing at %s on %s. There from %s, off it by %s, home by about %s. If you have heard nothing by %s, ring me; '
            .'if I do not answer, tell the emergency services (at the sea: the coastguard) this place and these times.',
            $where, $plan->at($plan->schedule->from)->format('l j F'), $plan->at($plan->schedule->from)->format('H:i'),
            $plan->at($plan->schedule->until)->format('H:i'), $plan->at($plan->homeBy())->format('H:i'),
            $plan->at($plan->homeBy() + self::WORRY_S)->format('H:i'),
        );
    }
}
