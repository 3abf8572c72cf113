<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Instants;
use App\Models\LevelMark;
use App\Models\Sighting;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;

/** Keeps what was seen at a mark, with what was predicted for that instant. */
final readonly class KeepSighting
{
    /** Tide worked out on either side of the instant, in seconds. */
    private const AROUND_S = 3600;

    public function __construct(private PlaceTide $tides)
    {
    }

    /**
     * @param  string  $seenAt  by the place's clock; empty for now
     *
     * @throws InvalidValue at seen_at-ID, when it is no instant or no tide is known for it
     */
    public function __invoke(LevelMark $mark, bool $reached, string $seenAt): Sighting
    {
        $place = $mark->place()->firstOrFail();
        $field = 'seen_at-'.$mark->id;
        $unix = $seenAt === '' ? (float) now()->getTimestamp() : Instants::read($field, $seenAt, $place->zone());
        try {
            $height = $this->tides->curve($place, $unix - self::AROUND_S, $unix + self::AROUND_S)?->heightM($unix);
        } catch (InvalidValue $e) {
            throw (new InvalidValue($e->getMessage()))->at($field);
        }
        if ($height === null) {
            throw (new InvalidValue('No tide is known for '.$place->name.' at that time.'))->at($field);
        }

        return $mark->sightings()->create(['seen_at' => Instants::stored($unix), 'reached' => $reached, 'predicted_m' => $height]);
    }
}
