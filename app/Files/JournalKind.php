<?php

declare(strict_types=1);

namespace App\Files;

/** What a field file keeps. */
enum JournalKind: string
{
    case Frame = 'frame';
    case Sighting = 'sighting';
    case Measurement = 'measurement';
    case Ticks = 'ticks';

    public function words(int $count): string
    {
        return match ($this) {
            self::Frame => $count === 1 ? 'one frame' : "{$count} frames",
            self::Sighting => $count === 1 ? 'one sighting' : "{$count} sightings",
            self::Measurement => $count === 1 ? 'one measurement' : "{$count} measurements",
            self::Ticks => 'the ticks of '.($count === 1 ? 'one outing' : "{$count} outings"),
        };
    }
}
