<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Drop;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;

/** “Undo”, beside the word that something is gone. */
final class UndoController
{
    public function __invoke(int $drop, Dropping $dropping): RedirectResponse
    {
        $kept = Drop::query()->find($drop);
        if ($kept === null) {
            return redirect()->back(fallback: route('outlook'))->with('problem', 'That is undone already, or too long ago to be undone.');
        }
        try {
            $dropping->undo($kept);
        } catch (QueryException) {
            return redirect()->back(fallback: route('outlook'))
                ->with('problem', 'It cannot come back: something else has taken its name or its place meanwhile.');
        }

        return redirect()->back(fallback: route('outlook'))->with('done', 'It is back, as it was.');
    }
}
