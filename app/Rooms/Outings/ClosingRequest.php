<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\ReadsTyped;
use Illuminate\Foundation\Http\FormRequest;

/** What came of an outing, and what was missed on it. */
final class ClosingRequest extends FormRequest
{
    use ReadsTyped;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['came_of_it' => ['nullable', 'string', 'max:4000'], 'missed' => ['array', 'max:200'], 'missed.*' => ['string', 'max:120']];
    }

    /** @return list<string> */
    public function missed(): array
    {
        /** @var array<string, list<string>> $valid */
        $valid = $this->validated();

        return array_values(array_unique($valid['missed'] ?? []));
    }
}
