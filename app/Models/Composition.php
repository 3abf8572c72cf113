<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Motion\Look;
use GentlePour\Planning\WantedLight;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A picture that is wanted of an outing: a subject in a look, in some light, while the tide stands at a mark.
 *
 * @property int $id
 * @property int $outing_id
 * @property int $subject_id
 * @property int|null $level_mark_id
 * @property Look $look
 * @property WantedLight $light
 * @property int $frames
 * @property int $position the most wanted first
 * @property-read Outing $outing
 * @property-read Subject $subject
 * @property-read LevelMark|null $mark
 */
final class Composition extends Model
{
    /** @var list<string> */
    protected $fillable = ['outing_id', 'subject_id', 'level_mark_id', 'look', 'light', 'frames', 'position'];

    /** @var array<string, string> */
    protected $casts = ['look' => Look::class, 'light' => WantedLight::class, 'frames' => 'integer', 'position' => 'integer'];

    /** @return BelongsTo<Outing, $this> */
    public function outing(): BelongsTo
    {
        return $this->belongsTo(Outing::class);
    }

    /** @return BelongsTo<Subject, $this> */
    public function subject(): BelongsTo
    {
        return $this->belongsTo(Subject::class);
    }

    /** @return BelongsTo<LevelMark, $this> */
    public function mark(): BelongsTo
    {
        return $this->belongsTo(LevelMark::class, 'level_mark_id');
    }
}
