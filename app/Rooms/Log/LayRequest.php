<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\PhotoRole;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which frame a picture shows, and as what. */
final class LayRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'frame' => ['bail', 'required', 'integer', 'digits_between:1,15', Rule::exists('frames', 'id')],
            'role' => ['required', Rule::enum(PhotoRole::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['frame.*' => 'Choose the frame that it shows.', 'role.*' => 'Say whether it is the frame or its base.'];
    }

    public function frameId(): int
    {
        return $this->integer('frame');
    }

    public function role(): PhotoRole
    {
        return $this->enum('role', PhotoRole::class) ?? PhotoRole::Frame;
    }
}
