<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use App\Models\ShotList;
use App\Rooms\Bench\BenchRequest;
use App\Rooms\Bench\ListMaker;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Frames that belong together: made at the bench, walked through in Shoot. */
final class ShotListController
{
    public function store(BenchRequest $request): RedirectResponse
    {
        $bench = $request->bench();
        $request->session()->put('bench', $bench->inputs);
        try {
            $list = ListMaker::make($bench, ListMaker::plan($bench, $request->list(), $request->listMore()));
        } catch (InvalidValue $e) {
            return redirect()->route('bench')->with('problem', $e->getMessage());
        }

        return redirect()->route('lists.show', $list);
    }

    public function show(ShotList $list): View
    {
        return view('shoot.list', ['list' => $list->load('frames')]);
    }

    /** Frames that were taken stay in the log. */
    public function destroy(ShotList $list): RedirectResponse
    {
        Frame::query()->where('shot_list_id', $list->id)->whereNull('open_s')->delete();
        $list->delete();

        return redirect()->route('shoot')->with('done', 'The list is gone; frames that were taken stay in the log.');
    }
}
