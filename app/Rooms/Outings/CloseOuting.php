<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Models\Outing;

/** Keeps what came of an outing; what was missed stands first on the next packing list. */
final readonly class CloseOuting
{
    public function __construct(private PackingList $packing)
    {
    }

    /** @param  list<string>  $missed */
    public function __invoke(Outing $outing, string $cameOfIt, array $missed): void
    {
        $isFirst = $outing->closed_at === null;
        $outing->update(['came_of_it' => $cameOfIt === '' ? null : $cameOfIt, 'closed_at' => $outing->closed_at ?? now()]);
        if ($isFirst && $missed !== []) {
            $this->packing->miss($missed);
        }
    }
}
