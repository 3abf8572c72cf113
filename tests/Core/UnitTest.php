<?php

declare(strict_types=1);

use GentlePour\Unit;

// Definitions: the foot of 0.3048 m and the mile of 1609.344 m (international yard and pound agreement, 1959), the knot of 1852 m an hour
// (International Hydrographic Conference, 1929). Beaufort: World Meteorological Organization (1970), from memory.

it('reads quantities with the unit that a person has in mind', function (string $written, string $unit, float $expected): void {
    expect(Unit::read($written, $unit))->toBeAbout($expected, 1e-4 * max(1.0, abs($expected)));
})->with([
    ['12', 'm', 12.0], ['12 ft', 'm', 3.6576], ["6'", 'm', 1.8288], ["5'6\"", 'm', 1.6764], ['5 ft 6 in', 'm', 1.6764], ['30cm', 'm', 0.3], ['0,4 km', 'm', 400.0], ['2 mi', 'm', 3218.688],
    ['24 mm', 'mm', 24.0], ['1 in', 'mm', 25.4], ['7.7 cm', 'mm', 77.0], ['35', 'mm', 35.0],
    ['25 mph', 'm/s', 11.176], ['20 kn', 'm/s', 10.2889], ['20 knots', 'm/s', 10.2889], ['36 km/h', 'm/s', 10.0], ['4 ft/s', 'm/s', 1.2192], ['3', 'm/s', 3.0],
    ['force 6', 'm/s', 12.287], ['Beaufort 12', 'm/s', 34.752], ['F6', 'm/s', 12.287], ['6 bft', 'm/s', 12.287], ['force 0', 'm/s', 0.0],
    ['50 F', '°C', 10.0], ['-4°F', '°C', -20.0], ['12 °C', '°C', 12.0], ['−5', '°C', -5.0],
    ['½', 'm', 0.5], ['1½ m', 'm', 1.5], ['⅓', 'stops', 1 / 3], ['-½ stops', 'stops', -0.5], ['−⅔', 'stops', -2 / 3], ['0,8', 'm', 0.8], ['.5', 'm', 0.5],
    ['2 min', 's', 120.0], ['90 s', 'min', 1.5], ['1 h', 'min', 60.0], ['500 ms', 's', 0.5], ['45°', '°', 45.0], ['45 deg', '°', 45.0], ['33 %', '%', 33.0], ['7,5 EV', 'EV', 7.5],
]);

it('reads nothing of another dimension, nor what is no number', function (string $written, string $unit): void {
    expect(Unit::read($written, $unit))->toBeNull();
})->with([
    ['12 s', 'm'], ['12 m', 's'], ['20 kn', 'm'], ['12 ft', 'm/s'], ['force 13', 'm/s'], ['force', 'm/s'], ['far', 'm'], ['', 'm'], ['m', 'm'], ['-', 'm'], ['.', 'm'], ['1e9', 'm'], ['NaN', 'm'],
    ['INF m', 'm'], ['1/2', 'm'], ['12 parsecs', 'm'], ["5'6\"7", 'm'], ['1.2.3 m', 'm'], ['5 F', '%'], ['5 m', ''], ['9999999999 m', 'm'], ['6 bft', 'm'], ['½½', 'm'],
]);

it('keeps to Beaufort’s table: the wind of each force lies inside its bounds in m/s (World Meteorological Organization 1970, from memory)', function (): void {
    $bounds = [[0, 0.2], [0.3, 1.5], [1.6, 3.3], [3.4, 5.4], [5.5, 7.9], [8.0, 10.7], [10.8, 13.8], [13.9, 17.1], [17.2, 20.7], [20.8, 24.4], [24.5, 28.4], [28.5, 32.6], [32.7, 100]];
    foreach ($bounds as $force => [$least, $most]) {
        expect(Unit::ofForce($force))->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
    }
    expect(Unit::ofForce(13))->toBeNull();
});
