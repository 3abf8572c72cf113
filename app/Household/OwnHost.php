<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * A server that listens to this machine alone answers to this machine's names alone: a page of another site that has its name point here
 * is sent away. Nothing that is not ours is loaded, run or sent to. No other site may show these pages inside of its own, guess at what
 * a file is, or learn the addresses in them; and "back", which is wherever the browser says that it came from, never leads to another site.
 */
final class OwnHost
{
    private const HEADERS = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self' data:; "
            ."img-src 'self' data: blob:; connect-src 'self'; form-action 'self'; manifest-src 'self'; worker-src 'self'; "
            ."frame-ancestors 'none'; base-uri 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(), microphone=(), payment=(), usb=(), geolocation=(self), screen-wake-lock=(self)',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $listensOn = $request->server('SERVER_NAME');
        if (is_string($listensOn) && self::isLoopback($listensOn) && ! self::isLoopback($request->getHost())) {
            throw new HttpException(
                421, 'This application answers on this machine only: open it by the address that it printed when it was started.',
            );
        }
        if (! str_starts_with($request->headers->get('Referer', '').'/', $request->getSchemeAndHttpHost().'/')) {
            $request->headers->remove('Referer');
        }
        $answer = $next($request);
        foreach (self::HEADERS as $name => $value) {
            // A page that holds its script in itself has a stricter policy of its own.
            $answer->headers->set($name, $name === 'Content-Security-Policy' ? $answer->headers->get($name) ?? $value : $value);
        }

        return $answer;
    }

    public static function isLoopback(string $host): bool
    {
        return preg_match('/^(localhost|127(\.\d{1,3}){3}|\[?::1\]?)$/i', $host) === 1;
    }
}
