<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\BearingField;
use App\Forms\Compass;
use App\Forms\CoreValue;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use App\Models\Place;
use GentlePour\Outing\WayOut;
use GentlePour\Sky\Observer;
use GentlePour\Sky\Skyline;
use Illuminate\Foundation\Http\FormRequest;

/** What stands before the sky of a place, its way out leg by leg, and where swell and wind come from. */
final class AroundRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    protected $errorBag = 'around';

    /** @return array<string, mixed> */
    public function rules(Compass $compass): array
    {
        $bearing = fn (string $name): array => [
            'nullable', 'bail', new BearingField($compass, fn (): ?Observer => $this->observer(), $name),
        ];

        return [
            'skyline' => self::skyline($compass, $this->observer()),
            'way_out' => ['nullable', 'bail', 'string', 'max:2000', new CoreValue(
                fn (string $list): array => WayOut::legs($compass->inTrue($list, $this->observer())),
            )],
            'swell_from_deg' => $bearing('The direction of the swell'),
            'wind_from_deg' => $bearing('The direction of the wind'),
        ];
    }

    /** @return list<mixed> the rule of a skyline as a list of points */
    public static function skyline(Compass $compass, ?Observer $observer): array
    {
        return ['nullable', 'bail', 'string', 'max:4000', new CoreValue(
            static fn (string $list): Skyline => Skyline::parse($compass->inTrue($list, $observer)),
        )];
    }

    private function observer(): ?Observer
    {
        $place = $this->route('place');

        return $place instanceof Place ? $place->observer() : null;
    }
}
