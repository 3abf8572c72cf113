<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Models\Camera;
use App\Models\Filter;
use App\Models\Lens;
use App\Models\Setting;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Iso;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A first camera, lens and filter, on one page and with as few answers as will do. */
final class FirstKitRequest extends FormRequest
{
    use ReadsTyped;

    /** Sensor sizes in mm by what they are called. Common practice. */
    public const SENSORS = [
        'full' => ['full frame', 36.0, 24.0], 'apsc' => ['APS-C', 23.5, 15.6], 'four_thirds' => ['four thirds', 17.3, 13.0], 'inch' => ['one inch', 13.2, 8.8], 'medium' => ['medium format', 43.8, 32.9],
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'camera' => ['bail', 'required', 'string', 'max:60', Rule::unique('cameras', 'name')],
            'sensor' => ['required', Rule::in(array_keys(self::SENSORS))],
            'iso_base' => ['bail', 'required', new CoreValue(Iso::parse(...))],
            'focal_min_mm' => ['bail', 'required', new Quantity('The shortest focal length', 2, 2000, 'mm')],
            'focal_max_mm' => ['nullable', 'bail', new Quantity('The longest focal length', 2, 2000, 'mm')],
            'widest' => ['bail', 'required', new CoreValue(Aperture::parse(...))],
            'marking' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(FilterMarking::parse(...))],
            'reading' => ['nullable', 'integer', 'between:0,3'],
            'mount' => ['required', Rule::in(array_column(Mount::cases(), 'value'))],
            'release' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'unique' => 'There is one of that name already.', 'in' => 'This is not one of the choices.', 'max' => 'This is too long.'];
    }

    /** @throws ValidationException when the core cannot make something of it */
    public function keep(): void
    {
        [, $width, $height] = self::SENSORS[$this->typed('sensor')];
        $base = Iso::parse($this->typed('iso_base'))->speed;
        $from = (float) $this->number('focal_min_mm');
        $to = $this->number('focal_max_mm') ?? $from;
        if ($to < $from) {
            throw ValidationException::withMessages(['focal_max_mm' => ['The longest focal length must not be below the shortest.']]);
        }
        $camera = new Camera(['name' => $this->typed('camera'), 'sensor_width_mm' => $width, 'sensor_height_mm' => $height, 'iso_base' => $base, 'iso_max' => $base * 16, 'longest_timed_s' => 32, 'reciprocity' => 1.0]);
        $lens = new Lens(['name' => $from === $to ? "{$this->typed('focal_min_mm')} mm" : "{$this->typed('focal_min_mm')}–{$this->typed('focal_max_mm')} mm", 'focal_min_mm' => $from, 'focal_max_mm' => $to, 'widest_f' => Aperture::parse($this->typed('widest'))->number, 'smallest_f' => Aperture::named(22)->number]);
        try {
            $camera->body();
            $lens->glassAt($from);
        } catch (InvalidValue $e) {
            throw ValidationException::withMessages([str_starts_with($e->field(), 'iso') ? 'iso_base' : 'widest' => [$e->getMessage()]]);
        }
        DB::transaction(function () use ($camera, $lens): void {
            $camera->save();
            $lens->name = Lens::query()->where('name', $lens->name)->exists() ? $lens->name.' of '.$camera->name : $lens->name;
            $lens->save();
            $slot = $this->typed('mount') === Mount::Slot->value;
            if ($this->typed('marking') !== '') {
                $readings = FilterMarking::parse($this->typed('marking'))->readings();
                Filter::query()->firstOrCreate(['name' => $this->typed('marking')], [
                    'kind' => FilterKind::NeutralDensity, 'marking' => $this->typed('marking'), 'stops' => ($readings[$this->integer('reading')] ?? $readings[0])['stops']->value, 'mount' => $this->typed('mount'), 'packed' => true,
                ]);
            }
            Setting::write('carry', [...Setting::read('carry'), 'release' => $this->boolean('release'), ...$slot ? ['slots' => max(2, (int) (is_numeric(Setting::read('carry')['slots'] ?? null) ? Setting::read('carry')['slots'] : 0))] : []]);
        });
    }
}
