<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/** The same form sent twice within a moment is one press of a trembling hand: the second is answered as the first was, and does nothing. */
final class OnePress
{
    private const MOMENT_S = 0.6;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $request->expectsJson() || ! $request->hasSession()) {
            return $next($request);
        }
        $session = $request->session();
        $press = self::of($request);
        [$last, $at, $to] = array_pad((array) $session->get('press', []), 3, null);
        if ($last === $press && is_string($to) && is_numeric($at) && abs(self::now() - (float) $at) < self::MOMENT_S) {
            $session->reflash();

            return new RedirectResponse($to);
        }
        $answer = $next($request);
        if ($answer instanceof RedirectResponse && $request->allFiles() === []) {
            $session->put('press', [$press, self::now(), $answer->getTargetUrl()]);
        }

        return $answer;
    }

    /** Whether this very form was the last that was sent here and kept, and when, in seconds; null where it was another. */
    public static function sentBefore(Request $request): ?float
    {
        [$last, $at] = array_pad($request->hasSession() ? (array) $request->session()->get('press', []) : [], 2, null);

        return $last === self::of($request) && is_numeric($at) ? (float) $at : null;
    }

    private static function of(Request $request): string
    {
        $without = [OneRecord::FIELD => true];

        $sent = [array_diff_key($request->query(), $without), array_diff_key($request->post(), $without)];

        return sha1(serialize([$request->method(), $request->url(), $sent]));
    }

    private static function now(): float
    {
        return Carbon::now()->getPreciseTimestamp(3) / 1000;
    }
}
