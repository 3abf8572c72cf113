<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Filter;
use App\Models\Subject;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which water a frame shows that nobody planned, and which filters were on. */
final class TellRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'subject' => ['bail', 'nullable', 'integer', Rule::exists('subjects', 'id')],
            'on' => ['nullable', 'array', 'max:6'], 'on.*' => ['bail', 'integer', Rule::exists('filters', 'id')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['subject.*' => 'Choose one of your waters.', 'on.*' => 'Choose among your filters, six at the most.'];
    }

    public function subject(): ?Subject
    {
        return $this->filled('subject') ? Subject::query()->with('place')->find($this->integer('subject')) : null;
    }

    /** @return list<Filter> */
    public function filters(): array
    {
        return array_values(Filter::query()->whereKey(array_values((array) $this->input('on', [])))->oldest('id')->get()->all());
    }
}
