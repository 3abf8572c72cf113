<?php

declare(strict_types=1);

namespace App\Tide;

use App\Models\Place;
use App\Models\TideEntry;
use App\Models\TideSource;
use GentlePour\InvalidValue;
use GentlePour\Outing\GetOff;
use GentlePour\Outing\RunUp;
use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateCurve;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;

/** The tide of a place of the person's, from wherever it comes. */
final readonly class PlaceTide
{
    private const DAY_S = 86400;

    public function __construct(private StationCatalogue $catalogue)
    {
    }

    /**
     * Null inland, and where the entered table does not reach.
     *
     * @throws InvalidValue when the station is unknown or the span cannot be predicted
     */
    public function curve(Place $place, float $fromUnix, float $toUnix): ?TideCurve
    {
        return match ($place->tide) {
            TideSource::None => null,
            TideSource::Table => self::table($place, $fromUnix, $toUnix),
            TideSource::Station => $this->station($place)?->curve($this->catalogue->constituents(), $fromUnix, $toUnix),
            TideSource::Offsets => $this->shifted($place, $fromUnix, $toUnix),
        };
    }

    public function station(Place $place): ?Station
    {
        return $place->station_id === null ? null : $this->catalogue->find($place->station_id);
    }

    /** @return list<string> what is to be said of the station: constituents left out, distance, that it is made up */
    public function cautions(Place $place): array
    {
        $station = $place->tide === TideSource::Station || $place->tide === TideSource::Offsets ? $this->station($place) : null;
        if ($station === null) {
            return [];
        }
        $said = $station->madeUp ? ['This station is made up for the demo.'] : [];
        if (str_starts_with($place->timezone, 'Etc/')) {
            $said[] = 'Times here are of UTC'.now($place->zone())->format('P').' all the year: the catalogue has no time zone for this '
                .'station. Where clocks change, name the zone of the place.';
        }
        $left = $station->unknown($this->catalogue->constituents());
        if ($left !== []) {
            $said[] = 'Left out, unknown to the predictor: '.implode(
                ', ', array_map(static fn ($h): string => sprintf('%s (%.0f cm)', $h->name, 100 * $h->amplitudeM), $left),
            ).'.';
        }
        if ($place->latitude !== null && $place->longitude !== null) {
            $km = $station->distanceKm($place->latitude, $place->longitude);
            if ($km > 25) {
                $said[] = sprintf(
                    'The station is %.0f km away: round a headland or up an inlet the tide may be hours and metres different. '
                    .'Check with sightings.',
                    $km,
                );
            }
        }

        return $said;
    }

    /** The highest run-up of a stay at the place. */
    public function runUpM(Place $place): float
    {
        return RunUp::highestOfStayM($place->wave_height_m, $place->wave_period_s, $place->slope, $place->wall);
    }

    /** When the numbers say to leave, if someone is there from an instant on; null without a stand, or when it stays dry. */
    public function getOff(Place $place, TideCurve $curve, float $fromUnix): ?GetOff
    {
        $wayOut = $place->lowestOfWayOutM();
        $stand = $place->stand_m ?? $wayOut;

        return $stand === null
            ? null
            : GetOff::after($curve, $fromUnix, $stand, $wayOut, $this->runUpM($place), $place->margin_m, $place->walk_minutes);
    }

    private function shifted(Place $place, float $fromUnix, float $toUnix): ?TideCurve
    {
        $curve = $this->station($place)?->curve($this->catalogue->constituents(), $fromUnix, $toUnix);

        return $curve === null ? null : SubordinateCurve::of(
            $curve, SubordinateOffsets::of($place->high_minutes, $place->low_minutes, false, $place->high_m, $place->low_m),
        );
    }

    private static function table(Place $place, float $fromUnix, float $toUnix): ?TideCurve
    {
        $events = [];
        $around = [gmdate('Y-m-d H:i:s', (int) $fromUnix - self::DAY_S), gmdate('Y-m-d H:i:s', (int) $toUnix + self::DAY_S)];
        foreach (TideEntry::query()->where('place_id', $place->id)->whereBetween('at', $around)->oldest('at')->get() as $entry) {
            $events[] = new TideEvent((float) $entry->at->getTimestamp(), $entry->height_m, $entry->high);
        }

        return count($events) < 2 ? null : TableCurve::of($events);
    }
}
