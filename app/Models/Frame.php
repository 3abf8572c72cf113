<?php

declare(strict_types=1);

namespace App\Models;

use App\Drawing\Strokes;
use Database\Factories\FrameFactory;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Review\BlurVerdict;
use GentlePour\Review\NextFrame;
use GentlePour\Solving\ShotRole;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One long frame: planned at the bench, opened in the field, judged afterwards. It keeps everything that led to it.
 *
 * @property int $id
 * @property int|null $subject_id
 * @property int|null $after_frame_id
 * @property WaterKind $water_kind
 * @property Look $look
 * @property array<string, mixed> $inputs the bench as it was filled in
 * @property array<string, mixed> $plan
 * @property float $exact_s
 * @property float $planned_s
 * @property float $correction_stops
 * @property list<string> $steps_done
 * @property Carbon|null $opened_at
 * @property float|null $open_s
 * @property BlurVerdict|null $blur
 * @property int|null $exposure_thirds
 * @property string|null $note
 * @property int|null $shot_list_id
 * @property int|null $list_place
 * @property ShotRole|null $role
 * @property Carbon $created_at
 * @property-read ShotList|null $shotList
 * @property-read Subject|null $subject
 */
final class Frame extends Model
{
    /** @use HasFactory<FrameFactory> */
    use HasFactory;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'water_kind' => WaterKind::class, 'look' => Look::class, 'inputs' => 'array', 'plan' => 'array', 'steps_done' => 'array',
        'exact_s' => 'float', 'planned_s' => 'float', 'correction_stops' => 'float', 'opened_at' => 'datetime', 'open_s' => 'float',
        'blur' => BlurVerdict::class, 'role' => ShotRole::class, 'exposure_thirds' => 'integer',
    ];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Subject, $this> */
    public function subject(): BelongsTo
    {
        return $this->belongsTo(Subject::class);
    }

    /** @return BelongsTo<ShotList, $this> */
    public function shotList(): BelongsTo
    {
        return $this->belongsTo(ShotList::class);
    }

    public function isTaken(): bool
    {
        return $this->open_s !== null;
    }

    /** The middle of its look in seconds, whatever was aimed at; null when the record does not say. */
    public function middleS(): ?float
    {
        $window = is_array($this->plan['window'] ?? null) ? $this->plan['window'] : [];
        $middle = $window['middle_s'] ?? $window['best_s'] ?? null;

        return is_numeric($middle) && $middle > 0 ? (float) $middle : null;
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

    /** Strokes of the texture that was kept, for the contact sheet. */
    public function swatch(): string
    {
        $plan = $this->plan;
        $texture = is_array($plan['water'] ?? null) && is_numeric($plan['water']['texture'] ?? null) ? (float) $plan['water']['texture'] : 0.5;

        return Strokes::between(2, 118, 0, 60, static fn (): array => ['length' => 4 + 60 * (1 - $texture) ** 2, 'contrast' => $texture]);
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
