<?php

declare(strict_types=1);

namespace GentlePour\Weather;

/**
 * Whether fog is to be reckoned with, by the spread between temperature and dew point and by the wind that would mix it away. Common
 * practice of forecasters: within a degree and in light air it forms, within two and a half in a light breeze it may.
 */
enum FogChance: string
{
    case None = 'none';
    case Possible = 'possible';
    case Likely = 'likely';

    private const LIKELY_C = 1.0;

    private const LIKELY_M_S = 3.0;

    private const POSSIBLE_C = 2.5;

    private const POSSIBLE_M_S = 5.0;

    /**
     * @param  float  $spreadC  temperature less dew point
     * @param  float  $windMS  at ten metres
     */
    public static function of(float $spreadC, float $windMS): self
    {
        return match (true) {
            $spreadC <= self::LIKELY_C && $windMS <= self::LIKELY_M_S => self::Likely,
            $spreadC <= self::POSSIBLE_C && $windMS <= self::POSSIBLE_M_S => self::Possible,
            default => self::None,
        };
    }
}
