<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The schools the person follows. */
final class HabitsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'aperture' => ['required', Rule::in(array_column(ApertureHabit::cases(), 'value'))],
            'iso' => ['required', Rule::in(array_column(IsoHabit::cases(), 'value'))],
            'highlights' => ['required', Rule::in(array_column(HighlightHabit::cases(), 'value'))],
            'frames' => ['nullable', Rule::in(array_column(FramesHabit::cases(), 'value'))],
            'noise_reduction' => ['required', Rule::in(array_column(NoiseReductionHabit::cases(), 'value'))],
        ];
    }

    /** @return array<string, mixed> */
    public function habits(): array
    {
        return $this->only(['aperture', 'iso', 'highlights', 'noise_reduction', 'frames']);
    }
}
