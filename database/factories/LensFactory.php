<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Lens;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Lens> */
final class LensFactory extends Factory
{
    protected $model = Lens::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Lens '.Str::random(6), 'focal_min_mm' => 16, 'focal_max_mm' => 35, 'widest_f' => 4, 'smallest_f' => 22.627417,
            'thread_mm' => 77,
        ];
    }
}
