<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** Whether something is to be packed: the state that is wished and not its change, so that a wish that comes twice is one. */
final class PackedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['packed' => ['bail', 'required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'Say whether it is packed or stays at home.'];
    }

    public function packed(): bool
    {
        return $this->boolean('packed');
    }
}
