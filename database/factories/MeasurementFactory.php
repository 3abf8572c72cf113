<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Measurement;
use App\Models\MeasurementKind;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Measurement> */
final class MeasurementFactory extends Factory
{
    protected $model = Measurement::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'kind' => MeasurementKind::Waves, 'data' => ['period_s' => 8.2, 'spread_s' => 0.4, 'presses' => 9, 'last_ms' => 1795680000000],
            'measured_at' => '2026-11-24 08:00:00',
        ];
    }
}
