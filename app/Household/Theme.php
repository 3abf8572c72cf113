<?php

declare(strict_types=1);

namespace App\Household;

/** How the interface is lit. */
enum Theme: string
{
    case Day = 'day';
    case Beach = 'beach';
    case Night = 'night';
    case Dim = 'dim';

    /** Chosen by a cookie that the switch sets. */
    public static function current(): self
    {
        $chosen = request()->cookie('theme');

        return self::tryFrom(is_string($chosen) ? $chosen : '') ?? self::Day;
    }

    /** Whether everything is red on black. */
    public function isDark(): bool
    {
        return match ($this) {
            self::Day, self::Beach => false,
            self::Night, self::Dim => true,
        };
    }

    /** What surrounds the page in it, for the frame of the browser. */
    public function paper(): string
    {
        return match ($this) {
            self::Day => '#f5f8f7',
            self::Beach => '#ffffff',
            self::Night, self::Dim => '#000000',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Day => 'Day',
            self::Beach => 'Beach: highest contrast',
            self::Night => 'Night: red on black',
            self::Dim => 'Dim: a darker night',
        };
    }
}
