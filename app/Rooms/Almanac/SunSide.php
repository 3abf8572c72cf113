<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

/** Where the sun stands against the way the lens faces. Common practice. */
enum SunSide: string
{
    case Any = 'any';
    case Ahead = 'ahead';
    case Left = 'left';
    case Right = 'right';
    case Behind = 'behind';

    public function label(): string
    {
        return match ($this) {
            self::Any => 'anywhere',
            self::Ahead => 'ahead',
            self::Left => 'from the left',
            self::Right => 'from the right',
            self::Behind => 'behind',
        };
    }

    /** @return array{float, float}|null degrees clockwise from the facing, from and to; null for all round */
    public function arcDeg(): ?array
    {
        return match ($this) {
            self::Any => null,
            self::Ahead => [-60.0, 60.0],
            self::Left => [-120.0, -60.0],
            self::Right => [60.0, 120.0],
            self::Behind => [120.0, 240.0],
        };
    }
}
