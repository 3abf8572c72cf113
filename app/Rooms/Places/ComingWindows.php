<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Models\LevelMark;
use App\Models\Place;
use App\Tide\KeptOfPlace;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;
use GentlePour\Planning\WantedLight;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\Observer;
use GentlePour\Tide\TideCurve;
use GentlePour\Time\PlaceCalendar;

/**
 * The next windows at all places, in low light and by day: a tide comes when it comes. Those of a place are kept until the hour is over or
 * something of the place has changed.
 */
final readonly class ComingWindows
{
    private const AHEAD_S = 30 * 86400;

    /** Most marks have their next windows soon: so far is looked first. */
    private const SOON_S = 8 * 86400;

    /** Inland every day has its low light: the next few days are enough. */
    private const INLAND_AHEAD_S = 3 * 86400;

    private const MINUTES_AT_LEAST = 30;

    /** Windows a mark, and inland, a place. */
    private const A_MARK = 2;

    private const INLAND = 1;

    public function __construct(private PlaceTide $tides)
    {
    }

    /**
     * @param  iterable<Place>  $places  with their marks and sightings
     * @return list<ComingWindow> in order of time
     */
    public function at(iterable $places): array
    {
        $from = 3600 * floor(now()->getTimestamp() / 3600);
        $coming = [];
        foreach ($places as $place) {
            $observer = $place->observer();
            if ($observer !== null) {
                array_push($coming, ...$this->kept($place, $observer, $from));
            }
        }
        usort($coming, static fn (ComingWindow $a, ComingWindow $b): int => $a->window->from <=> $b->window->from);

        return $coming;
    }

    /** @return list<ComingWindow> */
    private function kept(Place $place, Observer $observer, float $from): array
    {
        $kept = KeptOfPlace::get('coming', $place, $from, fn (): array => array_map(
            static fn (ComingWindow $one): array => [$one->mark?->id, $one->window], $this->here($place, $observer, $from),
        ));
        $marks = $place->marks->keyBy('id')->all();

        return array_map(
            static fn (array $one): ComingWindow => new ComingWindow($place, $marks[$one[0] ?? 0] ?? null, $one[1]), $kept,
        );
    }

    /** @return list<ComingWindow> none where the tide cannot be had */
    private function here(Place $place, Observer $observer, float $from): array
    {
        try {
            $tide = $this->tides->curve($place, $from, $from + self::AHEAD_S);
            if ($tide === null) {
                return self::search($place, $observer, null, null, $from, self::INLAND_AHEAD_S, self::INLAND);
            }
            $coming = [];
            foreach ($place->marks as $mark) {
                $soon = self::search($place, $observer, $mark, $tide, $from, self::SOON_S, self::A_MARK);
                $low = count($soon) === self::A_MARK
                    ? $soon : self::search($place, $observer, $mark, $tide, $from, self::AHEAD_S, self::A_MARK);
                $byDay = self::search($place, $observer, $mark, $tide, $from, self::SOON_S, self::A_MARK, WantedLight::Day);
                array_push($coming, ...$low, ...array_filter($byDay, static fn (ComingWindow $one): bool => ! $one->touches($low)));
            }

            return $coming;
        } catch (InvalidValue) {
            return [];
        }
    }

    /** @return list<ComingWindow> */
    private static function search(
        Place $place, Observer $observer, ?LevelMark $mark, ?TideCurve $tide, float $from, float $aheadS, int $most,
        WantedLight $light = WantedLight::Low,
    ): array {
        $level = $mark?->level();
        if ($mark !== null && $level === null) {
            return [];
        }
        [$least, $greatest] = $light->altitudesDeg();
        $query = new WindowQuery(
            $observer, new PlaceCalendar($place->zone()), $level, sunLeastDeg: $least, sunMostDeg: $greatest,
            minutesAtLeast: self::MINUTES_AT_LEAST, facingDeg: $place->facing_deg, daily: true,
        );
        $coming = [];
        foreach (array_slice(WindowSearch::find($query, $tide, $from, $from + $aheadS), 0, $most) as $window) {
            $coming[] = new ComingWindow($place, $mark, $window);
        }

        return $coming;
    }
}
