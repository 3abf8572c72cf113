<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use GentlePour\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The units, as chosen. */
final class UnitsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'length' => ['required', Rule::in(array_keys(Units::LENGTHS))],
            'speed' => ['required', Rule::in(array_keys(Units::SPEEDS))],
            'wind' => ['required', Rule::in(array_keys(Units::WINDS))],
            'temperature' => ['required', Rule::in(array_keys(Units::TEMPERATURES))],
            'twelve_hours' => ['required', 'boolean'],
        ];
    }

    public function units(): Units
    {
        return Units::read([...$this->only(['length', 'speed', 'wind', 'temperature']), 'twelve_hours' => $this->boolean('twelve_hours')]);
    }
}
