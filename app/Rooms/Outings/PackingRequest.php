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
        return [
            'done' => ['array', 'max:200'], 'done.*' => ['string', 'max:120'],
            // What was ticked when the page was shown, with an empty one, so that nothing is something too.
            'was' => ['array', 'max:201'], 'was.*' => ['nullable', 'string', 'max:120'], 'own' => ['nullable', 'string', 'max:2000'],
        ];
    }

    public function isLeaving(): bool
    {
        return $this->boolean('leaving');
    }

    /**
     * What is ticked now. Several pack from one list, each on a page of their own: what somebody else has ticked or unticked meanwhile
     * stays, where the page says what it was shown.
     *
     * @param  list<string>  $now
     * @return list<string>
     */
    public function done(array $now): array
    {
        /** @var array{done?: list<string>, was?: list<string|null>} $valid */
        $valid = $this->validated();
        $done = $valid['done'] ?? [];
        $was = array_filter($valid['was'] ?? $now, is_string(...));

        return array_values(array_unique([...array_diff($now, array_diff($was, $done)), ...array_diff($done, $was)]));
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
