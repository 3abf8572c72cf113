<?php

declare(strict_types=1);

namespace App\Rooms\Outlook;

use App\Drawing\DayBoard;
use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use Illuminate\Contracts\View\View;

/** What is coming at all places: the home page. */
final class OutlookController
{
    private const DAYS = 30;

    private const SHOWN = 6;

    /** Golden and blue light, as altitudes of the sun. */
    private const LIGHT = [-6.0, 6.0];

    public function __construct(private readonly PlaceTide $tides)
    {
    }

    public function __invoke(): View
    {
        $places = Place::query()->with(['marks.sightings', 'outings', 'subjects'])->get()->sortBy('name');
        $next = [];
        foreach ($places as $place) {
            array_push($next, ...$this->windowsAt($place));
        }
        usort($next, static fn (array $a, array $b): int => $a['window']->from <=> $b['window']->from);
        $next = array_slice($next, 0, self::SHOWN);
        $outing = Outing::query()->with('place.marks.sightings', 'place.outings')->where('ends_at', '>', now())->oldest('starts_at')->first();
        $first = array_values(array_filter($next, static fn (array $one): bool => $one['mark'] !== null))[0] ?? $next[0] ?? null;
        $place = $outing->place ?? ($first['place'] ?? $places->first());

        return view('outlook', [
            'next' => $next, 'outing' => $outing, 'place' => $place, 'empty' => $places->isEmpty(),
            'board' => $place === null ? null : $this->board($place, $outing->starts_at ?? new DateTimeImmutable('@'.(int) ($first['window']->from ?? now()->getTimestamp()))),
        ]);
    }

    /** @return list<array{place: Place, mark: LevelMark|null, window: Window}> the next two for each mark in low light, or in low light alone inland */
    private function windowsAt(Place $place): array
    {
        $observer = $place->observer();
        if ($observer === null) {
            return [];
        }
        $from = 3600 * floor(now()->getTimestamp() / 3600);
        $to = $from + self::DAYS * 86400;
        $found = [];
        try {
            $curve = $this->tides->curve($place, $from, $to);
            foreach ($curve === null ? [null] : $place->marks as $mark) {
                $level = $mark?->level();
                if ($mark !== null && $level === null) {
                    continue;
                }
                $query = new WindowQuery($observer, $place->zone(), $level, sunLeastDeg: self::LIGHT[0], sunMostDeg: self::LIGHT[1], minutesAtLeast: 30);
                foreach (array_slice(WindowSearch::find($query, $curve, $from, $curve === null ? $from + 3 * 86400 : $to), 0, $curve === null ? 1 : 2) as $window) {
                    $found[] = ['place' => $place, 'mark' => $mark, 'window' => $window];
                }
            }
        } catch (InvalidValue) {
            return $found;
        }

        return $found;
    }

    private function board(Place $place, \DateTimeInterface $day): ?DayBoard
    {
        try {
            return DayBoard::of($place, DateTimeImmutable::createFromInterface($day), $this->tides);
        } catch (InvalidValue) {
            return null;
        }
    }
}
