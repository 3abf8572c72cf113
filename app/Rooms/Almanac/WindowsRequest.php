<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Forms\Quantity;
use App\Forms\TakesUnits;
use App\Forms\Typed;
use App\Models\Place;
use GentlePour\Limit;
use GentlePour\Planning\Trend;
use GentlePour\Planning\WantedLight;
use GentlePour\Time\PlaceCalendar;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** What a person waits for, from the address. */
final class WindowsRequest extends FormRequest
{
    use TakesUnits;

    private const MONTHS = 3;

    private const MONTHS_AT_MOST = 24;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'place' => ['nullable', Rule::exists('places', 'id')],
            'mark' => ['nullable', Rule::exists('level_marks', 'id')],
            'above' => ['nullable', 'bail', new Quantity(Limit::MarkHeight)],
            'below' => ['nullable', 'bail', new Quantity(Limit::MarkHeight)],
            'trend' => ['nullable', Rule::enum(Trend::class)],
            'light' => ['nullable', Rule::enum(WantedLight::class)],
            'side' => ['nullable', Rule::enum(SunSide::class)],
            'days' => ['array', 'max:7'],
            'days.*' => [Rule::in(PlaceCalendar::DAYS)],
            'hour_from' => ['nullable', 'regex:/^([01]?\d|2[0-3]):[0-5]\d$/'],
            'hour_to' => ['nullable', 'regex:/^(([01]?\d|2[0-3]):[0-5]\d|24:00)$/'],
            'minutes' => ['nullable', 'bail', new Quantity(Limit::WindowMinutes)],
            'months' => ['nullable', 'integer', 'between:1,'.self::MONTHS_AT_MOST],
            'by' => ['nullable', Rule::in(['score', 'time'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'in' => 'This is not one of the choices.',
            Enum::class => 'This is not one of the choices.',
            'exists' => 'This is no longer there.',
            'hour_from.regex' => 'Write the hour like 05:30.',
            'hour_to.regex' => 'Write the hour like 21:00.',
            'months.*' => 'One to 24 months ahead.',
        ];
    }

    public function place(): ?Place
    {
        $id = $this->asked()->id('place');

        return $id > 0 ? Place::query()->with(['marks.sightings', 'outings'])->find($id) : null;
    }

    public function months(): int
    {
        return (int) $this->asked()->text('months', (string) self::MONTHS);
    }

    public function isByTime(): bool
    {
        return $this->asked()->text('by') === 'time';
    }

    public function asked(): Typed
    {
        return new Typed([...$this->query()]);
    }

    protected function failedValidation(Validator $validator): never
    {
        throw new WindowsRefused($validator->errors(), [...$this->query()]);
    }
}
