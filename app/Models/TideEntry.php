<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A high or low water of a table that was entered by hand or from a file.
 *
 * @property int $id
 * @property int $place_id
 * @property Carbon $at
 * @property float $height_m
 * @property bool $high
 * @property-read Place $place
 */
final class TideEntry extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'at', 'height_m', 'high',
    ];

    /** @var array<string, string> */
    protected $casts = ['at' => 'datetime', 'height_m' => 'float', 'high' => 'boolean'];

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'place_id');
    }
}
