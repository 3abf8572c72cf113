<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\BoardMark;
use App\Drawing\DayScene;
use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Weather\PlaceForecasts;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Planning\HoldPlan;
use GentlePour\Planning\HoldStep;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyEvent;
use GentlePour\Tide\TideCurve;
use GentlePour\Units;

/** Gathers what the day board of a place shows. */
final readonly class DayScenes
{
    /** How long before sunrise and after sunset a look is held, and into the day, in seconds. */
    private const AROUND_SUN_S = 3000.0;

    public function __construct(private PlaceTide $tides, private PlaceForecasts $forecasts, private Units $units)
    {
    }

    /**
     * @param  Place  $place  with its marks, their sightings and its outings
     * @param  WantedFrame|null  $wanted  the look wanted and the bag, for the light alone and the hold plan
     * @param  list<LightReading>  $readings  taken at the place that day
     *
     * @throws InvalidValue when the tide cannot be had or a reading is beyond all light
     */
    public function of(
        Place $place, DateTimeImmutable $day, ?WantedFrame $wanted = null, SkyCondition $sky = SkyCondition::Clear, array $readings = [],
    ): DayScene {
        $midnight = $day->setTimezone($place->zone())->setTime(0, 0);
        [$from, $to] = [(float) $midnight->getTimestamp(), (float) $midnight->modify('+1 day')->getTimestamp()];
        $tide = $this->tides->curve($place, $from, $to);
        $observer = $place->observer();
        $dayOfSky = $observer === null ? null : DayOfSky::between($observer, $from, $to);
        $light = $observer === null
            ? null : LightCurve::metered($observer, $place->facing_deg, $sky, $readings, $place->foreground());
        $given = $this->forecasts->of($place);
        $scene = new DayScene(
            $place->name, $place->zone(), $midnight, $place->facing_deg, $tide, $observer, $dayOfSky, $light, null,
            self::marks($place, $tide), self::outings($place, $from, $to), $wanted->words ?? '',
            $wanted === null || $light === null ? [] : HoldPlan::withoutFilter($light, $wanted->target, $wanted->bag, $from, $to),
            $wanted === null || $light === null ? [] : self::held($wanted, $light, $dayOfSky),
            $place->foreground()->gradEdge(), weather: $given?->forecast,
            weatherBy: $given?->asOf($place->zone(), $this->units) ?? '',
        );

        return $tide === null ? $scene : $scene->withGetOff($this->tides->getOff($place, $tide, $scene->firstUse()));
    }

    /** @return list<BoardMark> those whose height is known */
    private static function marks(Place $place, ?TideCurve $tide): array
    {
        $marks = [];
        foreach ($place->marks as $mark) {
            $height = $mark->heightM();
            if ($height !== null) {
                $marks[] = new BoardMark($mark->name, $mark->above, $height, self::spans($mark, $tide));
            }
        }

        return $marks;
    }

    /** @return list<\GentlePour\Tide\LevelSpan> */
    private static function spans(LevelMark $mark, ?TideCurve $tide): array
    {
        $level = $mark->level();

        return $tide === null || $level === null ? [] : $level->spans($tide);
    }

    /** @return list<array{float, float}> */
    private static function outings(Place $place, float $from, float $to): array
    {
        $spans = $place->outings->sortBy('starts_at')->map(
            static fn (Outing $o): array => [(float) $o->starts_at->getTimestamp(), (float) $o->ends_at->getTimestamp()],
        )->filter(static fn (array $span): bool => $span[0] < $to && $span[1] > $from);

        return array_values($spans->all());
    }

    /** @return list<HoldStep> around sunrise and sunset */
    private static function held(WantedFrame $wanted, LightCurve $light, ?DayOfSky $sky): array
    {
        $steps = [];
        foreach ([SkyEvent::Sunrise, SkyEvent::Sunset] as $event) {
            $unix = $sky?->at($event);
            if ($unix !== null) {
                array_push($steps, ...HoldPlan::of(
                    $light, $wanted->target, $wanted->bag, $wanted->habits, $unix - self::AROUND_SUN_S, $unix + self::AROUND_SUN_S,
                ));
            }
        }

        return $steps;
    }
}
