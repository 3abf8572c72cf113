<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Rooms\Kit\KitShelf;
use App\Rooms\Kit\PackRelease;
use GentlePour\Solving\Improvements;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class BenchController
{
    public function show(BenchRequest $request, Workbench $workbench, BenchPages $pages): View
    {
        $bench = $request->bench($workbench);
        $request->session()->put('bench', $bench->form->toQuery());

        return $request->hasHeader('HX-Request')
            ? view('bench.page', $pages->worked($bench, $request->notes()))
            : view('bench.show', [...$pages->worked($bench, $request->notes()), 'recipe' => PictureRecipe::of($bench->moving)]);
    }

    /** What a small change would make clearly better; asked for on its own, since it solves the bench many times over. */
    public function better(BenchRequest $request, Workbench $workbench, KitShelf $shelf): View
    {
        return view('bench.better', ['remedies' => Improvements::of($request->bench($workbench)->question, $shelf->atHome())]);
    }

    /** One press: what the meter reads stands as the base reading. */
    public function meter(BenchRequest $request, Workbench $workbench): RedirectResponse
    {
        return redirect()->route('bench', $request->metered($workbench));
    }

    /** One press: the release is packed after all, or stays at home. The bench stands as its fields say. */
    public function release(Request $request, PackRelease $pack): RedirectResponse
    {
        return redirect()->route('bench', array_intersect_key($request->post(), BenchFields::ALL))->with('done', $pack(packed: true));
    }
}
