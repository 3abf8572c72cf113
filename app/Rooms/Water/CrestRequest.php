<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;

/** Presses with the crests, as a list of seconds written with commas. */
final class CrestRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $seconds = ['string', 'max:8000', 'regex:/^\d{1,7}(\.\d{1,6})?(,\d{1,7}(\.\d{1,6})?)*$/'];

        return [
            'presses' => ['required', ...$seconds],
            'big' => ['nullable', ...$seconds],
            'out' => ['nullable', 'string', 'max:2000', 'regex:/^\d{1,3}(,\d{1,3})*$/'],
        ];
    }

    /** @return list<int> intervals that hold a missed crest, by the press that begins them */
    public function leftOut(): array
    {
        return array_map(static fn (float $i): int => (int) $i, $this->listed('out'));
    }

    /** @return list<float> presses of the big waves */
    public function big(): array
    {
        return $this->listed('big');
    }

    /** @return list<float> */
    public function presses(): array
    {
        return $this->listed('presses');
    }

    /** @return list<float> */
    private function listed(string $field): array
    {
        $written = $this->string($field)->toString();

        return $written === '' ? [] : array_map(static fn (string $s): float => (float) $s, explode(',', $written));
    }

    protected function failedValidation(Validator $validator): never
    {
        throw new HttpResponseException(
            response()->view('water.heard', ['timer' => null, 'problem' => 'The presses cannot be read.'], 422),
        );
    }
}
