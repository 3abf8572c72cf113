<?php

declare(strict_types=1);

namespace App\Rooms\Water;

use App\Devices\Feeds;
use App\Models\Place;
use GentlePour\Documents\Observation;
use GentlePour\Documents\ObservationFiles;

/** What a feed says of a place of the person's, or of the open sea where no place has a position. */
final readonly class FeedReader
{
    /** A made-up position in the open sea. */
    private const AT_SEA = [56.5, -9.9];

    private const AROUND_S = 86400.0;

    public function __construct(private Feeds $feeds)
    {
    }

    /** @return array<string, string> its text by its name; empty where there is no such feed */
    public function texts(string $feed, int $placeId, float $unix): array
    {
        $source = $this->feeds->feed($feed);
        $place = Place::query()->whereNotNull('latitude')->orderByRaw('id = ? desc', [$placeId])->oldest('id')->first();

        return $source === null ? [] : [$source->name() => $source->observations(
            $place->latitude ?? self::AT_SEA[0], $place->longitude ?? self::AT_SEA[1], $unix - self::AROUND_S, $unix + self::AROUND_S,
        )];
    }

    /**
     * Wind, temperature and dew point of this hour, for the form of the clouds.
     *
     * @return array{string, Observation}|null whose figures they are, and the figures
     */
    public function airNow(): ?array
    {
        $now = (float) now()->getTimestamp();
        $texts = $this->texts('weather', 0, $now);
        $row = $texts === [] ? null : ObservationFiles::read($texts)->nearest($now);

        return $row?->windMS === null || $row->airC === null || $row->dewPointC === null ? null : [(string) array_key_first($texts), $row];
    }
}
