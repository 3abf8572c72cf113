<?php

declare(strict_types=1);

namespace App\Files;

use GentlePour\Numeral;

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
            self::Frame => Numeral::many($count, 'frame'),
            self::Sighting => Numeral::many($count, 'sighting'),
            self::Measurement => Numeral::many($count, 'measurement'),
            self::Ticks => 'the ticks of '.Numeral::many($count, 'outing'),
        };
    }
}
