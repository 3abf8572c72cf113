<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\DayStrip;
use App\Models\Place;
use App\Tide\PlaceTide;
use DateTimeImmutable;
use GentlePour\InvalidValue;
use GentlePour\Planning\Almanac;
use GentlePour\Planning\Window;
use GentlePour\Tide\TideEvent;

/** One day of a place lying down, as a row of a list. */
final readonly class DrawnDay
{
    private const HEIGHT_PX = 56.0;

    private const LEAST_RANGE_M = 0.5;

    public function __construct(private PlaceTide $tides)
    {
    }

    /** @return array{float, float} the day in which an instant lies, by the clock of the place */
    public static function around(Place $place, float $unix): array
    {
        $midnight = (new DateTimeImmutable('@'.(int) floor($unix)))->setTimezone($place->zone())->setTime(0, 0);

        return [(float) $midnight->getTimestamp(), (float) $midnight->modify('+1 day')->getTimestamp()];
    }

    /**
     * Without its tide where that cannot be had.
     *
     * @param  list<Window>  $windows
     * @return array{DayStrip, list<TideEvent>} with the turns of the tide on it and on the day after
     */
    public function of(Place $place, array $windows, float $from, float $to): array
    {
        try {
            $tide = $this->tides->curve($place, $from, $to + 86400);
        } catch (InvalidValue) {
            $tide = null;
        }
        $date = (new DateTimeImmutable('@'.(int) $from))->setTimezone($place->zone())->format('Y-m-d');
        [$day] = Almanac::days($place->observer(), $place->zone(), $tide, null, $windows, $date, 1);
        $heights = $day->heightsM === [] ? [0.0, 1.0] : $day->heightsM;
        $range = [min($heights), max(max($heights), min($heights) + self::LEAST_RANGE_M)];

        return [DayStrip::of($day, $range, self::HEIGHT_PX), $tide?->events() ?? []];
    }
}
