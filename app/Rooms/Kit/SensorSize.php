<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

/** Sensor sizes by what they are called. Common practice. */
enum SensorSize: string
{
    case Full = 'full';
    case Apsc = 'apsc';
    case FourThirds = 'four_thirds';
    case Inch = 'inch';
    case Medium = 'medium';

    public function label(): string
    {
        return match ($this) {
            self::Full => 'full frame',
            self::Apsc => 'APS-C',
            self::FourThirds => 'four thirds',
            self::Inch => 'one inch',
            self::Medium => 'medium format',
        };
    }

    /** @return array{float, float} width and height in mm */
    public function sidesMm(): array
    {
        return match ($this) {
            self::Full => [36.0, 24.0],
            self::Apsc => [23.5, 15.6],
            self::FourThirds => [17.3, 13.0],
            self::Inch => [13.2, 8.8],
            self::Medium => [43.8, 32.9],
        };
    }
}
