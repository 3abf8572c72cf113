<?php

declare(strict_types=1);

use App\Files\Backup\BackupFailed;
use App\Household\HealthController;
use App\Household\Invited;
use App\Household\OnePress;
use App\Household\OneRecord;
use App\Household\OnlyText;
use App\Household\OwnHost;
use App\Household\SessionOfPages;
use App\Household\TroubledAnswer;
use App\Household\Unparted;
use App\Household\WholeOrNothing;
use App\Household\WorkerController;
use App\Rooms\Settings\KeepsDaily;
use GentlePour\InvalidValue;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\SetCacheHeaders;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Illuminate\View\ViewException;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        // Outside of sessions: it has to answer where nothing can be written.
        then: static function (): void {
            Route::get('/up', HealthController::class)->middleware(OwnHost::class)->name('up');
            Route::get('/worker.js', WorkerController::class)->middleware(OwnHost::class)->name('worker');
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // A page that has not changed is not sent again.
        $middleware->web(
            prepend: [SetCacheHeaders::using('private;no_cache;etag'), Unparted::class, OwnHost::class, OnlyText::class],
            append: [Invited::class, AuthenticateSession::class, OnePress::class, KeepsDaily::class, WholeOrNothing::class, OneRecord::class],
            replace: [StartSession::class => SessionOfPages::class],
        );
        $middleware->redirectGuestsTo(static fn (): string => route('enter'));
        $middleware->encryptCookies(except: ['theme']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['passcode']);
        // What the core refuses is a refusal at a field, wherever it comes from.
        $exceptions->map(InvalidValue::class, static fn (InvalidValue $e): ValidationException => ValidationException::withMessages([
            $e->field() === '' ? 'form' : $e->field() => [$e->getMessage()],
        ]));
        $exceptions->render(static fn (PDOException $e, Request $request): ?HttpResponse => TroubledAnswer::to($request, $e));
        $exceptions->map(ViewException::class, static function (ViewException $e): Throwable {
            return $e->getPrevious() instanceof PDOException ? $e->getPrevious() : $e;
        });
        // A part of a page that was asked for without being let in: the whole page goes to where the passcode is asked for.
        // What a page sends by itself is told in words, which the page shows.
        $exceptions->render(static fn (AuthenticationException $e, Request $request): ?HttpResponse => match (true) {
            $request->hasHeader('HX-Request') => new Response('', 401, ['HX-Redirect' => route('enter')]),
            $request->expectsJson() => new JsonResponse(
                ['message' => 'This device is not let in any more. Load the page again, enter the passcode, and send it once more.'], 401,
            ),
            default => null,
        });
        $exceptions->map(BackupFailed::class, static fn (BackupFailed $e): ValidationException => ValidationException::withMessages([
            'backup' => [$e->getMessage()],
        ]));
    })
    ->create();
