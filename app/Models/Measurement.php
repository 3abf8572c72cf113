<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\MeasurementFactory;
use GentlePour\Measuring\CrestRhythm;
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

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'kind', 'data', 'measured_at', 'note',
    ];

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
        $said = fn (string $name, int $decimals, string $unit): string => $this->number($name) === null
            ? '–'
            : number_format((float) $this->number($name), $decimals).' '.$unit;

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
            MeasurementKind::Waves => [
                $said('spread_s', '± %.1f s'), $said('presses', '%d presses'), $said('set_size', 'sets of %d'),
                $this->number('set_apart_s') === null ? null : sprintf('every %.0f min', (float) $this->number('set_apart_s') / 60),
            ],
            MeasurementKind::Swash => ['retreat', $said('period_s', 'uprush every %.1f s'), $said('retreats', '%d retreats')],
            MeasurementKind::Float => [
                $said('spread_m_s', '± %.2f m/s'), $said('runs', '%d runs'),
                ($this->data['mean'] ?? false) === true ? 'mean of the column' : 'surface',
            ],
            MeasurementKind::Drop => [$said('foot_m_s', '%.1f m/s at the foot'), $said('mean_m_s', '%.1f m/s on the way')],
            MeasurementKind::Clouds => [
                $said('share', 'across %.0f %% of the frame'), $said('base_m', 'base %.0f m'), $said('elevation_deg', '%.0f° up'),
            ],
            MeasurementKind::Buoy => [
                $said('height_m', '%.1f m high'), $said('wind_m_s', 'wind %.0f m/s'),
                is_string($this->data['source'] ?? null) ? $this->data['source'] : null,
            ],
        }, static fn (?string $part): bool => $part !== null));
    }

    /** The rhythm that Shoot counts by: on the clock of the device that measured it. */
    public function rhythm(): ?CrestRhythm
    {
        $period = $this->number('period_s');
        $at = $this->number('last_ms');

        return $period === null || $at === null
            ? null
            : new CrestRhythm($period, $this->number('spread_s'), $at, $this->number('set_apart_s'), $this->number('set_at_ms'));
    }
}
