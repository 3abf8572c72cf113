<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SubjectFactory;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A water at a place, as it was measured, and how one stands to it.
 *
 * @property int $id
 * @property int $place_id
 * @property string $name
 * @property WaterKind $water_kind
 * @property float|null $speed_m_s
 * @property float|null $drop_m
 * @property float|null $float_m a float went so far
 * @property float|null $float_s in that time
 * @property float|null $period_s
 * @property float|null $feature_m
 * @property float|null $height_m
 * @property float|null $depth_m
 * @property float|null $chop_period_s
 * @property float|null $chop_height_m
 * @property float $distance_m
 * @property float|null $focal_mm
 * @property float|null $facing_deg where the lens points, if other than the place says
 * @property Look|null $look usual
 * @property string|null $note
 * @property int $position in the place's list
 * @property array<string, mixed>|null $fitted how the water was fitted to what photographs show, and what stood there before
 * @property-read Place $place
 */
final class Subject extends Model
{
    /** @use HasFactory<SubjectFactory> */
    use HasFactory;

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'name', 'water_kind', 'speed_m_s', 'drop_m', 'float_m', 'float_s', 'period_s', 'feature_m', 'height_m', 'depth_m',
        'chop_period_s', 'chop_height_m', 'distance_m', 'focal_mm', 'facing_deg', 'look', 'note', 'position',
        'fitted',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'water_kind' => WaterKind::class, 'look' => Look::class, 'speed_m_s' => 'float', 'drop_m' => 'float', 'float_m' => 'float',
        'float_s' => 'float', 'period_s' => 'float', 'feature_m' => 'float', 'height_m' => 'float', 'depth_m' => 'float',
        'chop_period_s' => 'float', 'chop_height_m' => 'float', 'distance_m' => 'float', 'focal_mm' => 'float', 'facing_deg' => 'float',
        'position' => 'integer', 'fitted' => 'array',
    ];

    /** How its water was described. */
    public function water(): WaterSpec
    {
        return new WaterSpec(
            $this->water_kind, $this->speed_m_s, $this->drop_m, self::pair($this->float_m, $this->float_s), $this->feature_m,
            $this->period_s, $this->height_m, $this->depth_m, self::pair($this->chop_period_s, $this->chop_height_m),
        );
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return array{float, float}|null */
    private static function pair(?float $one, ?float $two): ?array
    {
        return $one === null || $two === null ? null : [$one, $two];
    }
}
