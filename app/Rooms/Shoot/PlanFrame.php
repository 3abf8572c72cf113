<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use App\Models\Measurement;
use App\Rooms\Bench\Bench;
use App\Rooms\Bench\BenchFields;
use App\Rooms\Bench\UsedGear;
use GentlePour\Documents\FramePlan;
use GentlePour\Documents\PlannedWay;
use GentlePour\Kit\Filter;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Outing\RunSheet;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Shot;
use GentlePour\Solving\Way;

/** Plans a frame from the bench, with everything that led to it, so that the record stands when the kit has changed. */
final readonly class PlanFrame
{
    public function __construct(private UsedGear $used)
    {
    }

    public function __invoke(Bench $bench, Way $way): Frame
    {
        $frame = self::draft($bench, $way);
        $frame->save();
        $this->used->remember($bench->form);

        return $frame;
    }

    /**
     * The same, not yet kept.
     *
     * @param  LookBand|null  $band  the look of a frame of a list, where it is not the bench's
     */
    public static function draft(Bench $bench, Way $way, ?LookBand $band = null, ?Shot $shot = null): Frame
    {
        $plan = self::plan($bench, $way, $band, $shot);

        return new Frame([
            'place_id' => $bench->place?->id(),
            'subject_id' => self::kept($bench->form->at->subjectId, $bench->place !== null),
            'after_frame_id' => self::kept($bench->form->aim->afterId, Frame::query()->whereKey($bench->form->aim->afterId)->exists()),
            'water_kind' => $bench->moving->kind,
            'look' => ($band ?? $bench->band)->look,
            'inputs' => BenchFields::said($bench->form->toQuery()),
            'plan' => $plan,
            'middle_s' => $plan->middleS,
            'exact_s' => $way->exact->seconds,
            'planned_s' => $way->shutter->seconds,
            'correction_stops' => $bench->form->reading->correction->value,
            'steps_done' => [],
        ]);
    }

    private static function plan(Bench $bench, Way $way, ?LookBand $band, ?Shot $shot): FramePlan
    {
        $window = $band?->window() ?? $bench->window;
        $reading = $bench->reading->exposure;
        $water = $bench->moving->water;
        $rhythmId = $bench->form->water->rhythmId;

        return new FramePlan(
            PlannedWay::of($way),
            $window->min->seconds,
            $window->best->seconds,
            $window->max->seconds,
            ($band ?? $bench->band)->window()->best->seconds,
            $rhythmId === 0 ? null : Measurement::query()->find($rhythmId)?->rhythm(),
            $bench->says()->rhythm()?->moment($bench->moving->kind),
            sprintf('%s, %s, ISO %s', $reading->shutter->label(), $reading->aperture->label(), $reading->iso->label()),
            $bench->reading->ev100(),
            $water->speedMS(),
            $water->featureM(),
            $water->textureKept($way->shutter->seconds),
            $water->waves($way->shutter->seconds),
            $way->longestTimed->seconds,
            RunSheet::of(
                $reading, $way->exposure(), $way->filters, $way->shutterLabel(), $way->bulb,
                array_values(array_diff(Filter::names($bench->question->staying), $way->filters->names())),
                $bench->question->bag->camera->handling, $bench->question->habits->noiseReduction, $bench->place?->sunAwayDeg(),
            ),
            $bench->cautions(),
            $shot?->purpose,
            $bench->form->water->guess(),
            self::looks($bench->moving->bands),
            $bench->question->habits->noiseReduction === NoiseReductionHabit::InCamera,
        );
    }

    /**
     * To a thousandth: the record stays small, and nobody sees more.
     *
     * @return list<LookBand>
     */
    private static function looks(LookBands $bands): array
    {
        $rounded = static fn (?float $s): ?float => $s === null ? null : (float) sprintf('%.4g', $s);

        return array_map(
            static fn (LookBand $b): LookBand => new LookBand($b->look, $rounded($b->minS), $rounded($b->maxS)), $bands->bands,
        );
    }

    private static function kept(int $id, bool $exists): ?int
    {
        return $id > 0 && $exists ? $id : null;
    }
}
