<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/**
 * Of the requests that run beside a page's own, such as the slow part of a day board, none writes the session: it was read before a press
 * that overtakes it, and would wipe out what that press has to say. What the bench asks does: it is kept from question to question.
 *
 * Where sessions cannot be written, pages can be read all the same and say so; a press is turned away before it does anything.
 */
final class SessionOfPages extends StartSession
{
    private const WHAT_TO_DO = 'Give it back to the user under whom the application runs, or make room on the disk; '
        .'then go back and send it again: nothing of it was kept.';

    /** @param  Request  $request */
    public function handle($request, Closure $next): mixed
    {
        if ($this->manager->getDefaultDriver() === 'file') {
            $trouble = $request->isMethodSafe() ? (Folders::closed()[0] ?? null) : Folders::closedToPresses();
            if ($trouble !== null && ! $request->isMethodSafe()) {
                throw new HttpException(503, "{$trouble} ".self::WHAT_TO_DO);
            }
            View::share('closed', $trouble);
        }

        return parent::handle($request, $next);
    }

    protected function collectGarbage(Session $session): void
    {
        try {
            parent::collectGarbage($session);
        } catch (Throwable) {
            // There is nothing to clear where nothing can be written.
        }
    }

    /**
     * What runs beside a page, and outlives it, tells the browser nothing that it knows: a late answer would bring back the session of
     * somebody who has gone out, or has come in since.
     */
    protected function addCookieToResponse(Response $response, Session $session): void
    {
        $request = resolve('request');
        $beside = $request->expectsJson() || $request->hasHeader('HX-Request');
        if (! $beside || $request->cookies->get($session->getName()) !== $session->getId()) {
            parent::addCookieToResponse($response, $session);
        }
    }

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        $beside = $request->isMethod('GET') && $request->hasHeader('HX-Request') && ! $request->routeIs('bench');
        if ($beside) {
            return;
        }
        try {
            parent::saveSession($request);
        } catch (Throwable $e) {
            // The page is whole without it, and says why what it remembers is gone.
            resolve(ExceptionHandler::class)->report($e);
        }
    }
}
