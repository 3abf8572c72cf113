<?php

declare(strict_types=1);

namespace App\Household;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PDOException;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** The page that says what the database suffers from and what to do; a form keeps what was typed. */
final class TroubledAnswer
{
    private const RETRY_S = '5';

    /** Null where the trouble is none of the database's. */
    public static function to(Request $request, PDOException $e): ?HttpResponse
    {
        $trouble = DatabaseTrouble::of($e);
        if ($trouble === null || $request->expectsJson()) {
            return null;
        }
        // A part of a page is dimmed where it stands; a form goes back to what was typed.
        $isForm = ! $request->isMethodSafe() && ! $request->hasHeader('HX-Request');
        $typed = $isForm && $request->hasSession() && $request->headers->has('Referer');
        if ($typed) {
            return redirect()->back()->withInput($request->except('passcode'))
                ->with('problem', "{$trouble->title()}. {$trouble->whatToDo()} Nothing of what was sent was kept.");
        }

        $page = view('errors.database', ['trouble' => $trouble, 'sent' => ! $request->isMethodSafe()])->render();

        return new Response($page, $trouble->status(), ['Retry-After' => self::RETRY_S]);
    }
}
