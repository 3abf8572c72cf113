<?php

declare(strict_types=1);

namespace App\Household;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * Of the requests that run beside a page's own, such as the slow part of a day board, none writes the session: it was read before a press
 * that overtakes it, and would wipe out what that press has to say. What the bench asks does: it is kept from question to question.
 */
final class SessionOfPages extends StartSession
{
    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        $beside = $request->isMethod('GET') && $request->hasHeader('HX-Request') && ! $request->routeIs('bench');
        if (! $beside) {
            parent::saveSession($request);
        }
    }
}
