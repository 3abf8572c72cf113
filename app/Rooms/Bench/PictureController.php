<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Seeing the blur before it is shot: recipes of pictures, and open times side by side. */
final class PictureController
{
    /** The recipe of the picture, where the bench’s own page did not bring it. */
    public function recipe(BenchRequest $request, Workbench $workbench): JsonResponse
    {
        return response()->json(PictureRecipe::of($request->moving($workbench)));
    }

    public function compare(CompareRequest $request, KeptBench $kept): View|RedirectResponse
    {
        $bench = $kept->open($request->session());
        if ($bench === null) {
            return redirect()->route('bench')->with('problem', 'The bench has to be in order before times can be compared.');
        }
        $compared = ComparedTimes::of($request->written(), $bench);

        return view('bench.compare', [
            'bench' => $bench,
            'written' => $request->written(),
            'problems' => $compared->problems,
            'wipe' => $request->wipes(),
            'scene' => $bench->form->pictureQuery(),
            'recipe' => PictureRecipe::of($bench->moving),
            'shown' => array_map(static fn (ComparedTime $t): array => $t->shownOn($bench), $compared->times),
        ]);
    }
}
