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

    public function label(): string
    {
        return match ($this) {
            self::Clear => 'clear',
            self::Hazy => 'thin cloud',
            self::Cloudy => 'broken cloud',
            self::Overcast => 'overcast',
            self::Heavy => 'heavy cloud',
        };
    }

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

    /**
     * How much of the light on level ground comes from the sky and not straight from the sun, by the sun's altitude. Of a clear sky
     * 800 + 15500 sqrt(sin h) lux, and never more than there is (Illuminating Engineering Society; from memory); haze makes half of the
     * rest into light of the sky, clouds all of it (judgement).
     */
    public function diffuseShare(float $altitudeDeg): float
    {
        $clear = $altitudeDeg <= 0 ? 1.0 : min(1.0, (800 + 15500 * sqrt(sin(deg2rad($altitudeDeg)))) / Illuminance::lux($altitudeDeg));

        return match ($this) {
            self::Clear => $clear,
            self::Hazy => (1 + $clear) / 2,
            self::Cloudy, self::Overcast, self::Heavy => 1.0,
        };
    }
}
