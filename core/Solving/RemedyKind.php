<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** The ways out when nothing fits, and what would make it better when something does. */
enum RemedyKind: string
{
    case Release = 'release';
    case Limit = 'limit';
    case Battery = 'battery';
    case Light = 'light';
    case Wind = 'wind';
    case GetOff = 'get-off';
    case Average = 'average';
    case Nearest = 'nearest';
    case Fit = 'fit';
    case Filter = 'filter';
    case Wait = 'wait';
    case Leave = 'leave';
    case Iso = 'iso';
    case Aperture = 'aperture';
    case Window = 'window';
    case Pack = 'pack';
    case Buy = 'buy';
    case Pin = 'pin';

    /** Whether it proposes a time that the target can be set to with one press. */
    public function offersATarget(): bool
    {
        return match ($this) {
            self::Nearest => true,
            self::Release, self::Limit, self::Battery, self::Light, self::Wind, self::GetOff, self::Average, self::Fit, self::Filter,
            self::Wait, self::Leave, self::Iso, self::Aperture, self::Window, self::Pack, self::Buy, self::Pin => false,
        };
    }
}
