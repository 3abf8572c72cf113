<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SubjectFactory;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $place_id
 * @property string $name
 * @property WaterKind $water_kind
 * @property float|null $speed_m_s
 * @property float|null $drop_m
 * @property float|null $period_s
 * @property float $distance_m
 * @property-read Place $place
 */
final class Subject extends Model
{
    /** @use HasFactory<SubjectFactory> */
    use HasFactory;

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'name', 'water_kind', 'speed_m_s', 'drop_m', 'period_s', 'distance_m',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'water_kind' => WaterKind::class, 'speed_m_s' => 'float', 'drop_m' => 'float', 'period_s' => 'float', 'distance_m' => 'float',
    ];

    /** How its water was described. */
    public function water(): WaterSpec
    {
        return new WaterSpec($this->water_kind, $this->speed_m_s, $this->drop_m, periodS: $this->period_s);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }
}
