<?php

declare(strict_types=1);

use GentlePour\Compass\Bearing;
use GentlePour\InvalidValue;

// “Variation west, compass best; variation east, compass least”: common practice.

it('turns what a compass showed to true north and back', function (float $shown, float $variation, float $true): void {
    expect(Bearing::fromCompass($shown, $variation))->toBe($true)
        ->and(Bearing::onCompass($true, $variation))->toBe($shown === 360.0 ? 0.0 : $shown);
})->with([
    [215.0, -4.0, 211.0], [215.0, 4.0, 219.0], [2.0, -4.0, 358.0], [358.0, 4.0, 2.0], [0.0, 0.0, 0.0], [360.0, 0.0, 0.0], [10.0, -170.0, 200.0],
    [350.0, 170.0, 160.0], [90.5, 0.5, 91.0],
]);

it('says a bearing to a tenth of a degree, and never 360', function (): void {
    expect(Bearing::fromCompass(100.0, 3.14159))->toBe(103.1)->and(Bearing::fromCompass(359.0, 0.99))->toBe(0.0)
        ->and(Bearing::fromCompass(359.0, 0.94))->toBe(359.9)->and(Bearing::onCompass(100.0, 0.06))->toBe(99.9);
});

it('refuses what no compass shows', function (float $shown): void {
    expect(static fn (): float => Bearing::fromCompass($shown, 0.0))->toThrow(InvalidValue::class, 'between 0 and 360');
})->with([-1.0, 361.0, NAN]);

it('reads what was read off a compass, as charts and logs write it', function (string $written, ?float $deg): void {
    expect(Bearing::readOff($written))->toBe($deg);
})->with([
    ['215 M', 215.0], ['215M', 215.0], ['215°M', 215.0], ['215° m', 215.0], [' 047.5 ° mag ', 47.5], ['47,5 mag.', 47.5], ['9 Magnetic', 9.0],
    ['215', null], ['215°', null], ['215 T', null], ['M 215', null], ['-5 M', null], ['1215 M', null], ['215 mm', null], ['215 M 3', null],
    ['215.1234567 M', null], ['', null], ['M', null],
]);

it('turns the first figure of each of a list, and leaves the others', function (string $list, string $turned, bool $any): void {
    expect(Bearing::anyReadOff($list))->toBe($any)->and(Bearing::listFromCompass($list, -4.2))->toBe($turned);
})->with([
    ['94.2M 0, 114.2M 25, 134.2M 0', '90 0, 110 25, 130 0', true],
    ['94.2 0, 114.2M 25', '94.2 0, 110 25', true],
    ["2°M 12;10 mag 3\r\n20 M 4", "357.8 12;5.8 3\r\n15.8 4", true],
    // Legs of a way: the metres behind are metres.
    ['250M 35m 5.6m, 280 M 60 6.3', '245.8 35m 5.6m, 275.8 60 6.3', true],
    ['250 35m 5.6m, 280 60 m 6.3', '250 35m 5.6m, 280 60 m 6.3', false],
    ['90 0, 110 25', '90 0, 110 25', false], ['', '', false],
]);

it('refuses a list with what no compass shows', function (): void {
    expect(static fn (): string => Bearing::listFromCompass('400M 3', 0.0))->toThrow(InvalidValue::class);
});

it('says which way a compass is off', function (): void {
    expect(Bearing::words(-4.24))->toBe('4.2° west')->and(Bearing::words(11.0))->toBe('11.0° east')->and(Bearing::words(0.0))->toBe('0.0° east');
});
