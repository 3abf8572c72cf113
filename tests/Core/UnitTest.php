<?php

declare(strict_types=1);

use GentlePour\Numeral;
use GentlePour\Unit;
use GentlePour\Units;

// Definitions: the foot of 0.3048 m and the mile of 1609.344 m (international yard and pound agreement, 1959), the knot of 1852 m an hour
// (International Hydrographic Conference, 1929). Beaufort: World Meteorological Organization (1970), from memory.

it('reads quantities with the unit that a person has in mind', function (string $written, string $unit, float $expected): void {
    expect(Unit::read($written, $unit))->toBeAbout($expected, 1e-4 * max(1.0, abs($expected)));
})->with([
    ['12', 'm', 12.0], ['12 ft', 'm', 3.6576], ["6'", 'm', 1.8288], ["5'6\"", 'm', 1.6764], ['5 ft 6 in', 'm', 1.6764], ['30cm', 'm', 0.3],
    ['0,4 km', 'm', 400.0], ['2 mi', 'm', 3218.688],
    ['24 mm', 'mm', 24.0], ['1 in', 'mm', 25.4], ['7.7 cm', 'mm', 77.0], ['35', 'mm', 35.0],
    ['25 mph', 'm/s', 11.176], ['20 kn', 'm/s', 10.2889], ['20 knots', 'm/s', 10.2889], ['36 km/h', 'm/s', 10.0], ['4 ft/s', 'm/s', 1.2192],
    ['3', 'm/s', 3.0],
    ['force 6', 'm/s', 12.287], ['Beaufort 12', 'm/s', 34.752], ['F6', 'm/s', 12.287], ['6 bft', 'm/s', 12.287], ['force 0', 'm/s', 0.0],
    ['50 F', '°C', 10.0], ['-4°F', '°C', -20.0], ['12 °C', '°C', 12.0], ['−5', '°C', -5.0],
    ['½', 'm', 0.5], ['1½ m', 'm', 1.5], ['⅓', 'stops', 1 / 3], ['-½ stops', 'stops', -0.5], ['−⅔', 'stops', -2 / 3], ['0,8', 'm', 0.8],
    ['.5', 'm', 0.5],
    ['2 min', 's', 120.0], ['90 s', 'min', 1.5], ['1 h', 'min', 60.0], ['500 ms', 's', 0.5], ['45°', '°', 45.0], ['45 deg', '°', 45.0],
    ['33 %', '%', 33.0], ['7,5 EV', 'EV', 7.5],
]);

it('reads nothing of another dimension, nor what is no number', function (string $written, string $unit): void {
    expect(Unit::read($written, $unit))->toBeNull();
})->with([
    ['12 s', 'm'], ['12 m', 's'], ['20 kn', 'm'], ['12 ft', 'm/s'], ['force 13', 'm/s'], ['force', 'm/s'], ['far', 'm'], ['', 'm'],
    ['m', 'm'], ['-', 'm'], ['.', 'm'], ['1e9', 'm'], ['NaN', 'm'],
    ['INF m', 'm'], ['1/2', 'm'], ['12 parsecs', 'm'], ["5'6\"7", 'm'], ['1.2.3 m', 'm'], ['5 F', '%'], ['5 m', ''], ['9999999999 m', 'm'],
    ['6 bft', 'm'], ['½½', 'm'],
]);

it('keeps to Beaufort’s table: the wind of each force lies inside its bounds in m/s (World Meteorological Organization 1970, from memory)', function (): void {
    $bounds = [[0, 0.2], [0.3, 1.5], [1.6, 3.3], [3.4, 5.4], [5.5, 7.9], [8.0, 10.7], [10.8, 13.8], [13.9, 17.1], [17.2, 20.7],
        [20.8, 24.4], [24.5, 28.4], [28.5, 32.6], [32.7, 100]];
    foreach ($bounds as $force => [$least, $most]) {
        expect(Unit::ofForce($force))->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
    }
    expect(Unit::ofForce(13))->toBeNull();
});

it('writes quantities in the units that a person reads', function (): void {
    $si = new Units;
    $other = new Units('ft', 'mph', 'Bft', '°F', true);
    expect([$si->metres(4.05), $si->about(7.5), $si->centimetres(0.19), $si->speed(4.0), $si->wind(8.0), $si->of('m'), $si->of('wind'),
        $si->of('s')])
        ->toBe(['4.1 m', '7.5 m', '19 cm', '4.0 m/s', '8 m/s', 'm', 'm/s', 's'])
        ->and([$other->metres(4.05), $other->about(7.5), $other->centimetres(0.19), $other->speed(4.0), $other->wind(12.287),
            $other->of('m'), $other->of('wind'), $other->of('°C')])
        ->toBe(['13.3 ft', '24.6 ft', '7 inches', '8.9 mph', 'force 6', 'ft', 'Bft', '°F'])
        ->and($si->clock(new DateTimeImmutable('2026-11-26 16:05')))->toBe('16:05')
        ->and($other->clock(new DateTimeImmutable('2026-11-26 16:05')))->toBe('4:05 pm')
        ->and((new Units('ft', 'kn', 'km/h'))->wind(10.0))->toBe('36 km/h');
});

