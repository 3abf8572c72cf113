<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Frames to be shot one after the other.
 *
 * @property int $id
 * @property string $title
 * @property string|null $note
 * @property float $total_s
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Frame> $frames
 */
final class ShotList extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'title', 'note', 'total_s',
    ];

    /** @var array<string, string> */
    protected $casts = ['total_s' => 'float'];

    /** @return HasMany<Frame, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(Frame::class);
    }

    /** The first frame that is not taken yet. */
    public function next(): ?Frame
    {
        return $this->frames->sortBy('list_place')->first(static fn (Frame $f): bool => ! $f->isTaken());
    }
}
