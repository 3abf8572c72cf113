<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/** How much light the clouds take, in stops. Common practice. */
enum SkyCondition: string
{
    case Clear = 'clear';
    case Hazy = 'hazy';
    case Cloudy = 'cloudy';
    case Overcast = 'overcast';
    case Heavy = 'heavy';

    public function stops(): float
    {
        return match ($this) {
            self::Clear => 0.0,
            self::Hazy => -1.0,
            self::Cloudy => -2.0,
            self::Overcast => -3.0,
            self::Heavy => -4.0,
        };
    }
}
