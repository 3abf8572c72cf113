<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use App\Rooms\Bench\BenchRequest;
use App\Rooms\Bench\Workbench;
use GentlePour\Documents\FramePlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class ShootController
{
    /** “Shoot this”: plans the frame for the way that was pressed. */
    public function plan(BenchRequest $request, Workbench $workbench, PlanFrame $plan): RedirectResponse
    {
        $bench = $request->bench($workbench);
        $request->session()->put('bench', $bench->form->toQuery());
        $way = $bench->way($request->pressedWay());
        if ($way === null) {
            return redirect()->route('bench')
                ->with('problem', 'That way is no longer among the answers: the numbers or the bag have changed. Choose again.');
        }

        return redirect()->route('shoot.show', $plan($bench, $way));
    }

    public function latest(): RedirectResponse|View
    {
        $frame = Frame::query()->whereNull('open_s')->latest('id')->first();

        return $frame === null
            ? view('shoot.none', ['last' => Frame::query()->whereNotNull('open_s')->latest('opened_at')->latest('id')->first()])
            : redirect()->route('shoot.show', $frame);
    }

    public function show(Frame $frame): View|RedirectResponse
    {
        $rhythm = $frame->plan->rhythm;

        return $frame->isTaken() ? redirect()->route('log.show', $frame) : view('shoot.show', [
            'frame' => $frame->load('place', 'shotList.frames'),
            'plan' => $frame->plan,
            'way' => $frame->plan->way,
            'done' => self::doneAtFirst($frame),
            'rhythm' => $rhythm === null ? null : FramePlan::rhythmToArray($rhythm),
        ]);
    }

    /** How many steps from the first on are done already: they stand folded. */
    private static function doneAtFirst(Frame $frame): int
    {
        foreach ($frame->plan->steps as $i => $step) {
            if (! in_array($step->key, $frame->steps_done, true)) {
                return $i;
            }
        }

        return 0;
    }

    public function steps(StepsRequest $request, Frame $frame): Response|RedirectResponse
    {
        $frame->update(['steps_done' => $request->done($frame)]);

        return $request->hasHeader('HX-Request') || $request->expectsJson()
            ? response()->noContent()
            : redirect()->route('shoot.show', $frame);
    }

    /** “Same again”. */
    public function again(Frame $frame, ShootAgain $again): RedirectResponse
    {
        return redirect()->route('shoot.show', $again($frame));
    }

    /** The true open time, as the person's clock had it. */
    public function opened(OpenedRequest $request, Frame $frame, OpenFrame $open): RedirectResponse
    {
        if (! $frame->isTaken()) {
            $open($frame, $request->openedAt(), $request->openSeconds());
        }

        // What is judged frame by frame waits for its verdict; the rest of a list goes on.
        return $frame->shot_list_id === null || ($frame->role?->isJudged() ?? true)
            ? redirect()->route('log.show', $frame)
            : redirect()->route('lists.show', $frame->shot_list_id)->with('logged', $frame->id);
    }
}
