<?php

declare(strict_types=1);

namespace App\Household;

use Closure;
use Illuminate\Auth\Middleware\Authenticate;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Where the server listens to more than this machine, only who came in by the passcode gets an answer. */
final class Invited extends Authenticate
{
    public function __construct(Factory $auth, private readonly SessionManager $sessions, private readonly Entrances $entrances)
    {
        parent::__construct($auth);
    }

    /** @param  Request  $request */
    public function handle($request, Closure $next, ...$guards): Response
    {
        if (! self::isAskedFor($request)) {
            return $next($request);
        }
        if (! $request->hasSession()) {
            // What answers to typing keeps no session; who is asking is read from it all the same, and nothing is written.
            $session = $this->sessions->driver();
            $session->setId($request->cookies->get($session->getName()));
            $session->start();
            $request->setLaravelSession($session);
        }

        if ($this->entrances->isEnded($request->session())) {
            Auth::guard('web')->logoutCurrentDevice();
        }

        return parent::handle($request, $next, ...$guards);
    }

    public static function isAskedFor(Request $request): bool
    {
        $listensOn = $request->server('SERVER_NAME');

        return config('auth.passcode') === true || is_string($listensOn) && ! OwnHost::isLoopback($listensOn);
    }

    protected function redirectTo(Request $request): string
    {
        return route('enter');
    }
}
