<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterMarkingForm;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Solving\Answer;
use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\FramesHabit;
use GentlePour\Solving\Habits;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Question;
use GentlePour\Solving\Remedy;
use GentlePour\Solving\Strip;
use GentlePour\Solving\StripMark;
use GentlePour\Solving\Way;

/** The JSON document of pour:solve: reading, target and bag in; ranked ways or remedies out. */
final class SolveDocument
{
    private const WAYS = 200;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidValue
     */
    public static function answer(Fields $in): array
    {
        $question = self::question($in);
        $answer = self::asksForATime($in)
            ? BackSolver::solve($question, self::WAYS)
            : new Answer($question->reading->ev100(), 0, [], [], [], $question->walls());

        return self::out($answer, $question);
    }

    /** Without a target or a pinned time only the strip is asked for. */
    private static function asksForATime(Fields $in): bool
    {
        return $in->has('target') || $in->childOrEmpty('pins')->has('shutter');
    }

    /** @throws InvalidValue */
    public static function question(Fields $in): Question
    {
        $bag = self::bag($in);
        $limits = $in->childOrEmpty('limits');
        $reading = self::reading($in->child('reading'), $bag);
        $pins = self::pins($in->childOrEmpty('pins'), $bag);

        return new Question(
            $reading,
            $in->make(static fn (): Stops => Stops::of($in->numberOr('highlight_bias_stops', 0)), 'highlight_bias_stops'),
            match (true) {
                $pins->shutter !== null => ShutterWindow::of($pins->shutter, $pins->shutter),
                $in->has('target') => self::target($in->child('target')),
                default => ShutterWindow::any(),
            },
            $bag,
            $limits->has('longest_s') ? $limits->shutter('longest_s') : null,
            self::drift($in, $bag, $reading),
            self::habits($in->childOrEmpty('habits')),
            [],
            $in->has('sharp') ? self::sharp($in->child('sharp')) : null,
            self::filters($in->child('reading'), 'filters', $bag),
            $pins,
        );
    }

    /** Given, or from an earlier reading of the same scene. */
    private static function drift(Fields $in, Bag $bag, Reading $reading): DriftingLight
    {
        if (! $in->has('earlier_reading')) {
            return $in->make(
                static fn (): DriftingLight => DriftingLight::of($in->numberOr('drift_stops_per_min', 0)), 'drift_stops_per_min',
            );
        }
        $earlier = $in->child('earlier_reading');

        return $earlier->make(static fn (): DriftingLight => DriftingLight::between(
            self::reading($earlier, $bag)->ev100(), $reading->ev100(), $earlier->number('minutes_before'),
        ), names: ['minutes' => 'minutes_before']);
    }

    private static function sharp(Fields $in): SharpRange
    {
        return $in->make(
            static fn (): SharpRange => SharpRange::of($in->number('near_m'), $in->has('far_m') ? $in->number('far_m') : null),
        );
    }

    private static function pins(Fields $in, Bag $bag): Pins
    {
        $filters = $in->childOrEmpty('filters');

        return $in->make(static fn (): Pins => (new Pins(
            $in->has('shutter') ? $in->shutter('shutter') : null,
            $in->has('aperture') ? $in->aperture('aperture') : null,
            $in->has('iso') ? $in->iso('iso') : null,
            self::filters($filters, 'with', $bag),
            self::filters($filters, 'without', $bag),
        ))->checkedBy($bag));
    }

    /** @return list<Filter> of the bag, by a list of their names, each once */
    private static function filters(Fields $in, string $list, Bag $bag): array
    {
        $names = $in->texts($list);

        return array_map(static fn (int $i, string $name): Filter => array_search($name, $names, true) === $i
            ? $in->make(static fn (): Filter => $bag->filter($name), $list.'.'.$i)
            : throw $in->refusal($list.'.'.$i, '“'.$name.'” is named twice.'), array_keys($names), $names);
    }

    private static function reading(Fields $in, Bag $bag): Reading
    {
        $on = Stops::zero();
        foreach (self::filters($in, 'filters', $bag) as $i => $filter) {
            $on = $on->plus(
                $filter->stops() ?? throw (
                    new InvalidValue('The density of “'.$filter->name.'” is not known; measure it first.')
                )->at('reading.filters.'.$i),
            );
        }

        return new Reading(new Exposure($in->aperture('aperture'), $in->shutter('shutter'), $in->iso('iso')), $on);
    }

    private static function target(Fields $in): ShutterWindow
    {
        $best = $in->has('best_s') ? $in->shutter('best_s') : null;

        return $in->make(static fn (): ShutterWindow => ShutterWindow::of($in->shutter('min_s'), $in->shutter('max_s'), $best));
    }

