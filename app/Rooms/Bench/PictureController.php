<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\StopAxis;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Scene\Scene;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Seeing the blur before it is shot: recipes of pictures, and open times side by side. */
final class PictureController
{
    /** A recipe reaches so many thirds of a stop beyond both ends of the stop rule. */
    private const BEYOND = 6;

    /** The recipe of the picture on the bench, at every third of a stop. */
    public function recipe(BenchRequest $request, Workbench $workbench): JsonResponse
    {
        $moving = $request->moving($workbench);
        $thirds = range(StopAxis::FIRST_THIRD - self::BEYOND, StopAxis::LAST_THIRD + self::BEYOND);
        $times = array_map(static fn (int $third): float => 2 ** ($third / 3), $thirds);

        return response()->json(Scene::recipe($moving->kind, $moving->water, $moving->framing, $moving->clouds, $times));
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
            'shown' => array_map(static fn (ShutterTime $t): array => [
                'seconds' => $t->seconds,
                'label' => $t->label(),
                'look' => $bench->moving->bands->at($t->seconds)->look->value,
                'kept' => $bench->moving->water->textureKept($t->seconds),
            ], $compared->times),
        ]);
    }
}
