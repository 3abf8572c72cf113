<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Forms\CoreValue;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Review\BlurVerdict;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What the person says of a finished frame. */
final class JudgeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'open' => ['bail', 'required', 'string', 'max:40', new CoreValue(ShutterTime::measured(...))],
            'blur' => ['nullable', Rule::in(array_column(BlurVerdict::cases(), 'value'))],
            'exposure_thirds' => ['nullable', 'integer', 'between:-15,15'],
            'note' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'open.required' => 'How long was the shutter open? Write it like 15 s or 2m05s.',
            'exposure_thirds.*' => 'The exposure is judged in thirds, from −15 to +15.',
            'note.max' => 'A note can have 2000 characters.',
            'blur' => 'Choose one of the three.',
        ];
    }

    /** @return array<string, mixed> */
    public function verdict(): array
    {
        return [
            'open_s' => ShutterTime::measured($this->string('open')->toString())->seconds,
            'blur' => $this->input('blur'),
            'exposure_thirds' => $this->filled('exposure_thirds') ? $this->integer('exposure_thirds') : null,
            'note' => $this->input('note'),
        ];
    }
}
