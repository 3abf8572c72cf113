<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use App\Models\Outing;
use App\Models\Subject;
use App\Rooms\Bench\BenchRequest;
use App\Rooms\Bench\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class ShootController
{
    /** So many waters are offered where no frame waits. */
    private const LIKELY = 6;

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
            ? view('shoot.none', [
                'last' => Frame::query()->whereNotNull('open_s')->latest('opened_at')->latest('id')->first(), 'subjects' => self::likely(),
            ])
            : redirect()->route('shoot.show', $frame);
    }

    /** @return Collection<int, Subject> waters to begin with: those of the next outing first */
    private static function likely(): Collection
    {
        $next = Outing::query()->where('ends_at', '>', now())->oldest('starts_at')->value('place_id');

        return Subject::query()->with('place')->orderByRaw('place_id = ? desc', [$next ?? 0])->orderBy('place_id')->orderBy('position')
            ->orderBy('id')->limit(self::LIKELY)->get();
    }

    public function show(Frame $frame, ShootPage $page): View|RedirectResponse
    {
        return $frame->isTaken() ? redirect()->route('log.show', $frame) : view('shoot.show', $page->of($frame));
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

    /** The true open time, as the person's clock had it. A script is told where to go on. */
    public function opened(OpenedRequest $request, Frame $frame, OpenFrame $open): RedirectResponse|JsonResponse
    {
        if (! $frame->isTaken()) {
            $open($frame, $request->openedAt(), $request->openSeconds(), $request->light());
        }
        // What is judged frame by frame waits for its verdict; the rest of a list goes on.
        $isJudged = $frame->shot_list_id === null || ($frame->role?->isJudged() ?? true);
        if ($request->expectsJson()) {
            return response()->json(['to' => $isJudged ? route('log.show', $frame) : route('lists.show', $frame->shot_list_id)]);
        }

        return $isJudged
            ? redirect()->route('log.show', $frame)
            : redirect()->route('lists.show', $frame->shot_list_id);
    }
}
