<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page that works with one’s own kit asks a stranger for it first. */
final readonly class NeedsKit
{
    public function __construct(private KitShelf $shelf)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $request->hasHeader('HX-Request') || ! $this->shelf->isEmpty() ? $next($request) : redirect()->route('kit.first');
    }
}
