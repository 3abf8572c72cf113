<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** What can keep a frame from being longer. */
enum WallKind: string
{
    case Release = 'release';
    case Longest = 'longest';
    case Battery = 'battery';
    case Light = 'light';
    case Wind = 'wind';
    case GetOff = 'get-off';

    /** What would have to give for a look that lies behind it. */
    public function remedy(): RemedyKind
    {
        return match ($this) {
            self::Release => RemedyKind::Release,
            self::Longest => RemedyKind::Limit,
            self::Battery => RemedyKind::Battery,
            self::Light => RemedyKind::Light,
            self::Wind => RemedyKind::Wind,
            self::GetOff => RemedyKind::GetOff,
        };
    }

    /** Whether it bounds everything that is shot together and not one frame. */
    public function isOfTheWholeTime(): bool
    {
        return match ($this) {
            self::Battery, self::Light, self::GetOff => true,
            self::Release, self::Longest, self::Wind => false,
        };
    }

    /** Whether it is time left on the clock, in which the camera must also have finished its work. */
    public function isOfTheClock(): bool
    {
        return match ($this) {
            self::GetOff => true,
            self::Release, self::Longest, self::Battery, self::Light, self::Wind => false,
        };
    }
}