it('puts into a field what is kept, and takes it back the same, however often', function (Units $units, string $kept, string $value): void {
    $base = $kept === 'wind' ? 'm/s' : $kept;
    $shown = $units->inField($value, $kept);
    for ($i = 0; $i < 5; $i++) {
        $back = Numeral::short((float) Unit::read($shown.' '.$units->of($kept), $base), 3);
        expect($units->inField($back, $kept))->toBe($shown)->and(abs((float) $back - (float) $value))->toBeLessThan(0.011);
    }
})->with([
    [new Units('ft'), 'm', '8'], [new Units('ft'), 'm', '0.35'], [new Units('ft'), 'm', '1234.5'], [new Units('m', 'mph'), 'm/s', '4.25'],
    [new Units('m', 'kn'), 'm/s', '1.6'],
    [new Units('m', 'm/s', 'Bft'), 'wind', '8'], [new Units('m', 'm/s', 'kn'), 'wind', '5.5'], [new Units(temperature: '°F'), '°C', '-4.5'],
    [new Units, 'm', '8'],
]);

it('leaves in a field what is no plain number, and what it does not know', function (): void {
    $feet = new Units('ft');
    expect($feet->inField('far', 'm'))->toBe('far')->and($feet->inField('', 'm'))->toBe('')
        ->and($feet->inField('12 yd', 'm'))->toBe('12 yd')->and($feet->inField('8', 's'))->toBe('8')
        ->and($feet->inField('0,8', 'm'))->toBe('2.62')->and((new Units)->inField('0,8', 'm'))->toBe('0,8')
        ->and(Units::read(['length' => 'furlong', 'speed' => ['x'], 'wind' => 'Bft',
            'twelve_hours' => 'yes']))->toEqual(new Units(wind: 'Bft'))
        ->and(Units::read((new Units('ft', 'kn', 'mph', '°F', true))->toArray()))->toEqual(new Units('ft', 'kn', 'mph', '°F', true));
});

it('says how many as a sentence does, one and none in words', function (int $count, string $words, string $presses): void {
    expect(Numeral::many($count, 'frame'))->toBe($words)->and(Numeral::many($count, 'press', 'presses'))->toBe($presses);
})->with([[0, 'no frames', 'no presses'], [1, 'one frame', 'one press'], [2, '2 frames', '2 presses'], [1000, '1000 frames', '1000 presses']]);

it('writes a figure with its sign, and nought without one', function (float $value, int $decimals, string $written): void {
    expect(GentlePour\Numeral::signed($value, $decimals))->toBe($written);
})->with([[0.25, 2, '+0.25'], [-0.25, 2, '−0.25'], [-0.004, 2, '0.00'], [0.004, 2, '0.00'], [0.0, 1, '0.0'], [-12.06, 1, '−12.1'], [-0.4, 0, '0'], [1234.5, 1, '+1234.5']]);

it('ends a day at 24:00, or at midnight on a clock of twelve hours, and begins one at 0:00', function (): void {
    $at = static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-12-02 {$time}");
    [$round, $half] = [GentlePour\Units::read(['twelve_hours' => false]), GentlePour\Units::read(['twelve_hours' => true])];
    expect([$round->clock($at('00:00')), $round->ends($at('00:00')), $round->ends($at('00:01')), $round->ends($at('12:00'))])->toBe(['0:00', '24:00', '0:01', '12:00'])
        ->and([$half->clock($at('00:00')), $half->ends($at('00:00')), $half->ends($at('12:00'))])->toBe(['12:00 am', 'midnight', '12:00 pm']);
});

it('has a scale of whole metres, or of feet by two and by five', function (): void {
    $feet = static fn (float $low, float $high): array => array_map(static fn (float $m): float => round($m / 0.3048, 9), (new GentlePour\Units('ft'))->scale($low, $high));
    expect((new GentlePour\Units('m'))->scale(-1.0, 2.9))->toBe([-1.0, 0.0, 1.0, 2.0])
        ->and($feet(-1.0, 3.0))->toBe([-2.0, 0.0, 2.0, 4.0, 6.0, 8.0])
        ->and($feet(-1.0, 5.0))->toBe([0.0, 5.0, 10.0, 15.0])
        ->and((new GentlePour\Units('ft'))->centimetres(0.01))->toBe('one inch');
});

it('writes a true minus, and none before nought', function (string $given, string $written): void {
    expect(GentlePour\Numeral::minus($given))->toBe($written);
})->with([['EV -4', 'EV −4'], ['-0°', '0°'], ['EV -0.0 to -0.1', 'EV 0.0 to −0.1'], ['-0.05 m', '−0.05 m'], ['-10', '−10']]);
