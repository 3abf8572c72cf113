<?php

declare(strict_types=1);

namespace App\Rooms\Outlook;

use App\Files\Agenda;
use App\Household\FeedAddress;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Places\ComingWindows;
use Illuminate\Http\Response;

/** Outings and the next windows as a calendar that other programs read by a secret address, without signing in. */
final class CalendarFeed
{
    /** Outings that are over stay for so long. */
    private const BACK_DAYS = 30;

    public function __invoke(string $secret, FeedAddress $address, ComingWindows $windows): Response
    {
        abort_unless($address->is($secret), 404);
        $calendar = Agenda::empty('Outings and windows');
        $calendar->add('NAME', 'Gentle Pour');
        $calendar->add('REFRESH-INTERVAL', 'PT6H', ['VALUE' => 'DURATION']);
        $outings = Outing::query()->with('place')->where('ends_at', '>', now()->subDays(self::BACK_DAYS));
        foreach ($outings->oldest('starts_at')->get() as $outing) {
            [$from, $to] = [(float) $outing->starts_at->getTimestamp(), (float) $outing->ends_at->getTimestamp()];
            Agenda::add(
                $calendar, $outing->place, 'outing-'.$outing->id, $from, $to, 'Outing: '.$outing->place->name,
                $outing->note === null ? [] : [$outing->note],
            );
        }
        foreach ($windows->at(Place::query()->with(['marks.sightings'])->get()) as $one) {
            Agenda::add(
                $calendar, $one->place, sprintf('window-%d-%d-%d', $one->place->id, $one->mark->id ?? 0, (int) $one->window->from),
                $one->window->from, $one->window->to, $one->place->name.': '.($one->mark->name ?? 'low light'), [$one->window->why()],
            );
        }

        return new Response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, no-cache', 'X-Robots-Tag' => 'noindex',
        ]);
    }
}
