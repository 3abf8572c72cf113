<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Rooms\Kit\KitShelf;
use GentlePour\Solving\Improvements;
use Illuminate\Contracts\View\View;

final class BenchController
{
    public function show(BenchRequest $request, Workbench $workbench, BenchPages $pages): View
    {
        $bench = $request->bench($workbench);
        $request->session()->put('bench', $bench->form->toQuery());

        return view($request->hasHeader('HX-Request') ? 'bench.page' : 'bench.show', $pages->worked($bench));
    }

    /** What a small change would make clearly better; asked for on its own, since it solves the bench many times over. */
    public function better(BenchRequest $request, Workbench $workbench, KitShelf $shelf): View
    {
        return view('bench.better', ['remedies' => Improvements::of($request->bench($workbench)->question, $shelf->atHome())]);
    }
}
