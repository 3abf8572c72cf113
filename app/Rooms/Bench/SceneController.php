<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\StopAxis;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Scene\Scene;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Seeing the blur before it is shot: recipes of pictures, and open times side by side. */
final class SceneController
{
    /** The recipe of the picture on the bench, at every third of a stop. */
    public function recipe(BenchRequest $request): JsonResponse
    {
        $moving = $request->moving();
        $times = array_map(static fn (int $thirds): float => 2 ** ($thirds / 3), range(StopAxis::FIRST_THIRD - 6, StopAxis::LAST_THIRD + 6));

        return response()->json(Scene::recipe($moving->kind, $moving->water, $moving->framing, $moving->clouds, $times));
    }

    public function compare(CompareRequest $request): View|RedirectResponse
    {
        try {
            $bench = $request->bench();
        } catch (InvalidValue|ModelNotFoundException) {
            return redirect()->route('bench')->with('problem', 'The bench has to be in order before times can be compared.');
        }
        $times = $request->times($bench);

        return view('compare.show', [
            'bench' => $bench, 'written' => $request->written(), 'problems' => $request->problems(), 'wipe' => $request->wipes(),
            'scene' => Bench::sceneQuery($bench->inputs),
            'shown' => array_map(static fn (ShutterTime $t): array => [
                'seconds' => $t->seconds, 'label' => $t->label(), 'look' => $bench->moving->bands->at($t->seconds)->look->value,
                'kept' => $bench->moving->water->textureKept($t->seconds),
            ], $times),
        ]);
    }
}
