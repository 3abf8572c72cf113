<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Place;
use App\Rooms\Water\Worked;
use Illuminate\Database\Seeder;

/** Measurements of two made-up mornings. */
final class DemoWaterSeeder extends Seeder
{
    public function run(): void
    {
        $presses = [0.0, 7.9, 16.4, 24.1, 32.6, 40.2, 48.9, 56.8, 65.1, 73.0, 81.6, 89.4, 97.5, 105.9];
        foreach ([
            [
                'Thrennet Stair', MeasurementKind::Float, Worked::float(10.0, [2.6, 2.4, 2.5], false), '2026-10-03 06:20:00',
                'below the middle step',
            ],
            ['Thrennet Stair', MeasurementKind::Drop, Worked::drop(11.0), '2026-10-03 07:05:00', null],
            [
                'Marrow Shelf', MeasurementKind::Waves, Worked::crests($presses, [], [24.1, 32.6, 40.2, 97.5, 105.9], null),
                '2026-10-18 16:31:00', 'by the third post',
            ],
            ['Marrow Shelf', MeasurementKind::Clouds, ['share' => 33.0, 'seconds' => 74.0], '2026-10-18 16:52:00', null],
        ] as [$place, $kind, $data, $at, $note]) {
            Measurement::query()->create([
                'place_id' => Place::query()->where('name', $place)->firstOrFail()->id, 'kind' => $kind,
                'data' => array_filter($data, static fn (mixed $v): bool => $v !== null), 'measured_at' => $at, 'note' => $note,
            ]);
        }
    }
}
