<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use GentlePour\InvalidValue;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The bench as it was left, for the rooms that go by it. */
final readonly class KeptBench
{
    public function __construct(private BenchFiller $filler, private Workbench $workbench)
    {
    }

    /** Null where it cannot be worked out: something is missing in the kit, or was typed wrong. */
    public function open(Session $session): ?Bench
    {
        try {
            $kept = (array) $session->get('bench', []);

            return $this->workbench->open(BenchForm::of([...$this->filler->defaults($kept === []), ...$kept]));
        } catch (InvalidValue|ModelNotFoundException) {
            return null;
        }
    }
}
