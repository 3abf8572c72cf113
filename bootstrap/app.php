<?php

declare(strict_types=1);

use App\Household\HealthController;
use App\Household\OnePress;
use App\Household\OnlyText;
use App\Household\OwnHost;
use App\Household\SessionOfPages;
use GentlePour\InvalidValue;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Middleware\SetCacheHeaders;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        // Outside of sessions: it has to answer where nothing can be written.
        then: static fn () => Route::get('/up', HealthController::class)->middleware(OwnHost::class)->name('up'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // A page that has not changed is not sent again.
        $middleware->web(prepend: [SetCacheHeaders::using('private;no_cache;etag'), OwnHost::class, OnlyText::class], append: OnePress::class, replace: [
            StartSession::class => SessionOfPages::class,
        ]);
        $middleware->encryptCookies(except: ['theme']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What the core refuses is a refusal at a field, wherever it comes from.
        $exceptions->map(InvalidValue::class, static fn (InvalidValue $e): ValidationException => ValidationException::withMessages([
            $e->field() === '' ? 'form' : $e->field() => [$e->getMessage()],
        ]));
    })
    ->create();
