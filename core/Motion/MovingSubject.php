<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** What else moves in a picture and may have to be held still, with the speed it usually moves at in m/s. Common practice; editable. */
enum MovingSubject: string
{
    case FoliageLight = 'foliage_light';
    case FoliageWind = 'foliage_wind';
    case MooredBoat = 'moored_boat';
    case PersonStanding = 'person_standing';
    case PersonWalking = 'person_walking';
    case Bird = 'bird';

    public function speedMS(): float
    {
        return match ($this) {
            self::FoliageLight => 0.3,
            self::FoliageWind => 1.5,
            self::MooredBoat => 0.2,
            self::PersonStanding => 0.05,
            self::PersonWalking => 1.4,
            self::Bird => 10.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::FoliageLight => 'foliage in a breath of air',
            self::FoliageWind => 'foliage in wind',
            self::MooredBoat => 'a moored boat',
            self::PersonStanding => 'a person standing still',
            self::PersonWalking => 'a person walking',
            self::Bird => 'a bird in flight',
        };
    }
}
