<?php

declare(strict_types=1);

namespace App\Rooms\Learned;

use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Limit;
use Illuminate\Foundation\Http\FormRequest;

/** A taste set by hand, or forgotten. */
final class TasteRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    protected $errorBag = 'taste';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['stops' => [$this->isReset() ? 'nullable' : 'required', 'bail', new Quantity(Limit::Taste)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Say how many stops, 0 for none.'];
    }

    public function isReset(): bool
    {
        return $this->boolean('forget');
    }

    public function stops(): float
    {
        return $this->typed()->number('stops') ?? 0.0;
    }
}
