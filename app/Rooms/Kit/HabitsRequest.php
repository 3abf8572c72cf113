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
            'aperture' => ['required', Rule::enum(ApertureHabit::class)],
            'iso' => ['required', Rule::enum(IsoHabit::class)],
            'highlights' => ['required', Rule::enum(HighlightHabit::class)],
            'frames' => ['nullable', Rule::enum(FramesHabit::class)],
            'noise_reduction' => ['required', Rule::enum(NoiseReductionHabit::class)],
        ];
    }

    /** @return array<string, mixed> */
    public function habits(): array
    {
        return $this->only(['aperture', 'iso', 'highlights', 'noise_reduction', 'frames']);
    }
}
