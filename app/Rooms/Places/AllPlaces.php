<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\CoastMap;
use App\Drawing\DayStrip;
use App\Models\Place;
use App\Tide\CoastAtlas;
use App\Tide\KeptOfPlace;
use DateTimeImmutable;
use GentlePour\Tide\Station;
use GentlePour\Tide\TideEvent;
use GentlePour\Units;
use Illuminate\Database\Eloquent\Collection;

/** All places: where they lie to one another, each with its day and when it is good next. */
final readonly class AllPlaces
{
    /** Places further from the others than this are not on the map with them, in km. */
    private const TOGETHER_KM = 250.0;

    private const ROOM = 1.25;

    private const LEAST_KM = 8.0;

    private const TURNS = 2;

    public function __construct(
        private ComingWindows $windows, private DrawnDay $days, private CoastAtlas $atlas, private Units $units,
    ) {
    }

    /**
     * @param  Collection<int, Place>  $places  with their marks and sightings
     * @return list<PlaceRow>
     */
    public function rows(Collection $places): array
    {
        $next = [];
        foreach ($this->windows->at($places) as $coming) {
            $next[$coming->place->id] ??= $coming;
        }

        return array_values($places->map(fn (Place $place): PlaceRow => $this->row($place, $next[$place->id] ?? null))->all());
    }

    /**
     * Null where no two places lie together.
     *
     * @param  Collection<int, Place>  $places
     */
    public function map(Collection $places): ?CoastMap
    {
        $known = $places->filter(static fn (Place $p): bool => $p->latitude !== null && $p->longitude !== null)->values();
        $first = $known->first();
        if ($first === null) {
            return null;
        }
        $km = static fn (Place $p, float $latitude, float $longitude): float => Station::haversineKm(
            (float) $p->latitude, (float) $p->longitude, $latitude, $longitude,
        );
        $together = $known->filter(
            static fn (Place $p): bool => $km($p, (float) $first->latitude, (float) $first->longitude) < self::TOGETHER_KM,
        );
        if ($together->count() < 2) {
            return null;
        }
        [$latitude, $longitude] = [
            ((float) $together->min('latitude') + (float) $together->max('latitude')) / 2,
            ((float) $together->min('longitude') + (float) $together->max('longitude')) / 2,
        ];
        $furthest = (float) $together->map(static fn (Place $p): float => $km($p, $latitude, $longitude))->max();
        $around = max(self::LEAST_KM, self::ROOM * $furthest);

        $named = array_values($together->map(
            static fn (Place $p): array => [$p->name, (float) $p->latitude, (float) $p->longitude, true],
        )->all());

        return KeptOfPlace::get('map', $first, $named, fn (): CoastMap => new CoastMap(
            $this->atlas->around(...CoastMap::window($latitude, $longitude, $around)), '', $latitude, $longitude, $around, $named,
        ), CoastMap::class);
    }

    private function row(Place $place, ?ComingWindow $next): PlaceRow
    {
        $now = (float) now()->getTimestamp();
        [$from, $to] = DrawnDay::around($place, $now);
        $windows = $next === null ? [] : [$next->window];
        [$strip, $events] = KeptOfPlace::get(
            'strip', $place, [$from, $windows], fn (): array => $this->days->of($place, $windows, $from, $to),
            DayStrip::class, DrawnDay::class,
        );

        return new PlaceRow(
            $place, $strip, DayStrip::x(($now - $from) / ($to - $from)), $this->turns($events, $place, $now), $next,
        );
    }

    /** @param  list<TideEvent>  $events */
    private function turns(array $events, Place $place, float $now): string
    {
        $coming = array_filter($events, static fn (TideEvent $e): bool => $e->unix > $now);

        $clock = fn (TideEvent $e): string => $this->units->clock(
            (new DateTimeImmutable('@'.(int) $e->unix))->setTimezone($place->zone()),
        );

        return implode(', ', array_map(
            fn (TideEvent $e): string => ($e->high ? 'high ' : 'low ').$clock($e).' '.$this->units->metres($e->heightM),
            array_slice(array_values($coming), 0, self::TURNS),
        ));
    }
}
