<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Typed;
use Illuminate\Foundation\Http\FormRequest;

/** Two to four open times of the picture on the bench. */
final class CompareRequest extends FormRequest
{
    private const AT_MOST = 4;

    private const LETTERS_AT_MOST = 40;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** @return list<string> as typed */
    public function written(): array
    {
        $given = array_slice((new Typed([...$this->query()]))->texts('t'), 0, self::AT_MOST);

        return array_map(static fn (string $t): string => mb_substr(trim($t), 0, self::LETTERS_AT_MOST), $given);
    }

    public function wipes(): bool
    {
        return $this->query('as') === 'wipe';
    }
}
