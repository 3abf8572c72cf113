<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Frame;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The log. */
final class FrameController
{
    private const PER_PAGE = 30;

    public function index(): View
    {
        return view('log.index', [
            'frames' => Frame::query()->with('subject.place')->whereNotNull('open_s')->latest('opened_at')->latest('id')->simplePaginate(self::PER_PAGE),
            'planned' => Frame::query()->with('subject.place')->whereNull('open_s')->latest('id')->limit(5)->get(),
        ]);
    }

    public function show(Frame $frame): View
    {
        return view('log.show', ['frame' => $frame->load('subject.place')]);
    }

    public function judge(JudgeRequest $request, Frame $frame): RedirectResponse
    {
        $frame->update($request->verdict());

        return $request->boolean('next')
            ? redirect()->route('bench', ['next' => $frame->id])
            : redirect()->route('log.show', $frame)->with('done', 'Kept in the log.');
    }

    public function destroy(Frame $frame): RedirectResponse
    {
        $frame->delete();

        return redirect()->route('log')->with('done', 'The frame is gone from the log.');
    }
}
