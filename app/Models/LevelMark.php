<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Tide\LearnedLevel;
use GentlePour\Tide\Level;
use GentlePour\Tide\Sighting as Seen;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What the water does at a height: “water reaches the posts”, “pools uncovered”. The height is given, or learned from sightings.
 *
 * @property int $id
 * @property int $place_id
 * @property string $name
 * @property bool $above it happens above the height, or else below
 * @property float|null $height_m
 * @property-read Place $place
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Sighting> $sightings
 */
final class LevelMark extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'place_id', 'name', 'above', 'height_m',
    ];

    /** @var array<string, string> */
    protected $casts = ['above' => 'boolean', 'height_m' => 'float'];

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return HasMany<Sighting, $this> */
    public function sightings(): HasMany
    {
        return $this->hasMany(Sighting::class);
    }

    /** Worked out once for a mark with the same sightings, which a page asks for many times. */
    public function learned(): LearnedLevel
    {
        $sightings = $this->sightings;

        return once(static fn (): LearnedLevel => LearnedLevel::of(array_values($sightings->where('struck', false)->map(
            static fn (Sighting $s): Seen => new Seen($s->seen_at->getTimestamp(), $s->predicted_m, $s->reached),
        )->all())));
    }

    /** The height to plan with: as given, or learned and on the safe side; null while nothing is known. */
    public function heightM(): ?float
    {
        return $this->height_m ?? ($this->above ? $this->learned()->toBeReachedM() : $this->learned()->toStayDryM());
    }

    public function level(): ?Level
    {
        $height = $this->heightM();

        return $height === null ? null : ($this->above ? Level::between($height, null) : Level::between(null, $height));
    }
}
