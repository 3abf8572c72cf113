<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Models\Place;
use GentlePour\InvalidValue;
use GentlePour\Planning\Trend;
use GentlePour\Planning\WindowQuery;
use GentlePour\Tide\Level;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** The conditions of a search for windows, from the address, so that a search can be kept and gone back to. */
final class WindowsRequest extends FormRequest
{
    use ReadsTyped;

    /** Named light as altitudes of the sun. */
    public const LIGHT = ['any' => [-90.0, 90.0], 'blue' => [-6.0, -0.8], 'golden' => [-4.0, 6.0], 'day' => [6.0, 90.0], 'night' => [-90.0, -12.0]];

    public const SIDES = ['any' => null, 'ahead' => [-60.0, 60.0], 'left' => [-120.0, -60.0], 'right' => [60.0, 120.0], 'behind' => [120.0, 240.0]];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'place' => ['nullable', Rule::exists('places', 'id')],
            'mark' => ['nullable', Rule::exists('level_marks', 'id')],
            'above' => ['nullable', 'bail', new Quantity('The height', -10, 30, 'm')],
            'below' => ['nullable', 'bail', new Quantity('The height', -10, 30, 'm')],
            'trend' => ['nullable', Rule::in(array_column(Trend::cases(), 'value'))],
            'light' => ['nullable', Rule::in(array_keys(self::LIGHT))],
            'side' => ['nullable', Rule::in(array_keys(self::SIDES))],
            'days' => ['array', 'max:7'], 'days.*' => [Rule::in(WindowQuery::DAYS)],
            'hour_from' => ['nullable', 'regex:/^([01]?\d|2[0-3]):[0-5]\d$/'], 'hour_to' => ['nullable', 'regex:/^(([01]?\d|2[0-3]):[0-5]\d|24:00)$/'],
            'minutes' => ['nullable', 'bail', new Quantity('The least time', 1, 1440, 'min')],
            'months' => ['nullable', 'integer', 'between:1,24'],
            'by' => ['nullable', Rule::in(['score', 'time'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'in' => 'This is not one of the choices.', 'exists' => 'This is no longer there.', 'hour_from.regex' => 'Write the hour like 05:30.', 'hour_to.regex' => 'Write the hour like 21:00.',
            'months.*' => 'One to 24 months ahead.',
        ];
    }

    public function place(): ?Place
    {
        $id = (int) $this->typed('place', '0');

        return $id > 0 ? Place::query()->with(['marks.sightings', 'outings'])->find($id) : null;
    }

    public function months(): int
    {
        return (int) $this->typed('months', '3');
    }

    public function byTime(): bool
    {
        return $this->typed('by', 'score') === 'time';
    }

    public function wished(Place $place): WindowQuery
    {
        try {
            return $this->windowQuery($place);
        } catch (InvalidValue $e) {
            throw $this->refusal(new MessageBag([in_array($e->renamed(['above_m' => 'above', 'below_m' => 'below', 'minutes_at_least' => 'minutes'])->field(), array_keys($this->rules()), true) ? $e->field() : 'form' => [$e->getMessage()]]));
        }
    }

    protected function failedValidation(Validator $validator): never
    {
        throw $this->refusal($validator->errors());
    }

    private function refusal(MessageBag $problems): HttpResponseException
    {
        return new HttpResponseException(new Response(view('windows.index', [
            'places' => Place::query()->with('marks')->orderBy('name')->get(), 'place' => null, 'windows' => null, 'problems' => $problems, 'inputs' => $this->all(),
        ])->render(), 422));
    }

    private function windowQuery(Place $place): WindowQuery
    {
        $observer = $place->observer() ?? throw (new InvalidValue('The place has no position yet.'))->at('place');
        $mark = $place->marks->firstWhere('id', (int) $this->typed('mark', '0'));
        $level = $mark?->level() ?? ($this->number('above') === null && $this->number('below') === null ? null : Level::between($this->number('above'), $this->number('below')));
        [$least, $most] = self::LIGHT[$this->typed('light', 'any')];
        $side = self::SIDES[$this->typed('side', 'any')];
        $minutes = fn (string $field, string $default): int => (int) explode(':', $this->typed($field, $default))[0] * 60 + (int) explode(':', $this->typed($field, $default))[1];
        $days = $this->input('days');

        return new WindowQuery(
            $observer, $place->zone(), $level, Trend::from($this->typed('trend', 'any')), $least, $most,
            is_array($days) ? array_values(array_filter($days, is_string(...))) : [],
            $this->typed('hour_from') === '' && $this->typed('hour_to') === '' ? null : [$minutes('hour_from', '00:00'), $minutes('hour_to', '24:00')],
            $this->number('minutes') ?? 20.0,
            $side === null || $place->facing_deg === null ? null : [$place->facing_deg + $side[0], $place->facing_deg + $side[1]],
        );
    }
}
