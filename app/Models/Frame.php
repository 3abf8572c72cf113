<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\FrameFactory;
use GentlePour\Documents\FramePlan;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\SteppedLight;
use GentlePour\Exposure\Stops;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Review\BlurVerdict;
use GentlePour\Review\FrameMark;
use GentlePour\Review\NextFrame;
use GentlePour\Solving\ShotRole;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * One long frame: planned at the bench, opened in the field, judged afterwards. It keeps everything that led to it.
 *
 * @property int $id
 * @property int|null $place_id
 * @property int|null $subject_id
 * @property int|null $after_frame_id
 * @property WaterKind $water_kind
 * @property Look $look
 * @property array<string, mixed> $inputs the bench as it was filled in, without what stands there unless it is said
 * @property FramePlan $plan
 * @property float $exact_s
 * @property float $planned_s
 * @property float|null $middle_s middle of the look, against which a verdict is heard; as in the plan
 * @property float $correction_stops
 * @property list<string> $steps_done
 * @property Carbon|null $opened_at
 * @property float|null $open_s
 * @property string|null $light_changes while it was open, as the core writes them
 * @property BlurVerdict|null $blur
 * @property Carbon|null $judged_at when the blur was judged
 * @property Look|null $called the look that the person says it came out as
 * @property Carbon|null $called_at when that was said
 * @property int|null $exposure_thirds
 * @property string|null $note
 * @property int|null $shot_list_id
 * @property int|null $list_place
 * @property ShotRole|null $role
 * @property FrameMark|null $keeper
 * @property bool $by_file whether nobody planned it: it came in as a file
 * @property string|null $filters_label as its plan says, to be looked for
 * @property Carbon $created_at
 * @property-read ShotList|null $shotList
 * @property-read Place|null $place
 * @property-read Subject|null $subject
 * @property-read Photo|null $photo
 * @property-read Photo|null $basePhoto
 * @property-read Collection<int, Photo> $photos
 */
final class Frame extends Model
{
    /** @use HasFactory<FrameFactory> */
    use HasFactory;

    /** @var list<string> */
    protected $fillable = [
        'place_id', 'subject_id', 'after_frame_id', 'water_kind', 'look', 'inputs', 'plan', 'middle_s', 'exact_s', 'planned_s',
        'correction_stops', 'steps_done', 'opened_at', 'open_s', 'light_changes', 'blur', 'judged_at', 'exposure_thirds', 'note',
        'shot_list_id', 'list_place', 'role', 'keeper', 'by_file', 'called', 'called_at',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'water_kind' => WaterKind::class, 'look' => Look::class, 'inputs' => 'array', 'plan' => AsFramePlan::class, 'steps_done' => 'array',
        'exact_s' => 'float', 'middle_s' => 'float', 'planned_s' => 'float', 'correction_stops' => 'float',
        'opened_at' => 'datetime', 'open_s' => 'float',
        'blur' => BlurVerdict::class, 'judged_at' => 'datetime', 'role' => ShotRole::class, 'exposure_thirds' => 'integer',
        'keeper' => FrameMark::class, 'by_file' => 'boolean', 'called' => Look::class, 'called_at' => 'datetime',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['by_file' => false];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected static function booted(): void
    {
        self::saving(static function (self $frame): void {
            if ($frame->isDirty('plan')) {
                $frame->filters_label = mb_substr($frame->plan->way->filtersLabel(), 0, 200);
            }
        });
    }

    /** @return BelongsTo<Subject, $this> */
    public function subject(): BelongsTo
    {
        return $this->belongsTo(Subject::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return BelongsTo<ShotList, $this> */
    public function shotList(): BelongsTo
    {
        return $this->belongsTo(ShotList::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    /** @return HasOne<Photo, $this> the picture of the frame itself */
    public function photo(): HasOne
    {
        return $this->hasOne(Photo::class)->where('role', PhotoRole::Frame)->latest('id');
    }

    /** @return HasOne<Photo, $this> that of the same view without the filter */
    public function basePhoto(): HasOne
    {
        return $this->hasOne(Photo::class)->where('role', PhotoRole::Base)->latest('id');
    }

    /** @return list<string> what a copy of it has of its own: the name for life, which the database gives */
    public function uniqueIds(): array
    {
        return ['uid'];
    }

    public function isTaken(): bool
    {
        return $this->open_s !== null;
    }

    /** Null until the frame was taken. */
    public function next(): ?NextFrame
    {
        return $this->open_s === null ? null : NextFrame::after(
            ShutterTime::ofSeconds($this->open_s),
            ShutterTime::ofSeconds($this->exact_s),
            Stops::of($this->correction_stops),
            $this->blur,
            $this->exposure_thirds,
        );
    }

    public function light(): SteppedLight
    {
        return SteppedLight::read($this->light_changes ?? '');
    }

    public function exactLabel(): string
    {
        return ShutterTime::ofSeconds($this->exact_s)->exactLabel();
    }

    public function openLabel(): string
    {
        return ShutterTime::ofSeconds($this->open_s ?? $this->planned_s)->label();
    }
}
