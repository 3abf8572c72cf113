<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\StopRule;
use App\Models\Filter;
use GentlePour\Solving\Improvements;
use Illuminate\Contracts\View\View;

final class BenchController
{
    /** What a small change would make clearly better; asked for on its own, since it solves the bench many times over. */
    public function better(BenchRequest $request): View
    {
        $bench = $request->bench();
        $atHome = Filter::query()->where('packed', false)->get()->map(static fn (Filter $f) => $f->glass())->values()->all();

        return view('bench.better', ['remedies' => Improvements::of($bench->question, array_values($atHome))]);
    }

    public function show(BenchRequest $request): View
    {
        $bench = $request->bench();
        $request->session()->put('bench', $bench->inputs);

        return view($request->hasHeader('HX-Request') ? 'bench.page' : 'bench.show', Bench::formData($bench->inputs) + [
            'bench' => $bench,
            'rules' => [StopRule::wide($bench), StopRule::narrow($bench)],
        ]);
    }
}
