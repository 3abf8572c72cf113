<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Forms\Instants;
use App\Forms\Typed;
use App\Models\Outing;
use App\Models\Place;
use GentlePour\InvalidValue;

/** Keeps a visit that is planned. */
final class PlanOuting
{
    private const LONGEST_S = 3 * 86400;

    /** @throws InvalidValue at starts_at or ends_at */
    public function __invoke(Place $place, Typed $typed): Outing
    {
        return $place->outings()->create(self::values($place, $typed));
    }

    /** @throws InvalidValue at starts_at or ends_at */
    public function change(Outing $outing, Typed $typed): void
    {
        $outing->update(self::values($outing->place, $typed));
    }

    /** @return array<string, mixed> */
    private static function values(Place $place, Typed $typed): array
    {
        $starts = Instants::read('starts_at', $typed->text('starts_at'), $place->zone());
        $ends = Instants::read('ends_at', $typed->text('ends_at'), $place->zone());
        if ($ends <= $starts || $ends - $starts > self::LONGEST_S) {
            throw (new InvalidValue('An outing ends after it starts, within three days.'))->at('ends_at');
        }

        return [
            'starts_at' => Instants::stored($starts), 'ends_at' => Instants::stored($ends),
            'note' => $typed->has('note') ? $typed->text('note') : null,
            'travel_minutes' => $typed->number('travel_minutes'),
            'told' => $typed->has('told') ? $typed->text('told') : null,
            'forecast' => $typed->has('forecast') ? $typed->text('forecast') : null,
            'rain' => $typed->flag('rain'),
        ];
    }
}
