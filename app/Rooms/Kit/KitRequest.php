<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A camera, lens or filter, as typed. */
final class KitRequest extends FormRequest
{
    use ReadsTyped;

    /** Fields that the core names otherwise than the form does. */
    private const CORE_FIELDS = ['aperture_max' => 'smallest', 'focal_length_mm' => 'focal_min_mm', 'preferred' => 'best_to', 'longest_timed_s' => 'longest_timed', 'stops' => 'marking'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $id = $this->route('id');
        $table = ['camera' => 'cameras', 'lens' => 'lenses', 'filter' => 'filters'][$this->item()];
        $name = ['bail', 'required', 'string', 'max:60', Rule::unique($table, 'name')->ignore(is_string($id) ? $id : null)];
        $thread = ['nullable', 'bail', new Quantity('The thread', 10, 200, 'mm')];
        $iso = new CoreValue(Iso::parse(...));
        $aperture = new CoreValue(Aperture::parse(...));

        return ['name' => $name] + match ($this->item()) {
            'camera' => [
                'sensor_width_mm' => ['bail', 'required', new Quantity('The sensor width', 2, 300, 'mm')],
                'sensor_height_mm' => ['bail', 'required', new Quantity('The sensor height', 2, 300, 'mm')],
                'pixels_wide' => ['nullable', 'bail', 'integer', 'between:500,50000'],
                'iso_base' => ['bail', 'required', $iso],
                'iso_low' => ['nullable', 'bail', $iso],
                'iso_max' => ['bail', 'required', $iso],
                'longest_timed' => ['bail', 'required', new CoreValue(ShutterTime::parse(...))],
                'battery_minutes' => ['nullable', 'bail', new Quantity('The battery', 1, 1440, 'min')],
                'reciprocity' => ['nullable', 'bail', new Quantity('The exponent of the film', 1, 2)],
            ],
            'lens' => [
                'focal_min_mm' => ['bail', 'required', new Quantity('The shortest focal length', 2, 2000, 'mm')],
                'focal_max_mm' => ['nullable', 'bail', new Quantity('The longest focal length', 2, 2000, 'mm')],
                'widest' => ['bail', 'required', $aperture],
                'smallest' => ['bail', 'required', $aperture],
                'widest_long' => ['nullable', 'bail', $aperture],
                'smallest_long' => ['nullable', 'bail', $aperture],
                'best_from' => ['nullable', 'required_with:best_to', 'bail', $aperture],
                'best_to' => ['nullable', 'required_with:best_from', 'bail', $aperture],
                'thread_mm' => $thread,
            ],
            default => [
                'kind' => ['bail', 'required', Rule::in(array_column(FilterKind::cases(), 'value'))],
                'marking' => [
                    'bail', Rule::requiredIf(in_array($this->input('kind'), ['nd', 'variable', 'graduated'], true)), 'nullable', 'string', 'max:40',
                    ...$this->input('kind') === 'welding' ? []
                        : [new CoreValue($this->input('kind') === 'variable' ? FilterMarking::parseRange(...) : FilterMarking::parse(...))],
                ],
                'reading' => ['nullable', 'integer', 'between:0,3'],
                'measured_stops' => ['nullable', 'bail', new Quantity('The measured strength', 0, 24, 'stops')],
                'measured_on' => ['nullable', 'bail', 'date_format:Y-m-d', 'after:1990-01-01', 'before:2100-01-01'],
                'cast_red' => ['nullable', 'bail', new Quantity('The cast in red', -5, 5, 'stops')],
                'cast_blue' => ['nullable', 'bail', new Quantity('The cast in blue', -5, 5, 'stops')],
                'edge' => ['nullable', Rule::in(['soft', 'hard', 'reverse'])],
                'mount' => ['bail', 'required', Rule::in(array_column(Mount::cases(), 'value'))],
                'thread_mm' => $thread,
            ],
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'marking.required' => 'Write what is engraved, like ND64, 1.8 or 6 stops; for a variable filter 2-8 stops.',
            'required_with' => 'Both ends are needed, or neither.',
            'measured_on.*' => 'Write the day like 2026-11-25.',
            'in' => 'This is not one of the choices.',
            'unique' => 'There is one of that name already.',
            'pixels_wide.*' => 'A whole number of pixels from 500 to 50000, or nothing.',
            'max' => 'This is too long.',
        ];
    }

