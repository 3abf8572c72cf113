<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where the water stood against the stand or the way out, as it was seen. */
final class StandRequest extends FormRequest
{
    protected $errorBag = 'stand';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'which' => ['required', Rule::in(['stand_m', 'way_out_m'])],
            'seen' => ['required', Rule::in(['edge', 'dry'])],
            'stand_at' => ['nullable', 'string', 'max:40'],
        ];
    }
}
