<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Drawing\StopRule;
use App\Http\Requests\BenchRequest;
use Illuminate\Contracts\View\View;

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
}
