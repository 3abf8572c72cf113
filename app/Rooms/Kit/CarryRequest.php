<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\CoreValue;
use App\Forms\ReadsTyped;
use App\Models\Carry;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Limit;
use GentlePour\Outing\Support;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Holder, its adapters, release, step-up rings and what the camera stands on. Rings are written as pairs: “67-77, 72-77”. */
final class CarryRequest extends FormRequest
{
    use ReadsTyped;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        [$least, $most] = [Limit::Slots->least(), Limit::Slots->most()];

        return [
            'slots' => ['required', 'integer', "between:{$least},{$most}"],
            'release' => ['nullable', 'boolean'],
            'support' => ['nullable', Rule::enum(Support::class)],
            'holds' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(ShutterTime::measured(...))],
            'adapters' => ['nullable', 'string', 'max:200', 'regex:/^\s*(\d{2,3}\s*(,\s*|$))*$/'],
            'rings' => ['nullable', 'string', 'max:200', 'regex:/^\s*(\d{2,3}\s*[-–]\s*\d{2,3}\s*(,\s*|$))*$/u'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'slots.*' => 'A holder has 0 to 5 slots.',
            'adapters.*' => 'Write the threads that the holder’s adapters fit, like 67, 77.',
            'rings.*' => 'Write rings as lens thread and filter thread, like 67-77, 72-77.',
        ];
    }

    public function carry(): Carry
    {
        $typed = $this->typed();
        preg_match_all('/(\d{2,3})\s*[-–]\s*(\d{2,3})/u', $typed->text('rings'), $found, PREG_SET_ORDER);
        $adapters = array_filter(explode(',', $typed->text('adapters')), static fn (string $mm): bool => trim($mm) !== '');

        return new Carry(
            $typed->id('slots'),
            $typed->flag('release'),
            array_map(static fn (array $m): array => [(float) $m[1], (float) $m[2]], $found),
            array_values(array_map(floatval(...), $adapters)),
            $typed->choice('support', Support::class) ?? Support::Tripod,
            $typed->has('holds') ? ShutterTime::measured($typed->text('holds'))->seconds : null,
        );
    }
}
