<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use Illuminate\Foundation\Http\FormRequest;

/** What is ticked of the packing list, and one's own things on it. */
final class PackingRequest extends FormRequest
{
    private const OWN = 30;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['done' => ['array', 'max:200'], 'done.*' => ['string', 'max:120'], 'own' => ['nullable', 'string', 'max:2000']];
    }

    public function isLeaving(): bool
    {
        return $this->boolean('leaving');
    }

    /** @return list<string> */
    public function done(): array
    {
        /** @var array<string, list<string>> $valid */
        $valid = $this->validated();

        return array_values(array_unique($valid['done'] ?? []));
    }

    /** @return list<string> a line each */
    public function own(): array
    {
        $lines = array_filter(array_map(
            static fn (string $line): string => mb_substr(trim($line), 0, 100), explode("\n", $this->string('own')->toString()),
        ), static fn (string $line): bool => $line !== '');

        return array_slice(array_values(array_unique($lines)), 0, self::OWN);
    }
}
