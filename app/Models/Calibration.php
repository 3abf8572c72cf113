<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a filter was measured to take, from a pair of frames, on a day.
 *
 * @property int $id
 * @property int $filter_id
 * @property int|null $base_id
 * @property int|null $filtered_id
 * @property float $stops less the drift
 * @property float $uncertainty_stops
 * @property float $red_stops more than green
 * @property float $blue_stops
 * @property float|null $evenness_stops more in the corners than in the middle
 * @property float $drift_stops by how much the light rose between the two
 * @property Carbon $created_at
 * @property-read Filter $filter
 */
final class Calibration extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'filter_id', 'base_id', 'filtered_id', 'stops', 'uncertainty_stops', 'red_stops', 'blue_stops', 'evenness_stops', 'drift_stops',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'stops' => 'float', 'uncertainty_stops' => 'float', 'red_stops' => 'float', 'blue_stops' => 'float', 'evenness_stops' => 'float',
        'drift_stops' => 'float',
    ];

    /** @return BelongsTo<Filter, $this> */
    public function filter(): BelongsTo
    {
        return $this->belongsTo(Filter::class);
    }
}
