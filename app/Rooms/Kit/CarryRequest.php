<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\CoreValue;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Outing\Support;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Holder, its adapters, release, step-up rings and what the camera stands on. Rings are written as pairs: “67-77, 72-77”. */
final class CarryRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'slots' => ['required', 'integer', 'between:0,5'],
            'release' => ['nullable', 'boolean'],
            'support' => ['nullable', Rule::in(array_column(Support::cases(), 'value'))],
            'holds' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(ShutterTime::measured(...))],
            'adapters' => ['nullable', 'string', 'max:200', 'regex:/^\s*(\d{2,3}\s*(,\s*|$))*$/'],
            'rings' => ['nullable', 'string', 'max:200', 'regex:/^\s*(\d{2,3}\s*[-–]\s*\d{2,3}\s*(,\s*|$))*$/u'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['slots.*' => 'A holder has 0 to 5 slots.', 'adapters.*' => 'Write the threads that the holder’s adapters fit, like 67, 77.', 'rings.*' => 'Write rings as lens thread and filter thread, like 67-77, 72-77.'];
    }

    /** @return array{slots: int, release: bool, rings: list<array{float, float}>, adapters: list<float>, support: string, holds_s: float|null} */
    public function carry(): array
    {
        preg_match_all('/(\d{2,3})\s*[-–]\s*(\d{2,3})/u', $this->string('rings')->toString(), $found, PREG_SET_ORDER);

        return [
            'slots' => $this->integer('slots'),
            'release' => $this->boolean('release'),
            'rings' => array_map(static fn (array $m): array => [(float) $m[1], (float) $m[2]], $found),
            'adapters' => array_map(floatval(...), array_filter(explode(',', $this->string('adapters')->toString()), static fn (string $mm): bool => trim($mm) !== '')),
            'holds_s' => $this->filled('holds') ? ShutterTime::measured($this->string('holds')->toString())->seconds : null,
            'support' => $this->string('support', Support::Tripod->value)->toString(),
        ];
    }
}
