<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Place;
use GentlePour\Motion\WaterKind;
use Illuminate\Database\Seeder;

/** A made-up coast and its hinterland. No such places exist. */
final class DemoCoastSeeder extends Seeder
{
    public function run(): void
    {
        $places = [
            ['Thrennet Stair', 'Three steps of fall in a wooded cleft; wet rock all the way.', [
                ['the middle step', WaterKind::Cascade, 4.0, null, null, 8],
                ['the great drop', WaterKind::Plunge, null, 11.0, null, 25],
            ]],
            ['Marrow Shelf', 'A tidal shelf with seven old posts; the way back floods first.', [
                ['the posts in swell', WaterKind::Swell, null, null, 8.0, 12],
                ['backwash on the ledge', WaterKind::Backwash, 1.6, null, null, 5],
            ]],
            ['Ombrel Causeway', 'Cobbles that flood twice a day.', [['chop over the cobbles', WaterKind::Chop, null, null, 3.5, 10]]],
            ['Tarrip Weir', 'A straight sill below the mill.', [['the sheet', WaterKind::Weir, null, 1.4, null, 14]]],
        ];
        foreach ($places as [$name, $notes, $subjects]) {
            $place = Place::query()->create(['name' => $name, 'notes' => $notes]);
            foreach ($subjects as [$subject, $kind, $speed, $drop, $period, $distance]) {
                $place->subjects()->create([
                    'name' => $subject, 'water_kind' => $kind, 'speed_m_s' => $speed, 'drop_m' => $drop, 'period_s' => $period, 'distance_m' => $distance,
                ]);
            }
        }
    }
}
