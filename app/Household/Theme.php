<?php

declare(strict_types=1);

namespace App\Household;

/** How the interface is lit. */
enum Theme: string
{
    case Day = 'day';
    case Beach = 'beach';
    case Night = 'night';

    /** Chosen by a cookie that the switch sets. */
    public static function current(): self
    {
        $chosen = request()->cookie('theme');

        return self::tryFrom(is_string($chosen) ? $chosen : '') ?? self::Day;
    }

    public function words(): string
    {
        return match ($this) {
            self::Day => 'Day',
            self::Beach => 'Beach: highest contrast',
            self::Night => 'Night: red on black',
        };
    }
}
