<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Presses with the crests, as a list of seconds written with commas. */
final class CrestRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['presses' => ['required', 'string', 'max:8000', 'regex:/^\d{1,7}(\.\d{1,6})?(,\d{1,7}(\.\d{1,6})?)*$/']];
    }

    /** @return list<float> */
    public function presses(): array
    {
        return array_map(static fn (string $s): float => (float) $s, explode(',', $this->string('presses')->toString()));
    }
}
