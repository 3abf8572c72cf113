<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Files\KitFile;
use App\Forms\Refusal;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The kit as a file, and the first kit of an empty bag. */
final class KitFileController
{
    public function export(KitFile $file): Response
    {
        return response($file->write(), 200, [
            'Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="gentle-pour-kit.json"',
        ]);
    }

    public function schema(): Response
    {
        return response(KitFile::schema(), 200, ['Content-Type' => 'application/schema+json']);
    }

    public function import(Request $request, KitFile $file): RedirectResponse
    {
        $request->validate(['kit' => ['bail', 'required', 'file', 'max:1024']], [
            'kit.required' => 'Choose a kit file.', 'kit.*' => 'The file did not arrive whole, or is larger than 1 MB.',
        ]);
        $count = $file->read((string) $request->file('kit')?->get());

        return redirect()->route('kit')->with('done', ($count === 1 ? 'One piece of kit is in' : "{$count} pieces of kit are in")
            .'; what had the same name was taken over.');
    }

    /** One page for a first camera, lens and filter. */
    public function first(): View
    {
        return view('kit.first', ['sensors' => SensorSize::cases()]);
    }

    public function start(FirstKitRequest $request, StartKit $start): RedirectResponse
    {
        Refusal::renamed(FirstKitRequest::CORE_FIELDS, static fn () => $start($request->firstKit()));

        return redirect()->route('bench')->with(
            'done', 'Your kit is in. The bench works with it from now on; the rest can be added in Kit.',
        );
    }
}
