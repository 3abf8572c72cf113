<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\BearingField;
use App\Forms\Compass;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Bench\FlowMeasure;
use GentlePour\Limit;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Sky\Observer;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A subject of a place, as typed: its water under the names that the bench has for it. What does not belong to its kind is left out. */
final class SubjectRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    /** @return array<string, mixed> */
    public function rules(Compass $compass): array
    {
        $subject = $this->route('subject');
        $other = static fn (string $field): array => ['bail', 'required_with:'.$field, 'nullable'];
        $free = ['bail', 'nullable'];
        $where = fn (): ?Observer => Place::query()->find($this->typed()->id('place'))?->observer();

        return [
            'name' => [
                'bail', 'required', 'string', 'max:60',
                Rule::unique('subjects', 'name')->where('place_id', $this->typed()->id('place'))
                    ->ignore($subject instanceof Subject ? $subject->id : null),
            ],
            'place' => ['bail', 'required', 'integer', 'exists:places,id'],
            'kind' => ['required', Rule::enum(WaterKind::class)],
            'measure' => ['nullable', Rule::enum(FlowMeasure::class)],
            'speed' => [...$free, new Quantity(Limit::WaterSpeed)],
            'drop' => [...$free, new Quantity(Limit::Drop)],
            'float_m' => [...$other('float_s'), new Quantity(Limit::FloatDistance)],
            'float_s' => [...$other('float_m'), new Quantity(Limit::FloatTime)],
            'period' => [...$free, new Quantity(Limit::WavePeriod)],
            'feature' => [...$free, new Quantity(Limit::TextureSize)],
            'height' => [...$free, new Quantity(Limit::WaveHeight)],
            'depth' => [...$free, new Quantity(Limit::Depth)],
            'chop_period' => [...$other('chop_height'), new Quantity(Limit::WavePeriod, 'The chop’s period')],
            'chop_height' => [...$other('chop_period'), new Quantity(Limit::WaveHeight, 'The chop’s height')],
            'distance' => ['bail', 'required', new Quantity(Limit::Distance)],
            'focal' => [...$free, new Quantity(Limit::FocalLength)],
            'facing' => [...$free, new BearingField($compass, $where)],
            'look' => ['nullable', Rule::enum(Look::class)],
            'note' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'What is it called?',
            'name.unique' => 'There is a subject of that name at this place already.',
            'place.required' => 'At which place?',
            'place.*' => 'This place is gone; choose another.',
        ];
    }

    /** Whether it was begun at the bench, and goes back there. */
    public function isForTheBench(): bool
    {
        return $this->boolean('to_bench');
    }
}
