<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Household\AsSeen;
use App\Household\Dropping;
use App\Models\Measurement;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Bench\BenchFields;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchRequest;
use App\Rooms\Bench\FlowMeasure;
use App\Rooms\Bench\Workbench;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The waters of a place. */
final class SubjectController
{
    /** What of the bench describes a subject. */
    private const OF_THE_BENCH = [
        'place', 'kind', 'measure', 'speed', 'drop', 'float_m', 'float_s', 'period', 'feature', 'height', 'depth',
        'chop_period', 'chop_height', 'distance', 'focal', 'look',
    ];

    /** “Keep this water at …”: the bench as its fields say now, on to a name. */
    public function draft(BenchRequest $request, Workbench $workbench): RedirectResponse
    {
        $bench = array_intersect_key($request->bench($workbench)->form->toQuery(), array_flip(self::OF_THE_BENCH));

        return redirect()->route('subjects.create', ['to_bench' => 1] + array_filter($bench, static fn (mixed $v): bool => $v !== ''));
    }

    public function create(Request $request): View
    {
        $measured = Measurement::query()->find($request->integer('measured'));
        $given = $measured === null ? [] : ['place' => $measured->place_id] + BenchFiller::measured($measured, WaterKind::River);

        return self::form(new Subject, $given + $request->query() + BenchFields::ALL);
    }

    public function edit(Subject $subject): View
    {
        return self::form($subject, [
            'name' => $subject->name, 'facing' => $subject->facing_deg, 'note' => $subject->note, 'focal' => '', 'look' => '',
        ] + BenchFiller::ofSubject($subject) + BenchFields::ALL);
    }

    public function store(SubjectRequest $request, KeepSubject $keep): RedirectResponse
    {
        return self::kept($request, $keep(new Subject, $request->typed()));
    }

    public function update(SubjectRequest $request, Subject $subject, KeepSubject $keep): RedirectResponse
    {
        AsSeen::check($request, $subject);

        return self::kept($request, $keep($subject, $request->typed()));
    }

    /** One up or down in the list of its place. */
    public function move(Request $request, Subject $subject, MoveSubject $move): RedirectResponse
    {
        $move($subject, $request->boolean('up'));

        return redirect()->route('places.show', $subject->place_id)->withFragment('subjects');
    }

    public function destroy(Subject $subject, Dropping $drop): RedirectResponse
    {
        return Dropping::said(
            redirect()->route('places.show', $subject->place_id), $subject->name.' is gone; its frames stay in the log.', $drop($subject),
        );
    }

    private static function kept(SubjectRequest $request, Subject $subject): RedirectResponse
    {
        $to = $request->isForTheBench()
            ? redirect()->route('bench', ['take' => $subject->id])
            : redirect()->route('places.show', $subject->place_id)->withFragment('subjects');

        return $to->with('done', $subject->name.' is kept.');
    }

    /** @param  array<string, mixed>  $given */
    private static function form(Subject $subject, array $given): View
    {
        return view('places.subject', [
            'subject' => $subject,
            'given' => $given,
            'places' => Place::query()->orderBy('name')->get(),
            'kinds' => WaterKind::cases(),
            'measures' => FlowMeasure::cases(),
            'looks' => Look::cases(),
        ]);
    }
}
