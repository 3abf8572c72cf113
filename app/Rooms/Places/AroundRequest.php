<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Limit;
use GentlePour\Outing\WayOut;
use GentlePour\Sky\Skyline;
use Illuminate\Foundation\Http\FormRequest;

/** What stands before the sky of a place, its way out leg by leg, and where swell and wind come from. */
final class AroundRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    protected $errorBag = 'around';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'skyline' => ['nullable', 'bail', 'string', 'max:4000', new CoreValue(Skyline::parse(...))],
            'way_out' => ['nullable', 'bail', 'string', 'max:2000', new CoreValue(WayOut::legs(...))],
            'swell_from_deg' => ['nullable', 'bail', new Quantity(Limit::Facing, 'The direction of the swell')],
            'wind_from_deg' => ['nullable', 'bail', new Quantity(Limit::Facing, 'The direction of the wind')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'This is too long.'];
    }
}
