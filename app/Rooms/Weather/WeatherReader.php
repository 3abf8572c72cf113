<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use GentlePour\Weather\WeatherHour;

/** Reads the forecast of a place out for a stretch of time, with whose it is and how old. */
final readonly class WeatherReader
{
    public function __construct(private ?GivenForecast $given, private WeatherWords $words, private bool $atSea)
    {
    }

    /** Null where no forecast reaches it. */
    public function of(float $fromUnix, float $toUnix): ?string
    {
        $said = $this->given?->forecast->reaches($fromUnix, $toUnix) === true
            ? $this->words->of($this->given->forecast, $fromUnix, $toUnix, $this->atSea) : null;

        return $said === null || $said === '' ? null : ucfirst($said).'.';
    }

    /** The highest waves of a stretch of time; null where none are known. */
    public function highestWaves(float $fromUnix, float $toUnix): ?WeatherHour
    {
        $rough = null;
        foreach ($this->given?->forecast->between($fromUnix, $toUnix) ?? [] as $hour) {
            $rough = $hour->heightM !== null && ($rough === null || $hour->heightM > $rough->heightM) ? $hour : $rough;
        }

        return $rough;
    }

    public function source(): string
    {
        return $this->given?->words() ?? '';
    }
}
