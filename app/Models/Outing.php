<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
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
    /** An outing counts as under way so long before it starts and after it ends. */
    private const AROUND_HOURS = 2;

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'starts_at', 'ends_at', 'note',
    ];

    /** @var array<string, string> */
    protected $casts = ['starts_at' => 'datetime', 'ends_at' => 'datetime'];

    /** @return Builder<self> outings that are under way: one counts so for two hours before it starts and after it ends */
    public static function underWay(): Builder
    {
        return self::query()->where('starts_at', '<=', now()->addHours(self::AROUND_HOURS))
            ->where('ends_at', '>=', now()->subHours(self::AROUND_HOURS));
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'place_id');
    }
}
