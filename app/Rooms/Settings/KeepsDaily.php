<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Files\Backup\Backups;
use App\Files\Upload\Uploads;
use Closure;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * On a day on which the application is used, its records are kept once more, after the answer has gone; files that are half here are given
 * up in time.
 */
final readonly class KeepsDaily
{
    public function __construct(private Backups $backups, private Uploads $uploads, private ExceptionHandler $handler)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(Request $request, Response $response): void
    {
        if (! $response->isSuccessful()) {
            return;
        }
        try {
            $this->uploads->giveUp();
            $this->backups->daily();
        } catch (Throwable $e) {
            // The page was answered; that there is no backup of today is said on the page of backups.
            $this->handler->report($e);
        }
    }
}
