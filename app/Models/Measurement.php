<?php

declare(strict_types=1);

namespace App\Models;

use App\Forms\Decimal;
use Database\Factories\MeasurementFactory;
use GentlePour\Motion\WaterKind;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something measured of water or sky, with the time and the place, and everything it was worked out from.
 *
 * @property int $id
 * @property int|null $place_id
 * @property MeasurementKind $kind
 * @property array<string, mixed> $data
 * @property Carbon $measured_at
 * @property string|null $note
 * @property-read Place|null $place
 */
final class Measurement extends Model
{
    /** @use HasFactory<MeasurementFactory> */
    use HasFactory;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['kind' => MeasurementKind::class, 'data' => 'array', 'measured_at' => 'datetime'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    public function number(string $name): ?float
    {
        return is_numeric($this->data[$name] ?? null) ? (float) $this->data[$name] : null;
    }

    /** The figure that it comes to, large, with its unit. */
    public function figure(): string
    {
        $said = fn (string $name, int $decimals, string $unit): string => $this->number($name) === null ? '–' : number_format((float) $this->number($name), $decimals).' '.$unit;

        return match ($this->kind) {
            MeasurementKind::Waves, MeasurementKind::Buoy => $said('period_s', 1, 's'),
            MeasurementKind::Swash => $said('retreat_s', 1, 's'),
            MeasurementKind::Float => $said('speed_m_s', 2, 'm/s'),
            MeasurementKind::Drop => $said('drop_m', 1, 'm'),
            MeasurementKind::Clouds => $this->number('seconds') !== null ? $said('seconds', 0, 's') : $said('speed_m_s', 0, 'm/s'),
        };
    }

    /** What stands beside the figure. */
    public function detail(): string
    {
        $said = fn (string $name, string $form): ?string => $this->number($name) === null ? null : sprintf($form, $this->number($name));

        return implode(' · ', array_filter(match ($this->kind) {
            MeasurementKind::Waves => [$said('spread_s', '± %.1f s'), $said('presses', '%d presses'), $said('set_size', 'sets of %d'), $this->number('set_apart_s') === null ? null : sprintf('every %.0f min', (float) $this->number('set_apart_s') / 60)],
            MeasurementKind::Swash => ['retreat', $said('period_s', 'uprush every %.1f s'), $said('retreats', '%d retreats')],
            MeasurementKind::Float => [$said('spread_m_s', '± %.2f m/s'), $said('runs', '%d runs'), ($this->data['mean'] ?? false) === true ? 'mean of the column' : 'surface'],
            MeasurementKind::Drop => [$said('foot_m_s', '%.1f m/s at the foot'), $said('mean_m_s', '%.1f m/s on the way')],
            MeasurementKind::Clouds => [$said('share', 'across %.0f %% of the frame'), $said('base_m', 'base %.0f m'), $said('elevation_deg', '%.0f° up')],
            MeasurementKind::Buoy => [$said('height_m', '%.1f m high'), $said('wind_m_s', 'wind %.0f m/s'), is_string($this->data['source'] ?? null) ? $this->data['source'] : null],
        }, static fn (?string $part): bool => $part !== null));
    }

    /**
     * The fields of the bench that it fills.
     *
     * @param  WaterKind  $now  the water on the bench: kept where the measurement goes with it
     * @return array<string, string>
     */
    public function benchInputs(WaterKind $now): array
    {
        $write = fn (string $name, int $decimals = 2): string => $this->number($name) === null ? '' : Decimal::write((float) $this->number($name), $decimals);

        return match ($this->kind) {
            MeasurementKind::Waves => ['kind' => ($now->isWaves() ? $now : WaterKind::Swell)->value, 'period' => $write('period_s'), 'rhythm' => (string) $this->id],
            MeasurementKind::Swash => [
                'kind' => WaterKind::Backwash->value, 'measure' => 'speed', 'speed' => '1.6', 'period' => $write('period_s'), 'longest' => $write('retreat_s', 1).' s', 'rhythm' => (string) $this->id,
            ],
            MeasurementKind::Float => ['kind' => ($now->isWaves() ? WaterKind::River : $now)->value, 'measure' => 'speed', 'speed' => $write('speed_m_s')],
            MeasurementKind::Drop => ['kind' => ($now->falls() ? $now : WaterKind::Plunge)->value, 'measure' => 'drop', 'drop' => $write('drop_m')],
            MeasurementKind::Clouds => $this->number('seconds') !== null
                ? ['sky' => 'crossing', 'cloud_share' => $write('share'), 'cloud_s' => $write('seconds', 1)]
                : ['sky' => 'wind', 'cloud_speed' => $write('speed_m_s'), 'cloud_base' => $write('base_m', 0), 'cloud_elevation' => $write('elevation_deg', 0), 'cloud_across' => is_string($this->data['across'] ?? null) ? $this->data['across'] : 'across'],
            MeasurementKind::Buoy => ['kind' => ($now->isWaves() ? $now : WaterKind::Swell)->value, 'period' => $write('period_s'), 'height' => $write('height_m'), 'wind' => $write('wind_m_s', 1)],
        };
    }

    /**
     * The rhythm that Shoot counts by: on the clock of the device that measured it.
     *
     * @return array{period_s: float, spread_s: float, at_ms: float, set_apart_s: float|null, set_at_ms: float|null}|null
     */
    public function rhythm(): ?array
    {
        $period = $this->number('period_s');
        $at = $this->number('last_ms');

        return $period === null || $at === null ? null : [
            'period_s' => $period, 'spread_s' => $this->number('spread_s') ?? $period / 6, 'at_ms' => $at,
            'set_apart_s' => $this->number('set_apart_s'), 'set_at_ms' => $this->number('set_at_ms'),
        ];
    }
}
