<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\LevelMark;
use App\Models\Place;
use App\Models\TideSource;
use App\Tide\PlaceTide;
use GentlePour\Motion\WaterKind;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Tide\Level;
use GentlePour\Time\PlaceCalendar;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;

/** A made-up coast and its hinterland, in the open sea. No such places exist. */
final class DemoCoastSeeder extends Seeder
{
    public function run(PlaceTide $tide): void
    {
        $sea = ['timezone' => 'Europe/London', 'tide' => TideSource::Station, 'station_id' => 'demo/orra-haven'];
        $inland = ['timezone' => 'Europe/London', 'tide' => TideSource::None];
        $places = [
            ['Thrennet Stair', 'Three steps of fall in a wooded cleft; wet rock all the way.', $inland + [
                'latitude' => 56.61, 'longitude' => -9.71, 'facing_deg' => 350,
                'skyline' => '300 8, 316 24, 330 13, 345 7, 358 8, 12 12, 22 27, 40 33, 60 26, 80 24, 100 18, 120 6',
            ], [
                ['the middle step', WaterKind::Cascade, 4.0, null, null, 8, null],
                ['the great drop', WaterKind::Plunge, null, 11.0, null, 25, null],
            ]],
            ['Marrow Shelf', 'A tidal shelf with seven old posts; the way back floods first.', $sea + [
                'latitude' => 56.53, 'longitude' => -9.86, 'facing_deg' => 115, 'stand_m' => 5.8, 'way_out_m' => 5.4,
                'wave_height_m' => 0.8, 'wave_period_s' => 8,
                'slope' => 0.05, 'walk_minutes' => 20, 'swell_from_deg' => 140, 'wind_from_deg' => 200,
                'skyline' => '200 0, 215 4, 240 9, 262 12, 280 14, 300 11, 320 8, 340 3, 352 0',
                'way_out' => '295 12 5.9, 270 26 5.4, 305 22 6.4',
            ], [
                ['the posts in swell', WaterKind::Swell, null, null, 8.0, 12, null],
                ['backwash on the ledge', WaterKind::Backwash, 1.6, null, null, 5, 60],
            ]],
            ['Ombrel Causeway', 'Cobbles that flood twice a day.', $sea + [
                'latitude' => 56.49, 'longitude' => -9.80, 'facing_deg' => 245, 'stand_m' => 5.2, 'way_out_m' => 4.9,
                'wave_height_m' => 0.4, 'wave_period_s' => 4, 'slope' => 0.03, 'swell_from_deg' => 250, 'wind_from_deg' => 225,
                'skyline' => '20 0, 30 3, 70 5, 110 4, 140 0', 'way_out' => '65 40 4.9, 70 55 5.0, 80 30 6.1',
            ], [['chop over the cobbles', WaterKind::Chop, null, null, 3.5, 10, null]]],
            ['Skarra Skerry', 'A skerry off the point; ten minutes later than the haven and a little less.', [
                'tide' => TideSource::Offsets, 'high_minutes' => 10, 'low_minutes' => 12, 'high_m' => -0.15, 'low_m' => -0.05,
                'latitude' => 56.57, 'longitude' => -9.93, 'facing_deg' => 290,
            ] + $sea, [
                ['swell round the skerry', WaterKind::Swell, null, null, 11.0, 140, null],
                ['surf on its teeth', WaterKind::Surf, null, null, 8.0, 30, 255],
            ]],
            [
                'Tarrip Weir', 'A straight sill below the mill.', $inland + ['latitude' => 56.70, 'longitude' => -9.60, 'facing_deg' => 80],
                [['the sheet', WaterKind::Weir, null, 1.4, null, 14, null]],
            ],
        ];
        foreach ($places as [$name, $notes, $about, $subjects]) {
            $place = Place::query()->create(['name' => $name, 'notes' => $notes] + $about);
            foreach ($subjects as [$subject, $kind, $speed, $drop, $period, $distance, $facing]) {
                $place->subjects()->create([
                    'name' => $subject, 'water_kind' => $kind, 'speed_m_s' => $speed, 'drop_m' => $drop, 'period_s' => $period,
                    'distance_m' => $distance, 'facing_deg' => $facing,
                ]);
            }
        }
        $this->marks($tide);
    }

