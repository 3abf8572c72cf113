<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use Exception;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/** Conditions that cannot be searched for: the form comes again as it was, each field with its message. */
final class WindowsRefused extends Exception
{
    /** @param  array<string, mixed>  $asked */
    public function __construct(private readonly MessageBag $problems, private readonly array $asked)
    {
        parent::__construct('These conditions cannot be searched for.');
    }

    public function report(): bool
    {
        return true;
    }

    public function render(): Response
    {
        return new Response(
            view('almanac.index', ['place' => null, 'windows' => null] + WindowController::form($this->asked, $this->problems))->render(),
            422,
        );
    }
}
