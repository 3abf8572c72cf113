<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Filter;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Filter> */
final class FilterFactory extends Factory
{
    protected $model = Filter::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Filter '.Str::random(6), 'kind' => 'nd', 'marking' => '6 stops', 'stops' => 6, 'mount' => 'slot', 'packed' => true,
        ];
    }
}
