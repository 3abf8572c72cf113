<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Database\Factories\MeasurementFactory;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Numeral;
use GentlePour\Units;
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
    public function figure(Units $units = new Units): string
    {
        $said = fn (string $name, callable $as): string => $this->number($name) === null ? '–' : $as((float) $this->number($name));
        $seconds = fn (int $decimals): Closure => static fn (float $s): string => number_format($s, $decimals).' s';

        return match ($this->kind) {
            MeasurementKind::Waves, MeasurementKind::Buoy => $said('period_s', $seconds(1)),
            MeasurementKind::Swash => $said('retreat_s', $seconds(1)),
            MeasurementKind::Float => $said('speed_m_s', static fn (float $v): string => $units->speed($v, 2)),
            MeasurementKind::Drop => $said('drop_m', $units->metres(...)),
            MeasurementKind::Clouds => $this->number('seconds') !== null
                ? $said('seconds', $seconds(0)) : $said('speed_m_s', $units->wind(...)),
        };
    }

    /** What stands beside the figure. */
    public function detail(Units $units = new Units): string
    {
        $said = fn (string $name, string $form): ?string => $this->number($name) === null ? null : sprintf($form, $this->number($name));
        $in = fn (string $name, string $form, callable $as): ?string => $this->number($name) === null
            ? null : sprintf($form, $as((float) $this->number($name)));
        $many = fn (string $name, string $one, ?string $more = null): ?string => $this->number($name) === null
            ? null : Numeral::many((int) $this->number($name), $one, $more);
        $fine = static fn (float $v): string => $units->speed($v, 2);

        return implode(' · ', array_filter(match ($this->kind) {
            MeasurementKind::Waves => [
                $said('spread_s', '± %.1f s'), $many('presses', 'press', 'presses'), $said('set_size', 'sets of %d'),
                $this->number('set_apart_s') === null ? null : sprintf('every %.0f min', (float) $this->number('set_apart_s') / 60),
            ],
            MeasurementKind::Swash => ['retreat', $said('period_s', 'uprush every %.1f s'), $many('retreats', 'retreat')],
            MeasurementKind::Float => [
                $in('spread_m_s', '± %s', $fine), $many('runs', 'run'),
                ($this->data['mean'] ?? false) === true ? 'mean of the column' : 'surface',
            ],
            MeasurementKind::Drop => [
                $in('foot_m_s', '%s at the foot', $units->speed(...)), $in('mean_m_s', '%s on the way', $units->speed(...)),
            ],
            MeasurementKind::Clouds => [
                $said('share', 'across %.0f %% of the frame'),
                $in('base_m', 'base %s', static fn (float $m): string => $units->metres($m, 0)),
                $said('elevation_deg', '%.0f° up'),
            ],
            MeasurementKind::Buoy => [
                $in('height_m', '%s high', $units->metres(...)), $in('wind_m_s', 'wind %s', $units->wind(...)),
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
