<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Limit;
use Illuminate\Foundation\Http\FormRequest;

/** A level mark, as typed: with a height, or to be learned. */
final class MarkRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    protected $errorBag = 'mark';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'above' => ['required', 'boolean'],
            'height_m' => ['nullable', 'bail', new Quantity(Limit::MarkHeight)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'What does the water do there?'];
    }

    /** Whether the water stands at it just now, so that the prediction tells its height. */
    public function isSeenNow(): bool
    {
        return $this->boolean('seen_now');
    }

    /** @return array{name: string, above: bool, height_m: float|null} */
    public function mark(): array
    {
        $typed = $this->typed();

        return ['name' => $typed->text('name'), 'above' => $typed->flag('above'), 'height_m' => $typed->number('height_m')];
    }
}
