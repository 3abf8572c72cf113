<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\BearingField;
use App\Forms\Compass;
use App\Forms\Quantity;
use App\Forms\TakesUnits;
use App\Forms\Typed;
use App\Models\Place;
use GentlePour\Limit;
use GentlePour\Sky\Observer;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\MessageBag;

/**
 * Which way a lens looks and under which skyline, from the address. What cannot be read is said at its field, and the drawing comes all
 * the same.
 */
final class HorizonRequest extends FormRequest
{
    use TakesUnits;

    private ?MessageBag $problems = null;

    /** @return array<string, mixed> */
    public function rules(Compass $compass): array
    {
        $place = $this->route('place');
        $observer = $place instanceof Place ? $place->observer() : null;

        return [
            'facing' => ['nullable', 'bail', new BearingField($compass, static fn (): ?Observer => $observer)],
            'tilt' => ['nullable', 'bail', new Quantity(Limit::Tilt)],
            'focal' => ['nullable', 'bail', new Quantity(Limit::FocalLength)],
            'skyline' => AroundRequest::skyline($compass, $observer),
            'upright' => ['nullable', 'boolean'],
        ];
    }

    /** What was asked of the lens and its frame. */
    public function asked(): AskedFrame
    {
        return new AskedFrame(new Typed([...$this->all()]), $this->problems ?? new MessageBag);
    }

    protected function failedValidation(Validator $validator): void
    {
        $this->problems = $validator->errors();
    }
}
