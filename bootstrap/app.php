<?php

declare(strict_types=1);

use GentlePour\InvalidValue;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        health: '/up',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->encryptCookies(except: ['theme']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What the core refuses is a refusal at a field, wherever it comes from.
        $exceptions->map(InvalidValue::class, static fn (InvalidValue $e): ValidationException => ValidationException::withMessages([
            $e->field() === '' ? 'form' : $e->field() => [$e->getMessage()],
        ]));
    })
    ->create();
