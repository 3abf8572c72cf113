<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Instants;
use App\Models\Place;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;

/** How high the tide was predicted at the instant when something was seen. */
final readonly class Predicted
{
    /** Tide worked out on either side of the instant, in seconds. */
    private const AROUND_S = 3600;

    public function __construct(private PlaceTide $tides)
    {
    }

    /**
     * @param  string  $seenAt  by the place's clock; empty for now
     * @return array{float, float} the instant, and the height in m above the tide's datum
     *
     * @throws InvalidValue at the field, when it is no instant or no tide is known for it
     */
    public function at(Place $place, string $seenAt, string $field): array
    {
        $unix = $seenAt === '' ? (float) now()->getTimestamp() : Instants::read($field, $seenAt, $place->zone());
        try {
            $height = $this->tides->curve($place, $unix - self::AROUND_S, $unix + self::AROUND_S)?->heightM($unix);
        } catch (InvalidValue $e) {
            throw (new InvalidValue($e->getMessage()))->at($field);
        }
        if ($height === null) {
            throw (new InvalidValue('No tide is known for '.$place->name.' at that time.'))->at($field);
        }

        return [$unix, $height];
    }
}