    private static function bag(Fields $in): Bag
    {
        $camera = $in->child('camera');
        $lens = $in->child('lens');
        $holder = $in->childOrEmpty('holder');
        $body = $camera->make(static fn (): Camera => new Camera(
            new Sensor(
                $camera->numberOr('sensor_width_mm', 36), $camera->numberOr('sensor_height_mm', 24),
                $camera->has('pixels_wide') ? $camera->whole('pixels_wide') : null,
            ),
            $camera->iso('iso_base'),
            $camera->has('iso_low') ? $camera->iso('iso_low') : null,
            $camera->has('iso_max') ? $camera->iso('iso_max') : $camera->iso('iso_base'),
            $camera->has('longest_timed_s') ? $camera->shutter('longest_timed_s')->nearestDial() : ShutterTime::onDial(15),
            $camera->has('battery_minutes') ? $camera->number('battery_minutes') : null,
            $camera->numberOr('reciprocity', 1.0),
        ));
        $optics = $lens->make(static fn (): Lens => new Lens(
            $lens->numberOr('focal_length_mm', 50), $lens->aperture('aperture_min'), $lens->aperture('aperture_max'),
            $lens->has('thread_mm') ? $lens->number('thread_mm') : null,
            $lens->has('aperture_best_from') ? [$lens->aperture('aperture_best_from'), $lens->aperture('aperture_best_to')] : null,
        ), names: ['preferred' => 'aperture_best_to']);
        $filters = array_map(self::filter(...), $in->children('filters'));
        $rings = array_map(static fn (Fields $ring): array => [$ring->number('from_mm'), $ring->number('to_mm')], $in->children('rings'));

        return $in->make(static fn (): Bag => new Bag(
            $body, $optics, $filters, $holder->has('slots') ? $holder->whole('slots') : 0, $in->flagOr('release', false), $rings,
            $holder->numbers('adapters_mm'),
        ));
    }

    private static function filter(Fields $in): Filter
    {
        $kind = $in->choice('kind', FilterKind::class);
        $nominal = $lightest = null;
        if ($kind->marking() === FilterMarkingForm::Range) {
            $lightest = $in->make(static fn (): Stops => Stops::of($in->number('stops_min')), 'stops_min');
            $nominal = $in->make(static fn (): Stops => Stops::of($in->number('stops_max')), 'stops_max');
        } elseif ($in->has('stops')) {
            $nominal = $in->make(static fn (): Stops => Stops::of($in->number('stops')), 'stops');
        } elseif ($in->has('marking')) {
            $nominal = $in->make(static fn (): Stops => FilterMarking::parse($in->text('marking'))->stops(), 'marking');
        }
        $measured = $in->has('measured_stops')
            ? $in->make(static fn (): Stops => Stops::of($in->number('measured_stops')), 'measured_stops')
            : null;

        return $in->make(static fn (): Filter => Filter::of(
            $in->text('name'), $kind, $in->choiceOr('mount', Mount::Slot), $nominal, $measured, $lightest,
            $in->has('thread_mm') ? $in->number('thread_mm') : null,
            $in->has('cast') ? self::cast($in->child('cast')) : null,
        ));
    }

    private static function cast(Fields $in): ColourCast
    {
        return $in->make(static fn (): ColourCast => ColourCast::of($in->numberOr('red_stops', 0), $in->numberOr('blue_stops', 0)), names: [
            'cast_red' => 'red_stops', 'cast_blue' => 'blue_stops',
        ]);
    }

    private static function habits(Fields $in): Habits
    {
        return new Habits(
            $in->choiceOr('aperture', ApertureHabit::Best),
            $in->choiceOr('iso', IsoHabit::Lowest),
            $in->choiceOr('highlights', HighlightHabit::Protect),
            $in->choiceOr('noise_reduction', NoiseReductionHabit::Later),
            $in->choiceOr('frames', FramesHabit::One),
        );
    }

    /** @return array<string, mixed> */
    private static function out(Answer $answer, Question $question): array
    {
        $sharp = $question->sharp;
        $depth = $sharp === null ? null : $question->depth();
        $best = $answer->best();

        return [
            ...($sharp === null || $depth === null ? [] : ['sharp' => [
                'focus_m' => DepthOfField::focusM($sharp),
                'aperture_needed' => $depth->needed($sharp),
                'hyperfocal_m' => $best === null ? null : $depth->hyperfocalM($best->aperture),
                'focus_stack_m' => $best === null || $depth->covers($best->aperture, $sharp)
                    ? null
                    : $depth->focusStackM($best->aperture, $sharp),
            ]]),
            'ev100' => $answer->ev100,
            'found' => $answer->count,
            'solutions' => array_map(static fn (Way $w): array => PlannedWay::of($w)->toArray(), $answer->ways),
            'remedies' => array_map(static fn (Remedy $r): array => [
                'kind' => $r->kind->value, ...$r->pin === null ? [] : ['pin' => $r->pin->value],
                'stops' => $r->stops, 'detail' => $r->detail,
            ], $answer->remedies),
            'strip' => array_map(static fn (StripMark $m): array => [
                'filters' => $m->filters->names(), 'stops' => $m->stops->value, 'exact_s' => $m->exact->seconds,
                'shutter_s' => $m->shutter->seconds, 'shutter_label' => $m->shutterLabel(), 'card_label' => $m->exact->cardLabel(),
                'bulb' => $m->bulb, 'wall' => $m->wall?->kind->value,
            ], Strip::of($question)),
        ];
    }
}
