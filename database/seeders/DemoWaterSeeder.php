<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Place;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FloatRuns;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Motion\Flow;
use Illuminate\Database\Seeder;

/** Measurements of two made-up mornings. */
final class DemoWaterSeeder extends Seeder
{
    public function run(): void
    {
        $presses = [0.0, 7.9, 16.4, 24.1, 32.6, 40.2, 48.9, 56.8, 65.1, 73.0, 81.6, 89.4, 97.5, 105.9];
        $timer = CrestTimer::ofPresses($presses);
        $sets = SetRhythm::of([24.1, 32.6, 40.2, 97.5, 105.9], $timer->periodS());
        $runs = FloatRuns::of(10, [2.6, 2.4, 2.5]);
        foreach ([
            ['Thrennet Stair', MeasurementKind::Float, ['distance_m' => 10.0, 'runs_s' => [2.6, 2.4, 2.5], 'runs' => 3, 'mean' => false, 'speed_m_s' => $runs->surfaceMS(), 'spread_m_s' => $runs->spreadMS()], '2026-10-03 06:20:00', 'below the middle step'],
            ['Thrennet Stair', MeasurementKind::Drop, ['drop_m' => 11.0, 'foot_m_s' => Flow::speedAtFoot(11.0), 'mean_m_s' => 2 / 3 * Flow::speedAtFoot(11.0)], '2026-10-03 07:05:00', null],
            ['Marrow Shelf', MeasurementKind::Waves, ['presses_s' => $presses, 'presses' => $timer->presses(), 'period_s' => $timer->periodS(), 'spread_s' => $timer->spreadS(), 'set_size' => $sets->size(), 'set_apart_s' => $sets->apartS()], '2026-10-18 16:31:00', 'by the third post'],
            ['Marrow Shelf', MeasurementKind::Clouds, ['share' => 33.0, 'seconds' => 74.0], '2026-10-18 16:52:00', null],
        ] as [$place, $kind, $data, $at, $note]) {
            Measurement::query()->create([
                'place_id' => Place::query()->where('name', $place)->firstOrFail()->id, 'kind' => $kind, 'data' => $data, 'measured_at' => $at, 'note' => $note,
            ]);
        }
    }
}
