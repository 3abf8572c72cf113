<?php

declare(strict_types=1);

namespace GentlePour\Sky;

/**
 * The light of the hours, by the altitude of the sun’s centre. The twilights end at 12 and 18 degrees of depression (astronomical
 * convention); golden light runs from 6 degrees above the horizon to 4 below, the blue hour from there to 6 below (common practice of
 * photographers). One meaning for all that is drawn, searched and ranked.
 */
enum LightPhase: string
{
    case Night = 'night';
    case Astronomical = 'astronomical';
    case Nautical = 'nautical';
    case Blue = 'blue';
    case Golden = 'golden';
    case Day = 'day';

    public static function ofAltitude(float $altitudeDeg): self
    {
        foreach (self::cases() as $phase) {
            if ($altitudeDeg < $phase->mostDeg()) {
                return $phase;
            }
        }

        return self::Day;
    }

    /** Where it begins, from below. */
    public function leastDeg(): float
    {
        return match ($this) {
            self::Night => -90.0,
            self::Astronomical => self::Night->mostDeg(),
            self::Nautical => self::Astronomical->mostDeg(),
            self::Blue => self::Nautical->mostDeg(),
            self::Golden => self::Blue->mostDeg(),
            self::Day => self::Golden->mostDeg(),
        };
    }

    public function mostDeg(): float
    {
        return match ($this) {
            self::Night => -18.0,
            self::Astronomical => -12.0,
            self::Nautical => -6.0,
            self::Blue => -4.0,
            self::Golden => 6.0,
            self::Day => 90.0,
        };
    }
}
