<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Place;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Place> */
final class PlaceFactory extends Factory
{
    protected $model = Place::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Place '.Str::random(6)];
    }
}