    public function item(): string
    {
        $item = $this->route('item');

        return is_string($item) ? $item : '';
    }

    /**
     * Puts the values on the record, once the core agrees that they go together.
     *
     * @throws ValidationException
     */
    public function fill(Camera|Lens|Filter $record): void
    {
        $record->fill($this->values());
        try {
            match (true) {
                $record instanceof Camera => $record->body(),
                $record instanceof Lens => $this->lensMakesSense($record),
                default => $record->glass(),
            };
        } catch (InvalidValue $e) {
            $field = $e->renamed(self::CORE_FIELDS)->field();
            throw ValidationException::withMessages([$field === '' ? 'name' : $field => $e->getMessage()]);
        }
        $record->save();
    }

    private function lensMakesSense(Lens $lens): void
    {
        if ($lens->focal_max_mm < $lens->focal_min_mm) {
            throw (new InvalidValue('The longest focal length must not be below the shortest.'))->at('focal_max_mm');
        }
        $lens->glassAt($lens->focal_min_mm);
        $lens->glassAt($lens->focal_max_mm);
    }

    private function aperture(string $field): ?float
    {
        return $this->typed($field) === '' ? null : Aperture::parse($this->typed($field))->number;
    }

    /** @return array<string, mixed> */
    private function values(): array
    {
        return ['name' => trim($this->typed('name'))] + match ($this->item()) {
            'camera' => [
                'sensor_width_mm' => $this->number('sensor_width_mm'),
                'sensor_height_mm' => $this->number('sensor_height_mm'),
                'pixels_wide' => $this->typed('pixels_wide') === '' ? null : (int) $this->typed('pixels_wide'),
                'iso_base' => Iso::parse($this->typed('iso_base'))->speed,
                'iso_low' => $this->typed('iso_low') === '' ? null : Iso::parse($this->typed('iso_low'))->speed,
                'iso_max' => Iso::parse($this->typed('iso_max'))->speed,
                'longest_timed_s' => ShutterTime::parse($this->typed('longest_timed'))->seconds,
                'battery_minutes' => $this->number('battery_minutes'),
                'reciprocity' => $this->number('reciprocity') ?? 1.0,
            ],
            'lens' => [
                'focal_min_mm' => $this->number('focal_min_mm'),
                'focal_max_mm' => $this->number('focal_max_mm') ?? $this->number('focal_min_mm'),
                'widest_f' => Aperture::parse($this->typed('widest'))->number,
                'smallest_f' => Aperture::parse($this->typed('smallest'))->number,
                'widest_long_f' => $this->aperture('widest_long'),
                'smallest_long_f' => $this->aperture('smallest_long'),
                'best_from_f' => $this->aperture('best_from'),
                'best_to_f' => $this->aperture('best_to'),
                'thread_mm' => $this->number('thread_mm'),
            ],
            default => $this->filterValues(),
        };
    }

    /** @return array<string, mixed> */
    private function filterValues(): array
    {
        $kind = FilterKind::from($this->typed('kind'));
        $marking = trim($this->typed('marking'));
        $stops = $lightest = null;
        if ($kind === FilterKind::Variable) {
            [$lightest, $stops] = FilterMarking::parseRange($marking);
        } elseif ($marking !== '' && in_array($kind, [FilterKind::NeutralDensity, FilterKind::Polariser, FilterKind::Graduated], true)) {
            $readings = FilterMarking::parse($marking)->readings();
            $stops = ($readings[$this->integer('reading')] ?? $readings[0])['stops'];
        }

        return [
            'kind' => $kind,
            'marking' => $marking === '' ? null : $marking,
            'stops' => $stops?->value,
            'lightest_stops' => $lightest?->value,
            'measured_stops' => $this->number('measured_stops'),
            'measured_on' => $this->typed('measured_on') === '' ? null : $this->typed('measured_on'),
            'cast_red' => $this->number('cast_red'),
            'cast_blue' => $this->number('cast_blue'),
            'edge' => $kind === FilterKind::Graduated && $this->typed('edge') !== '' ? $this->typed('edge') : null,
            'mount' => Mount::from($this->typed('mount')),
            'thread_mm' => $this->number('thread_mm'),
        ];
    }
}
