<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Models\Frame;
use App\Models\Measurement;
use App\Models\Subject;
use GentlePour\Documents\SolveDocument;
use GentlePour\Motion\LookBand;
use GentlePour\Outing\RunSheet;
use GentlePour\Outing\Step;
use GentlePour\Solving\Shot;
use GentlePour\Solving\Way;

/** A frame planned from the bench, with everything that led to it, so that the record stands when the kit has changed. */
final class FramePlan
{
    public static function make(Bench $bench, Way $way): Frame
    {
        $frame = self::draft($bench, $way);
        $frame->save();

        return $frame;
    }

    /**
     * The same, not yet kept.
     *
     * @param  LookBand|null  $band  the look of a frame of a list, where it is not the bench's
     */
    public static function draft(Bench $bench, Way $way, ?LookBand $band = null, ?Shot $shot = null): Frame
    {
        return new Frame([
            'subject_id' => self::id($bench, 'subject', Subject::class),
            'after_frame_id' => self::id($bench, 'after', Frame::class),
            'water_kind' => $bench->moving->kind,
            'look' => ($band ?? $bench->band)->look,
            'inputs' => $bench->inputs,
            'plan' => self::plan($bench, $way, $band) + ($shot === null ? [] : ['purpose' => $shot->purpose]),
            'exact_s' => $way->exact->seconds,
            'planned_s' => $way->shutter->seconds,
            'correction_stops' => Decimal::read(self::text($bench, 'correction')),
            'steps_done' => [],
        ]);
    }

    /** @return array<string, mixed> */
    private static function plan(Bench $bench, Way $way, ?LookBand $band): array
    {
        $window = $band?->window() ?? $bench->window;
        $reading = $bench->reading->exposure;

        return [
            'way' => SolveDocument::way($way),
            'window' => ['min_s' => $window->min->seconds, 'best_s' => $window->best->seconds, 'max_s' => $window->max->seconds, 'middle_s' => ($band ?? $bench->band)->window()->best->seconds],
            'rhythm' => Measurement::query()->find((int) self::text($bench, 'rhythm'))?->rhythm(),
            'moment' => $bench->says()->rhythm()?->moment($bench->moving->kind),
            'reading' => [
                'label' => sprintf('%s, %s, ISO %s', $reading->shutter->label(), $reading->aperture->label(), $reading->iso->label()),
                'ev100' => $bench->reading->ev100(),
            ],
            'water' => [
                'speed_m_s' => $bench->moving->water->speedMS(),
                'feature_m' => $bench->moving->water->featureM(),
                'texture' => $bench->moving->water->textureKept($way->shutter->seconds),
                'waves' => $bench->moving->water->waves($way->shutter->seconds),
            ],
            'longest_timed_s' => $way->longestTimed->seconds,
            'steps' => array_map(
                static fn (Step $s): array => ['key' => $s->key, 'title' => $s->title, 'detail' => $s->detail, 'skipped' => $s->skipped],
                RunSheet::of($reading, $way->exposure(), $way->filters, $way->shutterLabel(), $way->bulb),
            ),
            'cautions' => $bench->cautions(),
        ];
    }

    /** @param  class-string<Subject|Frame>  $model */
    private static function id(Bench $bench, string $field, string $model): ?int
    {
        $id = (int) self::text($bench, $field);

        return $id > 0 && $model::query()->whereKey($id)->exists() ? $id : null;
    }

    private static function text(Bench $bench, string $field): string
    {
        return is_scalar($bench->inputs[$field] ?? null) ? (string) $bench->inputs[$field] : '';
    }
}
