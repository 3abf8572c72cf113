<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\Refusal;
use App\Models\Outing;
use App\Models\Sighting;
use App\Rooms\Places\KeepSighting;
use GentlePour\InvalidValue;

/** Keeps what came of an outing; what was missed stands first on the next packing list. */
final readonly class CloseOuting
{
    public function __construct(private PackingList $packing, private KeepSighting $sighting)
    {
    }

    /**
     * @param  list<string>  $missed
     * @param  array<int, bool>  $sighted  whether the water reached a mark, by its number; marks of other places are passed over
     * @param  string  $sightedAt  by the place's clock
     *
     * @throws InvalidValue at sighted_at
     */
    public function __invoke(Outing $outing, string $cameOfIt, array $missed, array $sighted = [], string $sightedAt = ''): void
    {
        foreach ($outing->place->marks()->findMany(array_keys($sighted)) as $mark) {
            Refusal::at('sighted_at', fn (): Sighting => ($this->sighting)($mark, $sighted[$mark->id], $sightedAt));
        }
        $isFirst = $outing->closed_at === null;
        $outing->update(['came_of_it' => $cameOfIt === '' ? null : $cameOfIt, 'closed_at' => $outing->closed_at ?? now()]);
        if ($isFirst && $missed !== []) {
            $this->packing->miss($missed);
        }
    }
}
