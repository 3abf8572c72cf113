<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\BearingField;
use App\Forms\Compass;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Kit\Crop;
use GentlePour\Limit;
use GentlePour\Motion\Look;
use GentlePour\Outing\Composition;
use GentlePour\Planning\WantedLight;
use GentlePour\Sky\Observer;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What is wanted of an outing: a subject of its place in a look, in some light, at a mark. */
final class CompositionRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    private const MOST = 20;

    /** @return array<string, mixed> */
    public function rules(Compass $compass): array
    {
        $outing = OutingOfRoute::of($this);

        return [
            'subject' => [
                'bail', 'required', 'integer', Rule::exists('subjects', 'id')->where('place_id', $outing->place_id),
                static function (string $field, mixed $value, callable $fail) use ($outing): void {
                    $outing->compositions()->count() < self::MOST || $fail('An outing takes up to '.self::MOST.' compositions.');
                },
            ],
            'look' => ['required', Rule::enum(Look::class)],
            'light' => ['required', Rule::enum(WantedLight::class)],
            'mark' => ['nullable', 'integer', Rule::exists('level_marks', 'id')->where('place_id', $outing->place_id)],
            'frames' => ['nullable', 'integer', 'between:1,'.Composition::MOST_FRAMES],
            'focal' => ['nullable', 'bail', new Quantity(Limit::FocalLength)],
            'facing' => ['nullable', 'bail', new BearingField($compass, static fn (): ?Observer => $outing->place->observer())],
            'crop' => ['nullable', Rule::enum(Crop::class)],
            'bracket' => ['nullable', 'integer', 'between:0,'.Composition::MOST_BRACKET_STOPS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'subject.required' => 'Choose a subject of the place.', 'subject.*' => 'This is no subject of the place.',
            'look' => 'Choose one of the looks.', 'light' => 'Choose one of the lights.', 'mark.*' => 'This is no mark of the place.',
            'crop' => 'Choose one of the crops.',
            'bracket.*' => 'A bracket goes up to '.Composition::MOST_BRACKET_STOPS.' stops to either side.',
            'frames.*' => 'Between one and '.Composition::MOST_FRAMES.' frames.',
        ];
    }
}
