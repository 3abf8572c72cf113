<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Instants;
use App\Models\LevelMark;
use App\Models\Sighting;
use GentlePour\InvalidValue;

/** Keeps what was seen at a mark, with what was predicted for that instant. */
final readonly class KeepSighting
{
    public function __construct(private Predicted $predicted)
    {
    }

    /**
     * @param  string  $seenAt  by the place's clock; empty for now
     *
     * @throws InvalidValue at seen_at-ID, when it is no instant or no tide is known for it
     */
    public function __invoke(LevelMark $mark, bool $reached, string $seenAt): Sighting
    {
        [$unix, $height] = $this->predicted->at($mark->place()->firstOrFail(), $seenAt, 'seen_at-'.$mark->id);

        return $mark->sightings()->create(['seen_at' => Instants::stored($unix), 'reached' => $reached, 'predicted_m' => $height]);
    }
}
