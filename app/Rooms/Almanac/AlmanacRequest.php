<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Forms\Quantity;
use App\Forms\TakesUnits;
use App\Forms\Typed;
use App\Household\Subjects;
use App\Models\Outing;
use App\Models\Place;
use GentlePour\Limit;
use GentlePour\Planning\Trend;
use GentlePour\Planning\WantedLight;
use GentlePour\Time\PlaceCalendar;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a person waits for, from the address. */
final class AlmanacRequest extends FormRequest
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
            'on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'hour_from.regex' => 'Write the hour like 05:30.',
            'hour_to.regex' => 'Write the hour like 21:00.',
            'months.*' => 'One to 24 months ahead.',
            'on.date_format' => 'There is no such day.',
        ];
    }

    /**
     * What was asked; at first what is most likely wanted: low light at the place of the next outing, or where the person is likely to be.
     *
     * @return array<string, mixed>
     */
    public function inputs(): array
    {
        $asked = [...$this->query()];
        if (isset($asked['place'])) {
            return $asked;
        }
        $subjects = $this->container->make(Subjects::class);
        $next = Outing::query()->where('ends_at', '>', now())->oldest('starts_at')->value('place_id');
        $place = $subjects->place((int) $next) ?? $subjects->here() ?? $subjects->places()->whereNotNull('latitude')->first();

        return $asked + ($place === null ? [] : [
            'place' => (string) $place->id, 'mark' => (string) $place->marks()->oldest('id')->value('id'),
            'light' => WantedLight::Low->value,
        ]);
    }

    /** The day that is looked at, YYYY-MM-DD. */
    public function day(): ?string
    {
        $day = $this->asked()->text('on');

        return $day === '' ? null : $day;
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
        return new Typed($this->inputs());
    }

    protected function failedValidation(Validator $validator): never
    {
        throw new AlmanacRefused($validator->errors(), $this->inputs());
    }
}
