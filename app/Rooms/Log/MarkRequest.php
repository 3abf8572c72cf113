<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use GentlePour\Review\FrameMark;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MarkRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['keeper' => ['nullable', Rule::enum(FrameMark::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['keeper' => 'A frame is a keeper, folded away, or neither.'];
    }

    public function frameMark(): ?FrameMark
    {
        return $this->enum('keeper', FrameMark::class);
    }
}
