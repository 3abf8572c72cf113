<?php

declare(strict_types=1);

use GentlePour\Sky\SkyCondition;
use GentlePour\Weather\FogChance;
use GentlePour\Weather\Forecast;
use GentlePour\Weather\WeatherHour;

// Common practice of forecasters: a spread within a degree in light air is fog, within two and a half in a light breeze it may be.
it('reckons with fog by spread and wind', function (float $spread, float $wind, FogChance $chance): void {
    expect(FogChance::of($spread, $wind))->toBe($chance)
        ->and((new WeatherHour(0, windMS: $wind, airC: 9.0, dewPointC: 9.0 - $spread))->fog())->toBe($chance);
})->with([
    [0.0, 0.0, FogChance::Likely], [1.0, 3.0, FogChance::Likely], [1.1, 3.0, FogChance::Possible], [1.0, 3.1, FogChance::Possible],
    [2.5, 5.0, FogChance::Possible],
    [2.6, 1.0, FogChance::None], [0.5, 5.1, FogChance::None],
]);

it('says nothing of fog where it is not told, and takes a dew point above the air’s temperature for saturated', function (): void {
    expect((new WeatherHour(0, windMS: 1.0, airC: 9.0))->fog())->toBe(FogChance::None)
        ->and((new WeatherHour(0, airC: 9.0, dewPointC: 9.0))->fog())->toBe(FogChance::None)
        ->and((new WeatherHour(0, windMS: 1.0, airC: 9.0, dewPointC: 9.4))->fog())->toBe(FogChance::Likely)
        ->and((new WeatherHour(0, airC: 9.0, dewPointC: 9.4))->cloudBaseM())->toBe(50.0);
});

it('lays the cover of three heights over one another, high cloud by two fifths', function (array $layers, ?float $cover): void {
    $found = (new WeatherHour(0, ...$layers))->cover();
    $cover === null ? expect($found)->toBeNull() : expect($found)->toBeAbout($cover, 1e-9);
})->with([
    [[], null], [['lowCloud' => 50.0], 0.5], [['lowCloud' => 50.0, 'middleCloud' => 50.0], 0.75], [['highCloud' => 100.0], 0.4],
    [['lowCloud' => 100.0, 'highCloud' => 100.0], 1.0],
    [['cloud' => 62.0], 0.62], [['lowCloud' => 0.0, 'cloud' => 90.0], 0.0],
]);

it('makes a sky of it: clear, thin, broken, overcast, and heavy where it rains', function (float $low, ?float $rain, SkyCondition $sky): void {
    expect((new WeatherHour(0, lowCloud: $low, rainMm: $rain))->sky())->toBe($sky);
})->with([
    [24.9, null, SkyCondition::Clear], [25.0, null, SkyCondition::Hazy], [49.9, 0.0, SkyCondition::Hazy], [50.0, 2.0, SkyCondition::Cloudy],
    [87.4, 2.0, SkyCondition::Cloudy],
    [87.5, 0.4, SkyCondition::Overcast], [87.5, 0.5, SkyCondition::Heavy], [100.0, null, SkyCondition::Overcast],
]);

it('is wet from a tenth of a millimetre on', function (): void {
    expect((new WeatherHour(0, rainMm: 0.09))->isWet())->toBeFalse()->and((new WeatherHour(0, rainMm: 0.1))->isWet())->toBeTrue()
        ->and((new WeatherHour(0))->isWet())->toBeFalse()
        ->and((new WeatherHour(0))->sky())->toBeNull();
});

// Espy 1841: 125 m a degree of spread. Hellmann 1916: the wind grows as the seventh root of the height; to 1000 m it is 10^(2/7) = 1.93 times that at 10 m.
it('drifts low cloud with the wind at its base', function (): void {
    $hour = new WeatherHour(0, windMS: 5.0, airC: 16.0, dewPointC: 8.0);
    expect($hour->cloudBaseM())->toBe(1000.0)->and($hour->cloudSpeedMS())->toBeAbout(5 * 100 ** (1 / 7), 1e-9)
        ->and((new WeatherHour(0, windMS: 5.0, airC: 30.0, dewPointC: 2.0))->cloudSpeedMS())->toBeAbout(5 * 100 ** (1 / 7), 1e-9)
        ->and((new WeatherHour(0, windMS: 5.0, airC: 9.0, dewPointC: 8.2))->cloudSpeedMS())->toBeAbout(5 * 10 ** (1 / 7), 1e-9)
        ->and((new WeatherHour(0, airC: 9.0, dewPointC: 8.0))->cloudSpeedMS())->toBeNull();
});

it('holds an hour and a half around each of its hours, and no longer', function (): void {
    $forecast = Forecast::of([new WeatherHour(7200, cloud: 90.0), new WeatherHour(0, cloud: 10.0)]);
    expect($forecast->at(3000)?->cloud)->toBe(10.0)->and($forecast->at(4000)?->cloud)->toBe(90.0)
        ->and($forecast->at(-5400)?->cloud)->toBe(10.0)->and($forecast->at(-5401))->toBeNull()
        ->and($forecast->at(7200 + 5401))->toBeNull()->and($forecast->between(0, 1))->toHaveCount(1)
        ->and($forecast->between(3600, 3601))->toHaveCount(2)->and(Forecast::of([])->at(0))->toBeNull()
        ->and($forecast->reaches(12599, 20000))->toBeTrue()->and($forecast->reaches(12601, 20000))->toBeFalse()
        ->and($forecast->reaches(-9000, -5399))->toBeTrue()->and($forecast->reaches(-9000, -5401))->toBeFalse()
        ->and(Forecast::of([])->reaches(0, 1))->toBeFalse();
});

it('joins hours that say the same, and leaves a gap where it says nothing', function (): void {
    $hour = fn (int $i, float $cloud): WeatherHour => new WeatherHour(3600.0 * $i, cloud: $cloud);
    $forecast = Forecast::of([$hour(0, 10), $hour(1, 12), $hour(2, 95), $hour(6, 95)]);
    $said = fn (WeatherHour $h): ?string => $h->sky()?->label();
    expect($forecast->spans(0, 36000, $said))->toBe([[0.0, 5400.0, 'clear'], [5400.0, 12600.0, 'overcast'], [16200.0, 27000.0, 'overcast']])
        ->and($forecast->spans(3600, 7200, $said))->toBe([[3600.0, 5400.0, 'clear'], [5400.0, 7200.0, 'overcast']])
        ->and($forecast->spans(0, 36000, fn (WeatherHour $h): ?string => null))->toBe([]);
});
