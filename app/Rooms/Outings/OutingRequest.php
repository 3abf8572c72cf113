<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Limit;
use Illuminate\Foundation\Http\FormRequest;

/** An outing, as typed: instants by the place's clock. */
final class OutingRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'starts_at' => ['required', 'string', 'max:40'],
            'ends_at' => ['required', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:2000'],
            'travel_minutes' => ['nullable', 'bail', new Quantity(Limit::TravelMinutes)],
            'told' => ['nullable', 'string', 'max:200'],
            'forecast' => ['nullable', 'string', 'max:500'],
            'rain' => ['nullable', 'boolean'],
        ];
    }
}
