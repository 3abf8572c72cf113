<?php

declare(strict_types=1);

namespace App\Rooms\Outlook;

use App\Drawing\DayBoard;
use App\Household\Subjects;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Outings\OutingAhead;
use App\Rooms\Places\ComingWindow;
use App\Rooms\Places\ComingWindows;
use App\Rooms\Places\DayBoards;
use App\Rooms\Weather\PlaceForecasts;
use App\Rooms\Weather\RoughSea;
use DateTimeImmutable;
use DateTimeInterface;
use GentlePour\InvalidValue;
use GentlePour\Outing\Cautions;
use GentlePour\Sky\SkyEvent;
use Illuminate\Contracts\View\View;

/** What is coming at all places: the home page. */
final class OutlookController
{
    private const SHOWN = 7;

    public function __invoke(
        ComingWindows $windows, DayBoards $boards, Subjects $subjects, Unfinished $unfinished, OutingAhead $ahead,
        PlaceForecasts $forecasts, RoughSea $rough,
    ): View {
        $places = Place::query()->with(['marks.sightings', 'outings', 'subjects'])->get()->sortBy('name');
        $now = (float) now()->getTimestamp();
        $coming = $windows->at($places);
        // One's own places first; the sort keeps the order of time within each.
        usort($coming, static fn (ComingWindow $a, ComingWindow $b): int => $a->place->isMadeUp() <=> $b->place->isMadeUp());
        $next = array_slice($coming, 0, self::SHOWN);
        $outing = Outing::query()->with(
            'place.marks.sightings', 'place.outings',
        )->where('ends_at', '>', now())->oldest('starts_at')->first();
        $first = array_values(array_filter($next, static fn (ComingWindow $one): bool => $one->mark !== null))[0] ?? $next[0] ?? null;
        $place = $outing->place ?? $first->place ?? $places->first();
        $day = $outing->starts_at ?? new DateTimeImmutable('@'.(int) ($first->window->from ?? now()->getTimestamp()));

        return view('outlook.index', [
            'next' => $next,
            'unfinished' => $places->isEmpty() ? [] : $unfinished->all(),
            'outing' => $outing,
            'moments' => $outing !== null && $ahead->isNear($outing, $now) ? $ahead->moments($outing) : [],
            'rough' => $outing === null ? null : $rough->of(
                $outing->place, (float) $outing->starts_at->getTimestamp(), (float) $outing->ends_at->getTimestamp(),
            ),
            'now' => new DateTimeImmutable('@'.(int) $now),
            'weather' => array_map(
                static fn (ComingWindow $one): ?string => $forecasts->reader($one->place)->of($one->window->from, $one->window->to), $next,
            ),
            'place' => $place,
            'empty' => $places->isEmpty(),
            'isDemo' => $places->every(static fn (Place $one): bool => $one->isMadeUp()),
            'board' => $place === null ? null : self::board($boards, $place, $day),
            'events' => SkyEvent::cases(),
            'hasTide' => $places->contains(static fn (Place $one): bool => $one->tide->hasTide()),
            'edges' => array_map(Cautions::atTheEdgeOf(...), $subjects->waters()),
        ]);
    }

    /** A tide that cannot be had leaves the list without a drawing. */
    private static function board(DayBoards $boards, Place $place, DateTimeInterface $day): ?DayBoard
    {
        try {
            return $boards->of($place, DateTimeImmutable::createFromInterface($day));
        } catch (InvalidValue) {
            return null;
        }
    }
}
