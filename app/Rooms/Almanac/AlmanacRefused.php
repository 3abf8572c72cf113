<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Household\Subjects;
use Exception;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;

/** Conditions that cannot be searched for: the form comes again as it was, each field with its message. */
final class AlmanacRefused extends Exception
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
        $id = $this->asked['place'] ?? null;
        $place = is_scalar($id) ? resolve(Subjects::class)->place((int) $id)?->load('marks.sightings') : null;

        $form = resolve(AlmanacForm::class)->of($place, $this->asked, $this->problems);

        return new Response(view('almanac.index', $form + ['drawn' => null])->render(), 422);
    }
}
