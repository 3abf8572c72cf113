<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A visit that is planned or was made.
 *
 * @property int $id
 * @property int $place_id
 * @property Carbon $starts_at
 * @property Carbon $ends_at
 * @property string|null $note
 * @property float|null $travel_minutes from home to where one sets up
 * @property string|null $told who knows of it
 * @property list<string> $packed what is ticked at home
 * @property list<string> $brought_back what is ticked when leaving
 * @property string|null $forecast as it was read
 * @property bool $rain whether it says so
 * @property string|null $came_of_it
 * @property Carbon|null $closed_at
 * @property-read Place $place
 * @property-read Collection<int, Composition> $compositions
 */
final class Outing extends Model
{
    /** An outing counts as under way so long before it starts and after it ends. */
    private const AROUND_HOURS = 2;

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'starts_at', 'ends_at', 'note', 'travel_minutes', 'told', 'packed', 'brought_back', 'forecast', 'rain', 'came_of_it',
        'closed_at',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'starts_at' => 'datetime', 'ends_at' => 'datetime', 'travel_minutes' => 'float', 'packed' => 'array', 'brought_back' => 'array',
        'closed_at' => 'datetime', 'rain' => 'boolean',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['packed' => '[]', 'brought_back' => '[]', 'rain' => false];

    /** @return Builder<self> outings that are under way: one counts so for two hours before it starts and after it ends */
    public static function underWay(): Builder
    {
        return self::query()->where('starts_at', '<=', now()->addHours(self::AROUND_HOURS))
            ->where('ends_at', '>=', now()->subHours(self::AROUND_HOURS));
    }

    /** @return array{Carbon, Carbon} when what was taken was taken on it */
    public function around(): array
    {
        return [$this->starts_at->copy()->subHours(self::AROUND_HOURS), $this->ends_at->copy()->addHours(self::AROUND_HOURS)];
    }

    /** @return HasMany<Composition, $this> the most wanted first */
    public function compositions(): HasMany
    {
        return $this->hasMany(Composition::class)->orderBy('position')->orderBy('id');
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'place_id');
    }
}
