<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Quantity;
use App\Forms\TakesUnits;
use App\Forms\Typed;
use GentlePour\Limit;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\MessageBag;

/** Which way a lens looks, from the address. What cannot be read is said at its field, and the drawing comes all the same. */
final class HorizonRequest extends FormRequest
{
    use TakesUnits;

    private ?MessageBag $problems = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'facing' => ['nullable', 'bail', new Quantity(Limit::Facing)],
            'tilt' => ['nullable', 'bail', new Quantity(Limit::Tilt)],
            'focal' => ['nullable', 'bail', new Quantity(Limit::FocalLength)],
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
