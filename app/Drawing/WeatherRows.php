<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Units;
use GentlePour\Weather\FogChance;
use GentlePour\Weather\Forecast;
use GentlePour\Weather\WeatherHour;

/** What a forecast says of a day, as rows of spans that each say one thing: sky, wind, rain and fog, waves. */
final readonly class WeatherRows
{
    public const WAVES = 'waves';

    /** Hours with winds this near to one another are of one kind, in m/s; likewise waves, in m. Judgement. */
    private const WIND_M_S = 2.0;

    private const WAVES_M = 0.5;

    public function __construct(private Units $units)
    {
    }

    /** @return array<string, list<array{float, float, string}>> by name; without those of which nothing is said */
    public function of(Forecast $forecast, float $from, float $to): array
    {
        $rows = [
            'sky' => $forecast->spans($from, $to, static fn (WeatherHour $h): ?string => $h->sky()?->label()),
            'wind' => $forecast->spans($from, $to, $this->wind(...)),
            'rain, fog' => $forecast->spans($from, $to, self::wet(...)),
            self::WAVES => $forecast->spans($from, $to, $this->waves(...)),
        ];

        return array_filter($rows, static fn (array $spans): bool => $spans !== []);
    }

    private function wind(WeatherHour $hour): ?string
    {
        return $hour->windMS === null ? null : $this->units->wind(self::WIND_M_S * round($hour->windMS / self::WIND_M_S))
            .($hour->windFromDeg === null ? '' : ' '.Units::compass(45 * round($hour->windFromDeg / 45)));
    }

    private static function wet(WeatherHour $hour): ?string
    {
        return $hour->isWet() ? 'rain' : match ($hour->fog()) {
            FogChance::Likely => 'fog likely',
            FogChance::Possible => 'fog possible',
            FogChance::None => null,
        };
    }

    private function waves(WeatherHour $hour): ?string
    {
        return $hour->heightM === null ? null : $this->units->metres(self::WAVES_M * round($hour->heightM / self::WAVES_M))
            .($hour->periodS === null ? '' : sprintf(' %.0f s', $hour->periodS));
    }
}
