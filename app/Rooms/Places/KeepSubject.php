<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Typed;
use App\Models\Subject;
use App\Rooms\Bench\FlowMeasure;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;

/** Keeps a water at a place, as it was typed or stood on the bench; the last of the place’s list. */
final class KeepSubject
{
    /** @throws InvalidValue when the kind is none */
    public function __invoke(Subject $subject, Typed $typed): Subject
    {
        $kind = $typed->choice('kind', WaterKind::class) ?? throw InvalidValue::missing('The water')->at('kind');
        $measure = ($typed->choice('measure', FlowMeasure::class) ?? FlowMeasure::Speed)->of($kind);
        $flows = ! $kind->isWaves();
        $flow = static fn (FlowMeasure $by, string $field): ?float => $flows && $measure === $by ? $typed->number($field) : null;
        $waves = static fn (string $field): ?float => $kind->isWaves() ? $typed->number($field) : null;
        $sea = static fn (string $field): ?float => $kind->isOpenSea() ? $typed->number($field) : null;
        $placeId = $typed->id('place');
        if ($subject->place_id !== $placeId) {
            $subject->position = 1 + (int) Subject::query()->where('place_id', $placeId)->max('position');
        }
        $subject->fill([
            'place_id' => $placeId,
            'name' => $typed->text('name'),
            'water_kind' => $kind,
            'speed_m_s' => $flow(FlowMeasure::Speed, 'speed'),
            'drop_m' => $flow(FlowMeasure::Drop, 'drop'),
            'float_m' => $flow(FlowMeasure::Float, 'float_m'),
            'float_s' => $flow(FlowMeasure::Float, 'float_s'),
            'feature_m' => $kind->isWaves() ? null : $typed->number('feature'),
            'period_s' => $kind->comesInWaves() ? $typed->number('period') : null,
            'height_m' => $waves('height'),
            'depth_m' => $sea('depth'),
            'chop_period_s' => $sea('chop_period'),
            'chop_height_m' => $sea('chop_height'),
            'distance_m' => $typed->needed('distance'),
            'focal_mm' => $typed->number('focal'),
            'facing_deg' => $typed->number('facing'),
            'look' => $typed->choice('look', Look::class),
            'note' => $typed->has('note') ? $typed->text('note') : null,
        ])->save();

        return $subject;
    }
}
