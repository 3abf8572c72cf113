<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The water was seen to reach a mark, or not to, at an instant.
 *
 * @property int $id
 * @property int $level_mark_id
 * @property Carbon $seen_at
 * @property bool $reached
 * @property float $predicted_m
 * @property bool $struck the mark learns nothing from it
 * @property-read LevelMark $mark
 */
final class Sighting extends Model
{
    /** @var array<string, mixed> */
    protected $attributes = ['struck' => false];

    /** @var list<string> */
    protected $fillable = [
        'level_mark_id', 'seen_at', 'reached', 'predicted_m', 'struck',
    ];

    /** @var array<string, string> */
    protected $casts = ['seen_at' => 'datetime', 'reached' => 'boolean', 'predicted_m' => 'float', 'struck' => 'boolean'];

    /** @return BelongsTo<LevelMark, $this> */
    public function mark(): BelongsTo
    {
        return $this->belongsTo(LevelMark::class, 'level_mark_id');
    }
}
