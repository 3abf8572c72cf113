<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\ReadsTyped;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What came of an outing, and what was missed on it. */
final class ClosingRequest extends FormRequest
{
    use ReadsTyped;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'came_of_it' => ['nullable', 'string', 'max:4000'], 'missed' => ['array', 'max:200'], 'missed.*' => ['string', 'max:120'],
            'sighted' => ['array', 'max:100'], 'sighted.*' => ['nullable', Rule::in(['reached', 'not'])],
            'sighted_at' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<int, bool> whether the water reached a mark, by the mark's number */
    public function sighted(): array
    {
        /** @var array<string, array<int, string|null>> $valid */
        $valid = $this->validated();

        $said = array_filter($valid['sighted'] ?? [], static fn (?string $one): bool => $one !== null);

        return array_map(static fn (string $one): bool => $one === 'reached', $said);
    }

    /** @return list<string> */
    public function missed(): array
    {
        /** @var array<string, list<string>> $valid */
        $valid = $this->validated();

        return array_values(array_unique($valid['missed'] ?? []));
    }
}
