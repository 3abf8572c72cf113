<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

/** What the drift of the clouds is reckoned by. */
enum CloudsBy: string
{
    case Nothing = '';
    case Crossing = 'crossing';
    case Wind = 'wind';

    public function label(): string
    {
        return match ($this) {
            self::Nothing => 'not looked at',
            self::Crossing => 'a crossing, timed',
            self::Wind => 'wind and height',
        };
    }

    /** @return list<string> the fields it is told by, the look of the clouds included */
    public function fields(): array
    {
        return match ($this) {
            self::Nothing => [],
            self::Crossing => ['cloud_share', 'cloud_s', 'cloud_look'],
            self::Wind => ['cloud_speed', 'cloud_base', 'cloud_elevation', 'cloud_across', 'cloud_look'],
        };
    }
}
