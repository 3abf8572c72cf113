<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Household\Entrances;
use App\Household\Passcode;
use App\Models\Entrance;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The way in by the passcode, out again, and a new passcode. */
final class EnterController
{
    public function __construct(private readonly Entrances $entrances)
    {
    }

    public function show(): View
    {
        return view('settings.enter', ['isSet' => Passcode::isSet()]);
    }

    public function enter(Request $request, StatefulGuard $guard): RedirectResponse
    {
        $this->check($request, $guard->attempt(...));
        $request->session()->regenerate();
        $this->entrances->cameIn($request);

        return redirect()->intended(route('outlook'));
    }

    public function leave(Request $request, StatefulGuard $guard): RedirectResponse
    {
        $this->entrances->left($request->session());
        $guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('enter');
    }

    /** Shows one device out: it has to know the passcode to come in again. */
    public function end(Entrance $entrance): RedirectResponse
    {
        $this->entrances->end($entrance);

        return redirect()->route('settings')
            ->with('done', 'It is out. Whoever knows the passcode can come in again: make a new one where that might be.');
    }

    /** Ends every session but this one. */
    public function renew(Request $request, StatefulGuard $guard): RedirectResponse
    {
        $this->check($request, $guard->validate(...));
        $passcode = Passcode::renew();
        $guard->attempt(Passcode::credentials($passcode));
        $request->session()->regenerate();
        $this->entrances->cameIn($request);

        return redirect()->route('settings')
            ->with('done', "The new passcode is {$passcode}. Write it down: it is not shown again. Every other session is ended.");
    }

    /**
     * @param  callable(array<string, int|string>): bool  $fits
     *
     * @throws ValidationException
     */
    private function check(Request $request, callable $fits): void
    {
        $request->validate(['passcode' => ['bail', 'required', 'string', 'max:100']], [
            'passcode.required' => 'Type the passcode.', 'passcode.*' => 'This is not the passcode.',
        ]);
        if (! Passcode::isSet() || ! $fits(Passcode::credentials($request->string('passcode')->toString()))) {
            // After the answer: what is refused is rolled back, and this has to stay.
            ! Passcode::isSet() || defer(fn () => $this->entrances->refused($request))->always();
            throw ValidationException::withMessages(['passcode' => 'This is not the passcode.']);
        }
    }
}
