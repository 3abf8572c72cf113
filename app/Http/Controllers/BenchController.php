<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Drawing\StopRule;
use App\Http\Requests\BenchRequest;
use App\Http\Requests\CrestRequest;
use GentlePour\InvalidValue;
use GentlePour\Measuring\CrestTimer;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class BenchController
{
    public function show(BenchRequest $request): View
    {
        $bench = $request->bench();
        $request->session()->put('bench', $bench->inputs);

        return view($request->hasHeader('HX-Request') ? 'bench.page' : 'bench.show', Bench::formData($bench->inputs) + [
            'bench' => $bench,
            'rules' => [StopRule::wide($bench), StopRule::narrow($bench)],
        ]);
    }

    /** The period from presses so far: seconds on the person's own clock. */
    public function crests(CrestRequest $request): View|Response
    {
        try {
            return view('bench.crests', ['timer' => CrestTimer::ofPresses($request->presses())]);
        } catch (InvalidValue $e) {
            return response()->view('bench.crests', ['timer' => null, 'problem' => $e->getMessage()], 422);
        }
    }
}
