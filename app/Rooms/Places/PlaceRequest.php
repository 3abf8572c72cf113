<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Files\TideTable;
use App\Forms\CoreValue;
use App\Forms\Position;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Models\Place;
use App\Models\TideEntry;
use App\Models\TideSource;
use App\Tide\StationCatalogue;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Time\Instant;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A place, as typed. */
final class PlaceRequest extends FormRequest
{
    use ReadsTyped;

    private const NUMBERS = [
        'facing_deg' => ['The facing', 0, 360, '°'], 'stand_m' => ['The stand level', -5, 60, 'm'], 'way_out_m' => ['The way out', -5, 60, 'm'],
        'margin_m' => ['The margin', 0, 10, 'm'], 'walk_minutes' => ['The way back', 0, 600, 'min'], 'wave_height_m' => ['The wave height', 0, 20, 'm'],
        'wave_period_s' => ['The wave period', 1, 30, 's'], 'slope' => ['The slope', 0.005, 2, ''], 'high_minutes' => ['The difference', -720, 720, 'min'],
        'low_minutes' => ['The difference', -720, 720, 'min'], 'high_m' => ['The difference', -20, 20, 'm'], 'low_m' => ['The difference', -20, 20, 'm'],
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $place = $this->route('place');
        $source = TideSource::tryFrom($this->typed('tide'));
        $rules = [
            'name' => ['bail', 'required', 'string', 'max:80', Rule::unique('places', 'name')->ignore($place instanceof Place ? $place->id : null)],
            'notes' => ['nullable', 'string', 'max:4000'],
            'position' => ['bail', 'required', 'string', 'max:4000', new CoreValue(Position::parse(...))],
            'timezone' => ['nullable', 'bail', 'string', 'max:60', new CoreValue(Instant::timezone(...))],
            'tide' => ['required', Rule::in(array_column(TideSource::cases(), 'value'))],
            'station_id' => ['bail', Rule::requiredIf(in_array($source, [TideSource::Station, TideSource::Offsets], true)), 'nullable', 'string', 'max:200',
                new CoreValue(fn (string $id) => app(StationCatalogue::class)->find($id))],
            'table' => ['bail', Rule::requiredIf($source === TideSource::Table && ! $this->hasTable()), 'nullable', 'string', 'max:400000'],
            'wall' => ['nullable', 'boolean'],
        ];
        foreach (self::NUMBERS as $name => [$what, $least, $most, $unit]) {
            $rules[$name] = ['nullable', 'bail', new Quantity($what, $least, $most, $unit)];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.', 'unique' => 'There is a place of that name already.', 'in' => 'This is not one of the choices.', 'max' => 'This is too long.',
            'station_id.required' => 'Choose a station from the list, or another source of tide.', 'table.required' => 'Paste the high and low waters: date, time, metres.',
        ];
    }

    /** @throws ValidationException when the pasted table cannot be read */
    public function fill(Place $place): void
    {
        $position = Position::parse($this->typed('position'));
        $source = TideSource::from($this->typed('tide'));
        $station = in_array($source, [TideSource::Station, TideSource::Offsets], true) ? app(StationCatalogue::class)->find($this->typed('station_id')) : null;
        $zone = $this->typed('timezone') !== '' ? $this->typed('timezone') : $station->timezone ?? ($place->exists ? $place->timezone : 'UTC');
        $numbers = [];
        foreach (array_keys(self::NUMBERS) as $name) {
            $nullable = in_array($name, ['facing_deg', 'stand_m', 'way_out_m'], true);
            if ($this->typed($name) !== '' || $nullable) {
                $numbers[$name] = $this->number($name);
            }
        }
        try {
            $events = $source === TideSource::Table && $this->typed('table') !== '' ? TideTable::parse($this->typed('table'), new DateTimeZone($zone)) : null;
        } catch (InvalidValue $e) {
            throw ValidationException::withMessages(['table' => $e->getMessage()]);
        }
        DB::transaction(function () use ($place, $position, $source, $station, $zone, $numbers, $events): void {
            $place->fill($numbers + [
                'name' => $this->typed('name'), 'notes' => $this->input('notes'), 'latitude' => $position->latitude, 'longitude' => $position->longitude,
                'timezone' => $zone, 'tide' => $source, 'station_id' => $station?->id, 'wall' => $this->boolean('wall'),
            ])->save();
            if ($events !== null) {
                $place->tideEntries()->delete();
                foreach ($events as $event) {
                    TideEntry::query()->create(['place_id' => $place->id, 'at' => gmdate('Y-m-d H:i:s', (int) $event->unix), 'height_m' => $event->heightM, 'high' => $event->high]);
                }
            }
        });
    }

    private function hasTable(): bool
    {
        $place = $this->route('place');

        return $place instanceof Place && $place->tideEntries()->exists();
    }
}
