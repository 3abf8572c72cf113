<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Sky\LightPhase;

/** The light that a window is searched for. */
enum WantedLight: string
{
    case Any = 'any';
    case Low = 'low';
    case Golden = 'golden';
    case Blue = 'blue';
    case Day = 'day';
    case Night = 'night';

    public function label(): string
    {
        return match ($this) {
            self::Any => 'any',
            self::Low => 'golden or blue hour',
            self::Golden => 'golden hour',
            self::Blue => 'blue hour',
            self::Day => 'day',
            self::Night => 'night',
        };
    }

    /** @return array{float, float} least and greatest altitude of the sun in degrees */
    public function altitudesDeg(): array
    {
        [$from, $to] = match ($this) {
            self::Any => [LightPhase::Night, LightPhase::Day],
            self::Low => [LightPhase::Blue, LightPhase::Golden],
            self::Golden => [LightPhase::Golden, LightPhase::Golden],
            self::Blue => [LightPhase::Blue, LightPhase::Blue],
            self::Day => [LightPhase::Day, LightPhase::Day],
            self::Night => [LightPhase::Night, LightPhase::Astronomical],
        };

        return [$from->leastDeg(), $to->mostDeg()];
    }
}
