<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use GentlePour\Units;
use GentlePour\Weather\FogChance;
use GentlePour\Weather\Forecast;
use GentlePour\Weather\WeatherHour;

/** A stretch of weather in words, for a window or an outing. */
final readonly class WeatherWords
{
    /** A cloud base is known no finer, in m. */
    private const BASE_STEP_M = 50.0;

    public function __construct(private Units $units)
    {
    }

    /**
     * Null where the forecast does not reach it.
     *
     * @param  bool  $atSea  whether waves matter there
     */
    public function of(Forecast $forecast, float $fromUnix, float $toUnix, bool $atSea): ?string
    {
        $hour = $forecast->at(($fromUnix + $toUnix) / 2);
        if ($hour === null) {
            return null;
        }
        $hours = [$hour, ...$forecast->between($fromUnix, $toUnix)];
        $wet = array_filter($hours, static fn (WeatherHour $h): bool => $h->isWet()) !== [];
        $fogs = array_map(static fn (WeatherHour $h): FogChance => $h->fog(), $hours);

        return implode(', ', array_filter([
            $hour->sky()?->label(),
            $wet ? 'rain' : null,
            in_array(FogChance::Likely, $fogs, true) ? 'fog likely' : (in_array(FogChance::Possible, $fogs, true) ? 'fog possible' : null),
            $hour->windMS === null ? null : 'wind '.$this->wind($hour),
            $hour->heightM === null || ! $atSea ? null : 'waves '.$this->waves($hour),
            $this->clouds($hour),
        ], static fn (?string $part): bool => $part !== null && $part !== ''));
    }

    private function wind(WeatherHour $hour): string
    {
        return $this->units->wind((float) $hour->windMS).($hour->windFromDeg === null ? '' : ' from '.Units::compass($hour->windFromDeg));
    }

    private function waves(WeatherHour $hour): string
    {
        return $this->units->metres((float) $hour->heightM).($hour->periodS === null ? '' : sprintf(' %.0f s', $hour->periodS));
    }

    /** How fast low cloud drifts, where there is some. */
    private function clouds(WeatherHour $hour): ?string
    {
        $speed = ($hour->cover() ?? 0.0) < 0.1 ? null : $hour->cloudSpeedMS();

        $base = self::BASE_STEP_M * max(1.0, round((float) $hour->cloudBaseM() / self::BASE_STEP_M));

        return $speed === null
            ? null : sprintf('low cloud drifts %s at %s', $this->units->speedAbout($speed), $this->units->about($base));
    }
}
