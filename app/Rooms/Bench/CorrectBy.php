<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

/** What of the settings takes up the correction that a frame taught; everything else is kept. */
enum CorrectBy: string
{
    case Time = 'time';
    case Aperture = 'aperture';
    case Iso = 'iso';

    public function label(): string
    {
        return match ($this) {
            self::Time => 'by time',
            self::Aperture => 'by aperture',
            self::Iso => 'by ISO',
        };
    }
}
