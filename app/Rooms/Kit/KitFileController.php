<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Files\KitFile;
use App\Models\Setting;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The kit as a file, the first kit of an empty bag, and the release that was forgotten. */
final class KitFileController
{
    public function export(): Response
    {
        return response(KitFile::write(), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="gentle-pour-kit.json"']);
    }

    public function schema(): Response
    {
        return response(KitFile::schema(), 200, ['Content-Type' => 'application/schema+json']);
    }

    public function import(Request $request): RedirectResponse
    {
        $request->validate(['kit' => ['bail', 'required', 'file', 'max:1024']], ['kit.required' => 'Choose a kit file.', 'kit.*' => 'The file did not arrive whole, or is larger than 1 MB.']);
        try {
            $count = KitFile::read((string) $request->file('kit')?->get());
        } catch (InvalidValue $e) {
            throw ValidationException::withMessages(['kit' => [$e->getMessage()]]);
        }

        return redirect()->route('kit')->with('done', ($count === 1 ? 'One piece of kit is in' : "{$count} pieces of kit are in").'; what had the same name was taken over.');
    }

    /** One page for a first camera, lens and filter. */
    public function first(): View
    {
        return view('kit.first', ['sensors' => FirstKitRequest::SENSORS]);
    }

    public function start(FirstKitRequest $request): RedirectResponse
    {
        $request->keep();

        return redirect()->route('bench')->with('done', 'Your kit is in. The bench works with it from now on; the rest can be added in Kit.');
    }

    /** One press: the release is packed, or was forgotten. */
    public function release(): RedirectResponse
    {
        $carry = KitBag::carry();
        Setting::write('carry', ['release' => ! $carry['release']] + $carry);

        return redirect()->back(302, [], route('kit'))->with('done', $carry['release'] ? 'The release stays at home: nothing beyond the longest timed shutter.' : 'The release is packed.');
    }

    public function card(Request $request): View|RedirectResponse
    {
        return PocketCards::canBeMade() ? view('card.show', PocketCards::of($request->boolean('thirds'), $request->query('school') === 'card')) : redirect()->route('kit.first');
    }

    public function cardTable(Request $request): Response|RedirectResponse
    {
        if (! PocketCards::canBeMade()) {
            return redirect()->route('kit.first');
        }
        $card = PocketCards::of($request->boolean('thirds'), $request->query('school') === 'card')['card'];

        return response($card->csv(), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="gentle-pour-card.csv"']);
    }
}
