<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Subject;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Subject> */
final class SubjectFactory extends Factory
{
    protected $model = Subject::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'place_id' => PlaceFactory::new(), 'name' => 'The middle step', 'water_kind' => 'cascade', 'speed_m_s' => 4, 'distance_m' => 8,
        ];
    }
}
