<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use GentlePour\Limit;
use Illuminate\Foundation\Http\FormRequest;

/** Which way one looks at a place. */
final class FacingRequest extends FormRequest
{
    use ReadsTyped;

    protected $errorBag = 'around';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['facing' => ['required', 'bail', new Quantity(Limit::Facing)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Which way?'];
    }
}