    /** Marks with a given height, and one learned from sightings of which two speak against each other. */
    private function marks(PlaceTide $tide): void
    {
        $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
        $shelf->marks()->create(['name' => 'pools uncovered', 'above' => false, 'height_m' => 1.2]);
        $posts = $shelf->marks()->create(['name' => 'water reaches the posts', 'above' => true]);
        $seen = [
            ['2026-10-10', 3.6, false], ['2026-10-10', 4.4, true], ['2026-10-18', 2.9, false], ['2026-10-26', 4.05, true],
            ['2026-11-08', 3.85, true], ['2026-11-09', 3.9, false],
        ];
        foreach ($seen as [$day, $height, $reached]) {
            $this->sight($posts, $shelf, $tide, $day, $height, $reached);
        }
        Place::query()->where('name', 'Ombrel Causeway')->firstOrFail()->marks()->create(
            ['name' => 'cobbles awash', 'above' => true, 'height_m' => 4.3],
        );
        $shelf->outings()->create(
            [
                'starts_at' => '2026-10-18 15:30', 'ends_at' => '2026-10-18 17:30', 'note' => 'Low water at dusk.',
                'came_of_it' => 'Swell bigger than forecast, and better for it.', 'closed_at' => '2026-10-18 18:20',
            ],
        );
        $this->outingAhead($shelf, $posts, $tide);
    }

    /** An outing in the first window from the day after tomorrow on: the posts in the water, in low light. */
    private function outingAhead(Place $place, LevelMark $mark, PlaceTide $tide): void
    {
        $from = (float) now()->addDays(2)->startOfDay()->getTimestamp();
        $query = new WindowQuery(
            $place->observer() ?? throw new \LogicException('The shelf has a position.'), new PlaceCalendar($place->zone()),
            $mark->load('sightings')->level(), sunLeastDeg: -6, sunMostDeg: 8, minutesAtLeast: 40,
        );
        $curve = $tide->curve($place, $from, $from + 30 * 86400) ?? throw new \LogicException('The shelf has a tide.');
        // One that leaves half an hour before it is time to get off, as a person would choose.
        $stays = static function (Window $window) use ($tide, $place, $curve): bool {
            $getOff = $tide->getOff($place, $curve, $window->from);

            return $getOff === null || $getOff->leaveUnix >= $window->from + 1800;
        };
        $windows = WindowSearch::find($query, $curve, $from, $from + 30 * 86400);
        $window = array_values(array_filter($windows, $stays))[0] ?? $windows[0] ?? null;
        if ($window !== null) {
            $place->outings()->create(
                [
                    // There before it begins: the water is watched first.
                    'starts_at' => gmdate('Y-m-d H:i:s', 300 * (int) floor(($window->from - 1500) / 300)),
                    'ends_at' => gmdate('Y-m-d H:i:s', (int) $window->to), 'travel_minutes' => 40, 'told' => 'The neighbour',
                    'note' => 'The seven posts, if the swell allows.',
                ],
            );
        }
    }

    /** Seen when the prediction first stood at a height that day; one of the last two, with surge, speaks against the other. */
    private function sight(LevelMark $mark, Place $place, PlaceTide $tide, string $day, float $height, bool $reached): void
    {
        $unix = (float) Carbon::parse($day, 'UTC')->getTimestamp();
        $curve = $tide->curve($place, $unix, $unix + 86400);
        $spans = $curve === null ? [] : Level::between($height, null)->spans($curve);
        $at = $spans === [] ? $unix : max($unix + 60, $spans[0]->from);
        $mark->sightings()->create(
            [
                'seen_at' => Carbon::createFromTimestamp((int) $at, 'UTC'), 'predicted_m' => $curve?->heightM($at) ?? $height,
                'reached' => $reached,
            ],
        );
    }
}
