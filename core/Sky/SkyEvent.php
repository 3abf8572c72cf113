<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** What sun and moon do in a day, in the order in which a table of the day lists it. */
enum SkyEvent: string
{
    case AstronomicalDawn = 'astronomical_dawn';
    case NauticalDawn = 'nautical_dawn';
    case CivilDawn = 'civil_dawn';
    case Sunrise = 'rise';
    case Noon = 'noon';
    case Sunset = 'set';
    case CivilDusk = 'civil_dusk';
    case NauticalDusk = 'nautical_dusk';
    case AstronomicalDusk = 'astronomical_dusk';
    case Moonrise = 'moonrise';
    case Moonset = 'moonset';

    public function label(): string
    {
        return match ($this) {
            self::AstronomicalDawn => 'first light',
            self::NauticalDawn => 'nautical dawn',
            self::CivilDawn => 'civil dawn',
            self::Sunrise => 'sunrise',
            self::Noon => 'sun highest',
            self::Sunset => 'sunset',
            self::CivilDusk => 'civil dusk',
            self::NauticalDusk => 'nautical dusk',
            self::AstronomicalDusk => 'dark',
            self::Moonrise => 'moonrise',
            self::Moonset => 'moonset',
        };
    }
}
