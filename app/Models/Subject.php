<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SubjectFactory;
use GentlePour\Motion\WaterKind;
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

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'water_kind' => WaterKind::class, 'speed_m_s' => 'float', 'drop_m' => 'float', 'period_s' => 'float', 'distance_m' => 'float',
    ];

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }
}
