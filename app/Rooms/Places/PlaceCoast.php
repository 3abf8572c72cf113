<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Drawing\CoastMap;
use App\Models\Place;
use App\Tide\CoastAtlas;
use App\Tide\KeptOfPlace;
use App\Tide\PlaceTide;
use App\Tide\StationCatalogue;
use GentlePour\Coast\SeaWay;
use GentlePour\Tide\Station;

/** The coast around a place, with the stations of the tide nearby and the way by water to the one that it goes by. */
final readonly class PlaceCoast
{
    private const STATIONS = 6;

    /** The least and the most that is drawn around, in km; the station stands within. */
    private const AROUND_KM = [12.0, 160.0];

    private const ROOM = 1.2;

    /** A station further than this by water than across land is worth a word, as a ratio and in km. Judgement. */
    private const ROUNDABOUT = 1.5;

    private const ROUNDABOUT_KM = 5.0;

    /** Further than this no way by water is looked for. */
    private const FAR_KM = 150.0;

    public function __construct(private CoastAtlas $atlas, private StationCatalogue $catalogue, private PlaceTide $tides)
    {
    }

    /** @return array{map: CoastMap, words: string|null, around: float}|null null without a position, and inland */
    public function of(Place $place): ?array
    {
        if ($place->latitude === null || $place->longitude === null || ! $place->tide->hasTide()) {
            return null;
        }

        return KeptOfPlace::get(
            'coast', $place, filemtime(base_path('data/coast.ndjson.gz')),
            fn (): array => $this->drawn($place, $place->latitude, $place->longitude), CoastMap::class,
        );
    }

    /** @return array{map: CoastMap, words: string|null, around: float} */
    private function drawn(Place $place, float $latitude, float $longitude): array
    {
        $station = $place->tide->needsAStation() ? $this->tides->station($place) : null;
        $km = $station?->distanceKm($latitude, $longitude) ?? 0.0;
        $around = max(self::AROUND_KM[0], min(self::AROUND_KM[1], self::ROOM * $km));
        $way = $station === null || $km > self::FAR_KM ? null : $this->way($latitude, $longitude, $station, $km);
        $near = $place->tide->hasTide() ? $this->catalogue->near($latitude, $longitude, self::STATIONS) : [];
        $stations = array_map(function (array $one) use ($station): array {
            $at = $this->catalogue->find($one['id']);

            return [$at->name, $at->latitude, $at->longitude, $at->id === $station?->id];
        }, array_filter($near, static fn (array $one): bool => $one['distanceKm'] < 1.4 * $around));

        return [
            'map' => new CoastMap(
                $this->atlas->around(...CoastMap::window($latitude, $longitude, $around)), $place->name, $latitude, $longitude, $around,
                array_values($stations), $way,
            ),
            'words' => $station === null ? null : self::words($station, $km, $way),
            'around' => $around,
        ];
    }

    private function way(float $latitude, float $longitude, Station $station, float $km): ?SeaWay
    {
        $middle = [($latitude + $station->latitude) / 2, ($longitude + $station->longitude) / 2];
        $coast = $this->atlas->around(...CoastMap::window($middle[0], $middle[1], 2.2 * $km + 25));

        return SeaWay::between($coast, $latitude, $longitude, $station->latitude, $station->longitude);
    }

    private static function words(Station $station, float $km, ?SeaWay $way): string
    {
        if ($way === null) {
            return sprintf('%s lies %.0f km away; no way by water to it was found here.', $station->name, $km);
        }
        $far = max($way->km, $km);

        return $far > self::ROUNDABOUT * $km && $far - $km > self::ROUNDABOUT_KM
            ? sprintf(
                '%s lies %.0f km away, but %.0f km by water: the tide comes round another way, hours and metres different. '
                .'Check with sightings, or choose a station on this side.', $station->name, $km, $far,
            )
            : sprintf('%s lies %.0f km away, and about as far by water.', $station->name, $km);
    }
}
