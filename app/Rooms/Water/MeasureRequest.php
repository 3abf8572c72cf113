<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Forms\TakesUnits;
use App\Models\MeasurementKind;
use GentlePour\Limit;
use GentlePour\Measuring\CloudKind;
use GentlePour\Motion\CloudDrift;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A measurement to be kept, or a file of observations to be looked into. */
final class MeasureRequest extends FormRequest
{
    use ReadsTyped;
    use TakesUnits;

    /** Fields that the core names otherwise than the form does. */
    public const CORE_FIELDS = ['runs' => 'presses', 'feature_m' => 'form', '' => 'form'];

    private const SECONDS = 'regex:/^\d{1,11}(\.\d{1,6})?(,\d{1,11}(\.\d{1,6})?)*$/';

    private const INSTANT = ['nullable', 'date', 'after:1970-01-02', 'before:2100-01-01'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'place_id' => ['nullable', Rule::exists('places', 'id')],
            'note' => ['nullable', 'string', 'max:200'],
            'last_ms' => ['nullable', 'numeric', 'between:946684800000,4102444800000'],
            ...match ($this->kind()) {
                MeasurementKind::Waves, MeasurementKind::Swash => self::pressRules(),
                MeasurementKind::Float => [
                    'distance_m' => ['bail', 'required', new Quantity(Limit::FloatDistance)],
                    'presses' => ['bail', 'required', 'string', 'max:2000', self::SECONDS],
                    'mean' => ['nullable', 'boolean'],
                ],
                MeasurementKind::Drop => $this->dropRules(),
                MeasurementKind::Clouds => $this->cloudRules(),
                MeasurementKind::Buoy => $this->isKeeping() ? self::buoyRules() : self::fileRules(),
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'presses.required' => 'Nothing has been timed yet.',
            'regex' => 'The times cannot be read.',
            'exists' => 'This place is no longer there.',
            'at.after' => 'Write it like 2026-11-26 07:30.',
            'at.before' => 'Write it like 2026-11-26 07:30.',
            'files.*.max' => 'A file may have 20 MB at the most.',
            'files.*.file' => 'The file did not arrive whole; send it again.',
            'files.max' => 'Twelve files at a time.',
        ];
    }

    public function kind(): MeasurementKind
    {
        $kind = $this->route('kind');

        return $kind instanceof MeasurementKind ? $kind : MeasurementKind::from(is_string($kind) ? $kind : '');
    }

    /** A row of a buoy's file that was looked into is kept; before that the file is read. */
    public function isKeeping(): bool
    {
        return $this->kind() !== MeasurementKind::Buoy || $this->has('period_s');
    }

    /** @return array<string, string> contents of the files that were sent, by name, and of the text that was pasted */
    public function texts(): array
    {
        $pasted = $this->typed()->text('text');
        $texts = $pasted === '' ? [] : ['pasted' => $pasted];
        foreach (is_array($this->file('files')) ? $this->file('files') : [] as $file) {
            $texts[$file->getClientOriginalName()] = mb_scrub((string) $file->get());
        }

        return $texts;
    }

    /** @return array<string, mixed> */
    private static function pressRules(): array
    {
        return [
            'presses' => ['bail', 'required', 'string', 'max:8000', self::SECONDS],
            'big' => ['nullable', 'string', 'max:8000', self::SECONDS],
            'out' => ['nullable', 'string', 'max:2000', 'regex:/^\d{1,3}(,\d{1,3})*$/'],
        ];
    }

    /** @return array<string, mixed> */
    private function dropRules(): array
    {
        $angles = $this->typed()->text('by') === 'angles';
        $byAngles = [$angles ? 'required' : 'nullable', 'bail'];

        return [
            'by' => ['required', Rule::in(['typed', 'angles'])],
            'drop_m' => [$angles ? 'nullable' : 'required', 'bail', new Quantity(Limit::Drop)],
            'distance_m' => [...$byAngles, new Quantity(Limit::FallDistance)],
            'lip_deg' => [...$byAngles, new Quantity(Limit::LipAngle)],
            'foot_deg' => [...$byAngles, new Quantity(Limit::FootAngle)],
        ];
    }

    /** @return array<string, mixed> */
    private function cloudRules(): array
    {
        $needed = static fn (bool $when): array => [$when ? 'required' : 'nullable', 'bail'];
        $crossing = $this->typed()->text('by') !== 'wind';
        $base = $this->typed()->text('base_by');

        return [
            'by' => ['required', Rule::in(['crossing', 'wind'])],
            'share' => [...$needed($crossing), new Quantity(Limit::CrossingShare)],
            'seconds' => [...$needed($crossing), new Quantity(Limit::CrossingTime)],
            'speed_m_s' => [...$needed(! $crossing), new Quantity(Limit::CloudSpeed)],
            'base_by' => [$crossing ? 'nullable' : 'required', Rule::in(['typed', 'kind', 'dew_point'])],
            'base_m' => [...$needed(! $crossing && $base === 'typed'), new Quantity(Limit::CloudBase)],
            'cloud_kind' => [$crossing || $base !== 'kind' ? 'nullable' : 'required', Rule::enum(CloudKind::class)],
            'temperature_c' => [...$needed(! $crossing && $base === 'dew_point'), new Quantity(Limit::Temperature)],
            'dew_point_c' => [...$needed(! $crossing && $base === 'dew_point'), new Quantity(Limit::DewPoint)],
            'elevation_deg' => [...$needed(! $crossing), new Quantity(Limit::CloudElevation)],
            'across' => [$crossing ? 'nullable' : 'required', Rule::enum(CloudDrift::class)],
        ];
    }

    /** @return array<string, mixed> */
    private static function buoyRules(): array
    {
        return [
            'period_s' => ['bail', 'required', new Quantity(Limit::WavePeriod)],
            'height_m' => ['nullable', 'bail', new Quantity(Limit::ObservedHeight)],
            'wind_m_s' => ['nullable', 'bail', new Quantity(Limit::ObservedWind)],
            'source' => ['nullable', 'string', 'max:120'],
            'observed_at' => self::INSTANT,
        ];
    }

    /** @return array<string, mixed> */
    private static function fileRules(): array
    {
        return [
            'files' => ['array', 'max:12'],
            'files.*' => ['file', 'max:20480'],
            'text' => ['nullable', 'string', 'max:2000000'],
            'feed' => ['nullable', 'string', 'max:20'],
            'at' => self::INSTANT,
        ];
    }
}
