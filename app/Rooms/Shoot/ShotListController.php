<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Household\Dropping;
use App\Models\ShotList;
use App\Rooms\Bench\BenchRequest;
use App\Rooms\Bench\Workbench;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Frames that belong together: made at the bench, walked through in Shoot. */
final class ShotListController
{
    /** A longer list is said to be as long as this, in seconds. */
    private const LONGEST_S = 7200;

    public function store(BenchRequest $request, Workbench $workbench, MakeList $make): RedirectResponse
    {
        $bench = $request->bench($workbench);
        $request->session()->put('bench', $bench->form->toQuery());
        try {
            return redirect()->route('lists.show', $make($bench, ListOrder::read($request->pressedList())));
        } catch (InvalidValue $e) {
            return redirect()->route('bench')->with('problem', $e->getMessage());
        }
    }

    public function show(ShotList $list): View
    {
        $list->load('frames');

        return view('shoot.list', [
            'list' => $list, 'next' => $list->next(),
            'takes' => ShutterTime::ofSeconds(min(self::LONGEST_S, max(1, $list->total_s)))->label(),
        ]);
    }

    public function destroy(ShotList $list, Dropping $drop): RedirectResponse
    {
        $waiting = $list->frames()->whereNull('open_s')->get();
        $dropped = $drop($list, ...$waiting);

        return Dropping::said(redirect()->route('shoot'), 'The list is gone; frames that were taken stay in the log.', $dropped);
    }
}
