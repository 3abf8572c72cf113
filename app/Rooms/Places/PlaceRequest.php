<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\BearingField;
use App\Forms\Compass;
use App\Forms\CoreValue;
use App\Forms\Position;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use App\Models\Place;
use App\Models\TideSource;
use App\Tide\StationCatalogue;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Sky\Observer;
use GentlePour\Time\Instant;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A place, as typed. */
final class PlaceRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    /** @return array<string, mixed> */
    public function rules(StationCatalogue $catalogue, Compass $compass): array
    {
        $place = $this->route('place');
        $source = $this->typed()->choice('tide', TideSource::class);
        $rules = [
            'name' => [
                'bail', 'required', 'string', 'max:80', Rule::unique('places', 'name')->ignore($place instanceof Place ? $place->id : null),
            ],
            'notes' => ['nullable', 'string', 'max:4000'],
            'position' => ['bail', 'required', 'string', 'max:4000', new CoreValue(Position::parse(...))],
            'timezone' => ['nullable', 'bail', 'string', 'max:60', new CoreValue(Instant::timezone(...))],
            'tide' => ['required', Rule::enum(TideSource::class)],
            'station_id' => [
                'bail', Rule::requiredIf($source?->needsAStation() ?? false), 'nullable', 'string', 'max:200',
                new CoreValue($catalogue->find(...)),
            ],
            'table' => [
                'bail', Rule::requiredIf(($source?->isTable() ?? false) && ! $this->hasTable()), 'nullable', 'string', 'max:400000',
            ],
            'wall' => ['nullable', 'boolean'],
        ];
        foreach (self::numbers() as $name => $quantity) {
            $rules[$name] = ['nullable', 'bail', $quantity];
        }
        $rules['facing_deg'] = ['nullable', 'bail', new BearingField($compass, fn (): ?Observer => $this->position())];

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'unique' => 'There is a place of that name already.',
            'station_id.required' => 'Choose a station from the list, or another source of tide.',
            'table.required' => 'Paste the high and low waters: date, time, metres.',
        ];
    }

    /** @return array<string, Quantity> fields that take a number, by the column they go to */
    public static function numbers(): array
    {
        return [
            'facing_deg' => new Quantity(Limit::Facing),
            'stand_m' => new Quantity(Limit::StandLevel, 'The stand level'),
            'way_out_m' => new Quantity(Limit::StandLevel, 'The way out'),
            'margin_m' => new Quantity(Limit::Margin),
            'walk_minutes' => new Quantity(Limit::WalkMinutes),
            'wave_height_m' => new Quantity(Limit::SurgeHeight),
            'wave_period_s' => new Quantity(Limit::SwellPeriod),
            'slope' => new Quantity(Limit::ForeshoreSlope),
            'high_minutes' => new Quantity(Limit::TideMinutes),
            'low_minutes' => new Quantity(Limit::TideMinutes),
            'high_m' => new Quantity(Limit::TideDifference),
            'low_m' => new Quantity(Limit::TideDifference),
        ];
    }

    /** @throws InvalidValue when it cannot be read */
    private function position(): ?Observer
    {
        return $this->typed()->has('position') ? Position::parse($this->typed()->text('position')) : null;
    }

    private function hasTable(): bool
    {
        $place = $this->route('place');

        return $place instanceof Place && $place->tideEntries()->exists();
    }
}
