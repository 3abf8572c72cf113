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
        } catch (QueryException $e) {
            return redirect()->back(fallback: route('outlook'))->with('problem', self::why($e));
        }

        return redirect()->back(fallback: route('outlook'))->with('done', 'It is back, as it was.');
    }

    private static function why(QueryException $e): string
    {
        $said = $e->getMessage();

        return match (true) {
            str_contains($said, 'FOREIGN KEY') => 'It cannot come back yet: what it belonged to is deleted too. '
                .'Bring that back first, from Settings, Deleted.',
            preg_match('/UNIQUE constraint failed: \w+\.u?id\b/', $said) === 1 => 'It is here already: a backup brought it back.',
            default => 'It cannot come back: something else has taken its name meanwhile. '
                .'Give that another name, and bring this back then.',
        };
    }
}
