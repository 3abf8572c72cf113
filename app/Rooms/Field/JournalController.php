<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Files\Journal;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Where what was done with a field file comes home: by itself, as a file, as text, or by the address that a code holds. */
final class JournalController
{
    public function show(): View
    {
        return view('field.home');
    }

    /** @throws InvalidValue at journal */
    public function take(Request $request, TakeJournal $take): JsonResponse|RedirectResponse
    {
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? mb_scrub((string) $file->get()) : $request->string('text')->toString();
        if (trim($text) === '') {
            throw (new InvalidValue('Choose the file that the phone shared, or paste what it copied.'))->at('journal');
        }
        $taken = $take(Journal::read($text));
        if ($request->expectsJson()) {
            return response()->json(['words' => $taken->words(), 'home' => $taken->home, 'refused' => $taken->refused]);
        }

        return redirect()->route('field.home')->with($taken->home === [] ? 'problem' : 'done', $taken->words())
            ->with('refused', $taken->refused);
    }

    public function schema(): Response
    {
        return new Response(Journal::schema(), 200, ['Content-Type' => 'application/schema+json']);
    }
}
