<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Devices\Feeds;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Place;
use App\Rooms\Bench\Moving;
use Carbon\CarbonInterface;
use GentlePour\Documents\Observation;
use GentlePour\Documents\ObservationFiles;
use GentlePour\InvalidValue;
use GentlePour\Measuring\CloudBase;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FallHeight;
use GentlePour\Measuring\FloatRuns;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Measuring\SwashTimer;
use GentlePour\Motion\Flow;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A measurement to be kept, or a file of observations to be looked into. */
final class MeasureRequest extends FormRequest
{
    use ReadsTyped;

    private const SECONDS = 'regex:/^\d{1,11}(\.\d{1,6})?(,\d{1,11}(\.\d{1,6})?)*$/';

    /** Fields that the core names otherwise than the form does. */
    private const CORE_FIELDS = ['seconds' => 'seconds', 'runs' => 'presses', 'speed_m_s' => 'speed_m_s', 'feature_m' => 'form'];

    /** Rows shown around the nearest. */
    private const ROWS_AROUND = 6;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'place_id' => ['nullable', Rule::exists('places', 'id')],
            'note' => ['nullable', 'string', 'max:200'],
            'last_ms' => ['nullable', 'numeric', 'between:946684800000,4102444800000'],
            ...match ($this->kind()) {
                MeasurementKind::Waves, MeasurementKind::Swash => [
                    'presses' => ['bail', 'required', 'string', 'max:8000', self::SECONDS], 'big' => ['nullable', 'string', 'max:8000', self::SECONDS],
                    'out' => ['nullable', 'string', 'max:2000', 'regex:/^\d{1,3}(,\d{1,3})*$/'],
                ],
                MeasurementKind::Float => [
                    'distance_m' => ['bail', 'required', new Quantity('The distance of the float', 0.1, 1000, 'm')],
                    'presses' => ['bail', 'required', 'string', 'max:2000', self::SECONDS], 'mean' => ['nullable', 'boolean'],
                ],
                MeasurementKind::Drop => [
                    'by' => ['required', Rule::in(['typed', 'angles'])],
                    'drop_m' => [$this->typed('by') === 'angles' ? 'nullable' : 'required', 'bail', new Quantity('The drop', 0.05, 1000, 'm')],
                    ...array_map(fn (Quantity $q): array => [$this->typed('by') === 'angles' ? 'required' : 'nullable', 'bail', $q], [
                        'distance_m' => new Quantity('The distance to the fall', 0.5, 5000, 'm'), 'lip_deg' => new Quantity('The angle to the lip', -80, 85, '°'),
                        'foot_deg' => new Quantity('The angle to the foot', -85, 80, '°'),
                    ]),
                ],
                MeasurementKind::Clouds => $this->cloudRules(),
                MeasurementKind::Buoy => $this->isKeeping() ? [
                    'period_s' => ['bail', 'required', new Quantity('The period', 0.3, 30, 's')], 'height_m' => ['nullable', 'bail', new Quantity('The height', 0, 25, 'm')],
                    'wind_m_s' => ['nullable', 'bail', new Quantity('The wind', 0, 90, 'm/s')], 'source' => ['nullable', 'string', 'max:120'], 'observed_at' => ['nullable', 'date', 'after:1970-01-02', 'before:2100-01-01'],
                ] : [
                    'files' => ['array', 'max:12'], 'files.*' => ['file', 'max:20480'], 'text' => ['nullable', 'string', 'max:2000000'],
                    'feed' => ['nullable', 'string', 'max:20'], 'at' => ['nullable', 'date', 'after:1970-01-02', 'before:2100-01-01'],
                ],
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.', 'presses.required' => 'Nothing has been timed yet.', 'regex' => 'The times cannot be read.', 'exists' => 'This place is no longer there.',
            'date' => 'Write it like 2026-11-26 07:30.', 'at.after' => 'Write it like 2026-11-26 07:30.', 'at.before' => 'Write it like 2026-11-26 07:30.', 'in' => 'This is not one of the choices.',
            'max' => 'This is too long.', 'files.*.max' => 'A file may have 20 MB at the most.', 'files.*.file' => 'The file did not arrive whole; send it again.', 'files.max' => 'Twelve files at a time.',
        ];
    }

    public function isKeeping(): bool
    {
        return $this->has('period_s');
    }

    /** @throws ValidationException when values that are each valid do not go together */
    public function keep(): Measurement
    {
        try {
            $data = $this->worked();
        } catch (InvalidValue $e) {
            $field = self::CORE_FIELDS[$e->field()] ?? ($e->field() === '' ? 'form' : $e->field());
            throw ValidationException::withMessages([$field => [$e->getMessage()]]);
        }
        $last = $this->filled('last_ms') ? $this->float('last_ms') : null;
        $observed = $this->typed('observed_at');

        return Measurement::query()->create([
            'kind' => $this->kind(),
            'place_id' => $this->filled('place_id') ? $this->integer('place_id') : null,
            'note' => $this->input('note'),
            'data' => array_filter($data + ['last_ms' => $last], static fn (mixed $v): bool => $v !== null),
            'measured_at' => $observed !== '' ? Carbon::parse($observed, 'UTC') : ($last === null ? now() : Carbon::createFromTimestampMs($last, 'UTC')),
        ]);
    }

    /**
     * The observations around the wanted instant, from files, from pasted text or from a feed.
     *
     * @return array{rows: list<Observation>, nearest: Observation|null, bad: list<array{file: string, line: int, reason: string, text: string}>, at: CarbonInterface, source: string, count: int}
     *
     * @throws ValidationException
     */
    public function observations(Feeds $feeds): array
    {
        $at = $this->filled('at') ? Carbon::parse($this->typed('at'), 'UTC') : now();
        [$texts, $source] = $this->texts($feeds, (float) $at->getTimestamp());
        if ($texts === []) {
            throw ValidationException::withMessages(['files' => ['Choose a file, paste its text, or read the simulated buoy.']]);
        }
        try {
            $read = ObservationFiles::read($texts);
        } catch (InvalidValue $e) {
            throw ValidationException::withMessages(['files' => [$e->getMessage()]]);
        }
        $nearest = $read->nearestWaves((float) $at->getTimestamp()) ?? $read->nearest((float) $at->getTimestamp());
        $place = $nearest === null ? 0 : (int) array_search($nearest, $read->observations, true);

        return [
            'rows' => array_slice($read->observations, max(0, $place - self::ROWS_AROUND), 2 * self::ROWS_AROUND + 1), 'nearest' => $nearest, 'bad' => $read->badLines,
            'at' => $at, 'source' => $source, 'count' => count($read->observations),
        ];
    }

    /** @return array{array<string, string>, string} texts by file name, and where they come from in a word */
    private function texts(Feeds $feeds, float $unix): array
    {
        $feed = $feeds->feed($this->typed('feed'));
        if ($feed !== null) {
            $place = Place::query()->whereNotNull('latitude')->find($this->integer('place_id')) ?? Place::query()->whereNotNull('latitude')->first();

            return [[$feed->name() => $feed->observations($place->latitude ?? 56.5, $place->longitude ?? -9.9, $unix - 86400, $unix + 86400)], $feed->name()];
        }
        $texts = $this->typed('text') === '' ? [] : ['pasted' => $this->typed('text')];
        foreach (is_array($this->file('files')) ? $this->file('files') : [] as $file) {
            $texts[$file->getClientOriginalName()] = mb_scrub((string) $file->get());
        }

        return [$texts, mb_strimwidth(implode(', ', array_keys($texts)), 0, 100, '…')];
    }

    private function kind(): MeasurementKind
    {
        $kind = $this->route('kind');

        return $kind instanceof MeasurementKind ? $kind : MeasurementKind::from(is_string($kind) ? $kind : '');
    }

    /** @return array<string, mixed> */
    private function cloudRules(): array
    {
        $needed = fn (bool $when): array => [$when ? 'required' : 'nullable', 'bail'];
        $crossing = $this->typed('by') !== 'wind';
        $base = $this->typed('base_by');

        return [
            'by' => ['required', Rule::in(['crossing', 'wind'])],
            'share' => [...$needed($crossing), new Quantity('The share of the frame', 0.5, 100, '%')],
            'seconds' => [...$needed($crossing), new Quantity('The time of the crossing', 0.5, 7200, 's')],
            'speed_m_s' => [...$needed(! $crossing), new Quantity('The wind at the clouds', 0.1, 120, 'm/s')],
            'base_by' => [$crossing ? 'nullable' : 'required', Rule::in(['typed', 'kind', 'dew_point'])],
            'base_m' => [...$needed(! $crossing && $base === 'typed'), new Quantity('The height of the clouds', 50, 16000, 'm')],
            'cloud_kind' => [$crossing || $base !== 'kind' ? 'nullable' : 'required', Rule::in(array_column(CloudKind::cases(), 'value'))],
            'temperature_c' => [...$needed(! $crossing && $base === 'dew_point'), new Quantity('The temperature', -60, 60, '°C')],
            'dew_point_c' => [...$needed(! $crossing && $base === 'dew_point'), new Quantity('The dew point', -80, 40, '°C')],
            'elevation_deg' => [...$needed(! $crossing), new Quantity('The elevation', 1, 90, '°')],
            'across' => [$crossing ? 'nullable' : 'required', Rule::in(array_keys(Moving::ACROSS))],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    private function worked(): array
    {
        return match ($this->kind()) {
            MeasurementKind::Waves => $this->waves(),
            MeasurementKind::Swash => $this->swash(),
            MeasurementKind::Float => $this->floated(),
            MeasurementKind::Drop => $this->drop(),
            MeasurementKind::Clouds => $this->clouds(),
            MeasurementKind::Buoy => [
                'period_s' => $this->number('period_s'), 'height_m' => $this->number('height_m'), 'wind_m_s' => $this->number('wind_m_s'), 'source' => $this->input('source'),
            ],
        };
    }

    /** @return array<string, mixed> */
    private function waves(): array
    {
        $presses = $this->seconds('presses');
        $out = array_map(static fn (float $i): int => (int) $i, $this->seconds('out'));
        $timer = CrestTimer::ofPresses($presses, $out);
        if (! $timer->isEnough()) {
            throw (new InvalidValue('Press with '.CrestTimer::ENOUGH_PRESSES.' crests at least; the median needs them.'))->at('presses');
        }
        $sets = SetRhythm::of($this->seconds('big'), $timer->periodS());
        $next = $sets->nextExpectedS();

        return [
            'presses_s' => $presses, 'left_out' => $out, 'big_s' => $this->seconds('big'), 'presses' => $timer->presses(), 'period_s' => $timer->periodS(), 'spread_s' => $timer->spreadS(),
            'set_size' => $sets->size(), 'set_apart_s' => $sets->apartS(),
            'set_at_ms' => $next === null || ! $this->filled('last_ms') ? null : $this->float('last_ms') + 1000 * ($next - $presses[count($presses) - 1]),
        ];
    }

    /** @return array<string, mixed> */
    private function swash(): array
    {
        $presses = $this->seconds('presses');
        $swash = SwashTimer::ofPresses($presses);

        return ['presses_s' => $presses, 'retreat_s' => $swash->retreatS, 'period_s' => $swash->periodS, 'retreats' => $swash->retreats];
    }

    /** @return array<string, mixed> */
    private function floated(): array
    {
        $runs = FloatRuns::of((float) $this->number('distance_m'), $this->seconds('presses'));
        $mean = $this->boolean('mean');

        return [
            'distance_m' => $this->number('distance_m'), 'runs_s' => $this->seconds('presses'), 'runs' => $runs->count(), 'mean' => $mean,
            'speed_m_s' => $mean ? $runs->columnMS() : $runs->surfaceMS(), 'spread_m_s' => $runs->spreadMS(),
        ];
    }

    /** @return array<string, mixed> */
    private function drop(): array
    {
        $drop = $this->typed('by') === 'angles'
            ? FallHeight::ofAngles((float) $this->number('distance_m'), (float) $this->number('lip_deg'), (float) $this->number('foot_deg'))
            : (float) $this->number('drop_m');

        return ['drop_m' => $drop, 'foot_m_s' => Flow::speedAtFoot($drop), 'mean_m_s' => 2 / 3 * Flow::speedAtFoot($drop)];
    }

    /** @return array<string, mixed> */
    private function clouds(): array
    {
        if ($this->typed('by') === 'crossing') {
            return ['share' => $this->number('share'), 'seconds' => $this->number('seconds')];
        }
        $base = match ($this->typed('base_by')) {
            'kind' => CloudKind::from($this->typed('cloud_kind'))->baseM(),
            'dew_point' => CloudBase::ofDewPoint((float) $this->number('temperature_c'), (float) $this->number('dew_point_c')),
            default => (float) $this->number('base_m'),
        };

        return ['speed_m_s' => $this->number('speed_m_s'), 'base_m' => $base, 'elevation_deg' => $this->number('elevation_deg'), 'across' => $this->typed('across')];
    }

    /** @return list<float> */
    private function seconds(string $field): array
    {
        return $this->typed($field) === '' ? [] : array_map(static fn (string $s): float => (float) $s, explode(',', $this->typed($field)));
    }
}
