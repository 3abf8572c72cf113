<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A visit that is planned or was made.
 *
 * @property int $id
 * @property int $place_id
 * @property Carbon $starts_at
 * @property Carbon $ends_at
 * @property string|null $note
 * @property-read Place $place
 */
final class Outing extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'place_id', 'starts_at', 'ends_at', 'note',
    ];

    /** @var array<string, string> */
    protected $casts = ['starts_at' => 'datetime', 'ends_at' => 'datetime'];

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'place_id');
    }
}
