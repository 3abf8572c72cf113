<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\DayBoard;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Weather\PlaceForecasts;
use App\Tide\KeptOfPlace;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\SkyCondition;
use GentlePour\Units;

/**
 * The day board of a place. That of the day that was asked for last is kept until something changes that it goes by; so is the one with
 * the hold plan, for the bench as it stood.
 */
final readonly class DayBoards
{
    public function __construct(private DayScenes $scenes, private PlaceForecasts $forecasts, private Units $units)
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
    ): DayBoard {
        $date = $day->setTimezone($place->zone())->format('Y-m-d');
        $outings = $place->outings->map(static fn (Outing $one): array => [$one->starts_at, $one->ends_at])->all();

        return KeptOfPlace::get(
            $wanted === null ? 'board' : 'held', $place,
            [$date, $sky, $readings, $outings, $wanted, $this->forecasts->of($place), $this->units],
            fn (): DayBoard => DayBoard::wide($this->scenes->of($place, $day, $wanted, $sky, $readings), $this->units), DayBoard::class,
        );
    }
}
