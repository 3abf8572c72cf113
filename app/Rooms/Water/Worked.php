<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Forms\Typed;
use App\Models\MeasurementKind;
use GentlePour\InvalidValue;
use GentlePour\Measuring\CloudBase;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FallHeight;
use GentlePour\Measuring\FloatRuns;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Measuring\SwashTimer;
use GentlePour\Motion\Flow;

/** What a measurement comes to, with everything it was worked out from, as its record keeps it. */
final readonly class Worked
{
    public function __construct(private MeasurementKind $kind, private Typed $typed)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue when values that are each valid do not go together
     */
    public function data(): array
    {
        return match ($this->kind) {
            MeasurementKind::Waves => $this->waves(),
            MeasurementKind::Swash => $this->swash(),
            MeasurementKind::Float => $this->floated(),
            MeasurementKind::Drop => self::drop($this->dropM()),
            MeasurementKind::Clouds => $this->clouds(),
            MeasurementKind::Buoy => [
                'period_s' => $this->typed->number('period_s'),
                'height_m' => $this->typed->number('height_m'),
                'wind_m_s' => $this->typed->number('wind_m_s'),
                'source' => $this->typed->has('source') ? $this->typed->text('source') : null,
            ],
        };
    }

    /**
     * @param  list<float>  $pressesS
     * @param  list<int>  $leftOut
     * @param  list<float>  $bigS
     * @param  float|null  $lastMs  when the last press came, since 1970
     * @return array<string, mixed>
     */
    public static function crests(array $pressesS, array $leftOut, array $bigS, ?float $lastMs): array
    {
        $timer = CrestTimer::ofPresses($pressesS, $leftOut);
        if (! $timer->isEnough()) {
            throw (new InvalidValue('Press with '.CrestTimer::ENOUGH_PRESSES.' crests at least; the median needs them.'))->at('presses');
        }
        $sets = SetRhythm::of($bigS, $timer->periodS());
        $next = $sets->nextExpectedS();

        return [
            'presses_s' => $pressesS,
            'left_out' => $leftOut,
            'big_s' => $bigS,
            'presses' => $timer->presses(),
            'period_s' => $timer->periodS(),
            'spread_s' => $timer->spreadS(),
            'set_size' => $sets->size(),
            'set_apart_s' => $sets->apartS(),
            'set_at_ms' => $next === null || $lastMs === null ? null : $lastMs + 1000 * ($next - $pressesS[count($pressesS) - 1]),
        ];
    }

    /** @return array<string, mixed> */
    public static function drop(float $dropM): array
    {
        return ['drop_m' => $dropM, 'foot_m_s' => Flow::speedAtFoot($dropM), 'mean_m_s' => Flow::meanSpeed($dropM)];
    }

    /**
     * @param  list<float>  $runsS
     * @return array<string, mixed>
     */
    public static function float(float $distanceM, array $runsS, bool $mean): array
    {
        $runs = FloatRuns::of($distanceM, $runsS);

        return [
            'distance_m' => $distanceM,
            'runs_s' => $runsS,
            'runs' => $runs->count(),
            'mean' => $mean,
            'speed_m_s' => $mean ? $runs->columnMS() : $runs->surfaceMS(),
            'spread_m_s' => $runs->spreadMS(),
        ];
    }

    /** @return array<string, mixed> */
    private function waves(): array
    {
        $out = array_map(static fn (float $i): int => (int) $i, $this->seconds('out'));

        return self::crests($this->seconds('presses'), $out, $this->seconds('big'), $this->typed->number('last_ms'));
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
        return self::float($this->typed->needed('distance_m'), $this->seconds('presses'), $this->typed->flag('mean'));
    }

    private function dropM(): float
    {
        return $this->typed->text('by') === 'angles'
            ? FallHeight::ofAngles($this->typed->needed('distance_m'), $this->typed->needed('lip_deg'), $this->typed->needed('foot_deg'))
            : $this->typed->needed('drop_m');
    }

    /** @return array<string, mixed> */
    private function clouds(): array
    {
        if ($this->typed->text('by') === 'crossing') {
            return ['share' => $this->typed->number('share'), 'seconds' => $this->typed->number('seconds')];
        }
        $base = match ($this->typed->text('base_by')) {
            'kind' => CloudKind::from($this->typed->text('cloud_kind'))->baseM(),
            'dew_point' => CloudBase::ofDewPoint($this->typed->needed('temperature_c'), $this->typed->needed('dew_point_c')),
            default => $this->typed->needed('base_m'),
        };

        return [
            'speed_m_s' => $this->typed->number('speed_m_s'),
            'base_m' => $base,
            'elevation_deg' => $this->typed->number('elevation_deg'),
            'across' => $this->typed->text('across'),
        ];
    }

    /** @return list<float> */
    private function seconds(string $field): array
    {
        $written = $this->typed->text($field);

        return $written === '' ? [] : array_map(static fn (string $s): float => (float) $s, explode(',', $written));
    }
}
