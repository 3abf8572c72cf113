<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Forms\Refusal;
use App\Forms\Typed;
use App\Models\Place;
use App\Tide\KeptOfPlace;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;
use GentlePour\Planning\Trend;
use GentlePour\Planning\WantedLight;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Tide\Level;
use GentlePour\Time\PlaceCalendar;

/** Searches the windows that a form asks for; the last search at a place is kept for its files, and for who comes back to it. */
final readonly class AskedWindows
{
    /** A month of calendar as the search counts it. */
    private const MONTH_S = 30.44 * 86400;

    private const USUAL_MINUTES = 20.0;

    private const CORE_FIELDS = ['above_m' => 'above', 'below_m' => 'below', 'minutes_at_least' => 'minutes'];

    public function __construct(private PlaceTide $tides)
    {
    }

    /**
     * @return list<Window> in order of time, from this hour on
     *
     * @throws InvalidValue at the field of the form
     */
    public function at(Place $place, Typed $asked, int $months): array
    {
        [$query, $from, $to] = self::search($place, $asked, $months);

        return KeptOfPlace::get('windows', $place, [$query, $from, $to], fn (): array => WindowSearch::find(
            $query, $query->asksForTide() ? $this->tides->curve($place, $from, $to) : null, $from, $to,
        ));
    }

    /**
     * What is searched, from when and until when: all that the windows of a place go by.
     *
     * @return array{WindowQuery, float, float}
     *
     * @throws InvalidValue at the field of the form
     */
    public static function search(Place $place, Typed $asked, int $months): array
    {
        $from = 3600 * floor(now()->getTimestamp() / 3600);

        return [
            Refusal::renamed(self::CORE_FIELDS, static fn (): WindowQuery => self::query($place, $asked)), $from,
            self::until($from, $months),
        ];
    }

    /** A month of days more or less, for which the windows are searched. */
    public static function until(float $fromUnix, int $months): float
    {
        return $fromUnix + $months * self::MONTH_S;
    }

    private static function query(Place $place, Typed $asked): WindowQuery
    {
        [$least, $most] = ($asked->choice('light', WantedLight::class) ?? WantedLight::Any)->altitudesDeg();
        $arc = $asked->choice('side', SunSide::class)?->arcDeg();
        $facing = $place->facing_deg;

        return new WindowQuery(
            $place->observer() ?? throw (new InvalidValue('The place has no position yet.'))->at('place'),
            new PlaceCalendar($place->zone(), $asked->texts('days'), self::hours($asked)),
            self::level($place, $asked),
            $asked->choice('trend', Trend::class) ?? Trend::Any,
            $least,
            $most,
            $asked->number('minutes') ?? self::USUAL_MINUTES,
            $arc === null || $facing === null ? null : [$facing + $arc[0], $facing + $arc[1]],
            facingDeg: $facing,
            daily: true,
        );
    }

    /**
     * A mark of the place, or else heights of one's own.
     *
     * @throws InvalidValue when they are upside down
     */
    public static function level(Place $place, Typed $asked): ?Level
    {
        $mark = $place->marks->firstWhere('id', $asked->id('mark'));
        [$above, $below] = [$asked->number('above'), $asked->number('below')];

        return $mark?->level() ?? ($above === null && $below === null ? null : Level::between($above, $below));
    }

    /** @return array{int, int}|null minutes of the day */
    private static function hours(Typed $asked): ?array
    {
        $minutes = static function (string $written): int {
            [$hour, $minute] = explode(':', $written);

            return 60 * (int) $hour + (int) $minute;
        };

        return $asked->has('hour_from') || $asked->has('hour_to')
            ? [$minutes($asked->text('hour_from', '00:00')), $minutes($asked->text('hour_to', '24:00'))]
            : null;
    }
}
