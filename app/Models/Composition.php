<?php

declare(strict_types=1);

namespace App\Models;

use GentlePour\Kit\Crop;
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
 * @property float|null $focal_mm where the lens is another than the subject's
 * @property float|null $facing_deg likewise where it points
 * @property Crop $crop
 * @property int $bracket_stops to either side; nought for none
 * @property int $position the most wanted first
 * @property-read Outing $outing
 * @property-read Subject $subject
 * @property-read LevelMark|null $mark
 */
final class Composition extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'outing_id', 'subject_id', 'level_mark_id', 'look', 'light', 'frames', 'focal_mm', 'facing_deg', 'crop', 'bracket_stops',
        'position',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'look' => Look::class, 'light' => WantedLight::class, 'frames' => 'integer', 'position' => 'integer', 'focal_mm' => 'float',
        'facing_deg' => 'float', 'crop' => Crop::class, 'bracket_stops' => 'integer',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['crop' => 'whole', 'bracket_stops' => 0];

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
