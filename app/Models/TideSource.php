<?php

declare(strict_types=1);

namespace App\Models;

/** Where a place's tide comes from. */
enum TideSource: string
{
    case Station = 'station';
    case Offsets = 'offsets';
    case Table = 'table';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Station => 'a station',
            self::Offsets => 'a station, with my offsets',
            self::Table => 'a table I enter',
            self::None => 'none: inland',
        };
    }

    public function hasTide(): bool
    {
        return $this !== self::None;
    }

    public function isTable(): bool
    {
        return $this === self::Table;
    }

    public function needsAStation(): bool
    {
        return match ($this) {
            self::Station, self::Offsets => true,
            self::Table, self::None => false,
        };
    }
}
