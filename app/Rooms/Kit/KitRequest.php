<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterMarkingForm;
use GentlePour\Kit\Mount;
use GentlePour\Limit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A camera, lens or filter, as typed. */
final class KitRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    public const EDGES = ['soft', 'hard', 'reverse'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $id = $this->route('id');
        $name = ['bail', 'required', 'string', 'max:60', new NewName($this->piece(), is_string($id) ? $id : null)];

        return ['name' => $name] + match ($this->piece()) {
            KitPiece::Camera => self::cameraRules(),
            KitPiece::Lens => self::lensRules(),
            KitPiece::Filter => $this->filterRules(),
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'marking.required' => 'Write what is engraved, like ND64, 1.8 or 6 stops; for a variable filter 2-8 stops.',
            'required_with' => 'Both ends are needed, or neither.',
            'measured_on.*' => 'Write the day like 2026-11-25.',
            'pixels_wide.*' => 'A whole number of pixels from 500 to 50000, or nothing.',
        ];
    }

    public function piece(): KitPiece
    {
        $piece = $this->route('item');

        return $piece instanceof KitPiece ? $piece : KitPiece::from(is_string($piece) ? $piece : '');
    }

    /** How many slots the holder has, where a filter for one is the first; null where that was not asked. */
    public function slots(): ?int
    {
        return $this->piece() === KitPiece::Filter && $this->input('mount') === Mount::Slot->value && $this->filled('slots')
            ? $this->integer('slots') : null;
    }

    /** The values as a record keeps them. */
    public function values(): KitValues
    {
        return new KitValues($this->piece(), $this->typed());
    }

    /** @return array<string, mixed> */
    private static function cameraRules(): array
    {
        $iso = new CoreValue(Iso::parse(...));
        [$least, $most] = [Limit::PixelsWide->least(), Limit::PixelsWide->most()];

        return [
            'sensor_width_mm' => ['bail', 'required', new Quantity(Limit::SensorWidth)],
            'sensor_height_mm' => ['bail', 'required', new Quantity(Limit::SensorHeight)],
            'pixels_wide' => ['nullable', 'bail', 'integer', "between:{$least},{$most}"],
            'iso_base' => ['bail', 'required', $iso],
            'iso_low' => ['nullable', 'bail', $iso],
            'iso_max' => ['bail', 'required', $iso],
            'longest_timed' => ['bail', 'required', new CoreValue(ShutterTime::parse(...))],
            'battery_minutes' => ['nullable', 'bail', new Quantity(Limit::Battery)],
            'reciprocity' => ['nullable', 'bail', new Quantity(Limit::FilmExponent)],
            ...array_fill_keys(['mirror', 'optical_finder', 'stabiliser', 'raw'], ['nullable', 'boolean']),
        ];
    }

    /** @return array<string, mixed> */
    private static function lensRules(): array
    {
        $aperture = new CoreValue(Aperture::parse(...));

        return [
            'focal_min_mm' => ['bail', 'required', new Quantity(Limit::FocalLength, 'The shortest focal length')],
            'focal_max_mm' => ['nullable', 'bail', new Quantity(Limit::FocalLength, 'The longest focal length')],
            'widest' => ['bail', 'required', $aperture],
            'smallest' => ['bail', 'required', $aperture],
            'widest_long' => ['nullable', 'bail', $aperture],
            'smallest_long' => ['nullable', 'bail', $aperture],
            'best_from' => ['nullable', 'required_with:best_to', 'bail', $aperture],
            'best_to' => ['nullable', 'required_with:best_from', 'bail', $aperture],
            'thread_mm' => ['nullable', 'bail', new Quantity(Limit::Thread)],
        ];
    }

    /** @return array<string, mixed> */
    private function filterRules(): array
    {
        $form = $this->typed()->choice('kind', FilterKind::class)?->marking();

        return [
            'kind' => ['bail', 'required', Rule::enum(FilterKind::class)],
            'marking' => [
                'bail', Rule::requiredIf($form?->isNeeded() ?? false), 'nullable', 'string', 'max:40', ...match ($form) {
                    FilterMarkingForm::Range => [new CoreValue(FilterMarking::parseRange(...))],
                    FilterMarkingForm::Strength, FilterMarkingForm::StrengthIfAny => [new CoreValue(FilterMarking::parse(...))],
                    FilterMarkingForm::Nothing, null => [],
                },
            ],
            'reading' => ['nullable', 'integer', 'between:0,3'],
            'measured_stops' => ['nullable', 'bail', new Quantity(Limit::FilterStrength, 'The measured strength')],
            'measured_on' => ['nullable', 'bail', 'date_format:Y-m-d', 'after:1990-01-01', 'before:2100-01-01'],
            'cast_red' => ['nullable', 'bail', new Quantity(Limit::CastRed)],
            'cast_blue' => ['nullable', 'bail', new Quantity(Limit::CastBlue)],
            'edge' => ['nullable', Rule::in(self::EDGES)],
            'mount' => ['bail', 'required', Rule::enum(Mount::class)],
            'thread_mm' => ['nullable', 'bail', new Quantity(Limit::Thread)],
            'slots' => ['nullable', 'bail', 'integer', 'between:1,'.Limit::Slots->most()],
        ];
    }
}
