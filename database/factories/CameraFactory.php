<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Camera;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Camera> */
final class CameraFactory extends Factory
{
    protected $model = Camera::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Body '.Str::random(6), 'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'pixels_wide' => 6000, 'iso_base' => 100,
            'iso_low' => null, 'iso_max' => 1600, 'longest_timed_s' => 32,
        ];
    }
}
