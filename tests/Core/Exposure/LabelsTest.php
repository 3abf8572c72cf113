<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;

// How settings are written and read back, worked out by hand; names of dials and spellings are common practice.

it('names a time by the dial where it is on it, and in round figures elsewhere', function (float $seconds, string $label, string $exact): void {
    expect(ShutterTime::ofSeconds($seconds)->label())->toBe($label)->and(ShutterTime::ofSeconds($seconds)->exactLabel())->toBe($exact);
})->with([
    [1 / 64, '1/60', '1/64'],
    [1.0, '1 s', '1 s'],
    [32.0, '30 s', '32 s'],
    [2 ** (-1 / 3), '0.8 s', '0.79 s'],
    // Two hundredths of a third stop off the dial is on it, more is not.
    [2 ** (0.015 / 3), '1 s', '1 s'],
    [1 / 71.4, '1/71', '1/71.4'],
    [1 / 71.6, '1/72', '1/71.6'],
    [1 / 3.456, '1/3', '1/3.5'],
    [0.29, '1/3', '1/3.4'],
    [0.34, '0.34 s', '0.34 s'],
    [0.456, '0.46 s', '0.46 s'],
    [0.744, '0.74 s', '0.74 s'],
    [0.899, '0.9 s', '0.9 s'],
    [1.123, '1.1 s', '1.12 s'],
    [1.186, '1.2 s', '1.19 s'],
    [4.444, '4.4 s', '4.44 s'],
    [8.96, '9 s', '8.96 s'],
    [9.5432, '9.5 s', '9.54 s'],
    [9.96, '10 s', '9.96 s'],
    [10.96, '11 s', '11 s'],
    [11.44, '11 s', '11.4 s'],
    [33.34, '33 s', '33.3 s'],
    [59.4, '59 s', '59.4 s'],
    [59.6, '1:00', '59.6 s'],
    [60.0, '1:00', '1:00'],
    [60.4, '1:00', '1:00'],
    [61.6, '1:02', '1:02'],
    [119.4, '1:59', '1:59'],
    [121.0, '2:00', '2:01'],
    [122.6, '2:05', '2:03'],
    [3599.0, '1:00:00', '59:59'],
    [3600.0, '1:00:00', '1:00:00'],
    [7384.0, '2:03:05', '2:03:04'],
    [86400.0, '24:00:00', '24:00:00'],
]);

it('names by the dial no longer than the camera times', function (): void {
    expect(ShutterTime::onDial(16)->label())->toBe('40 s')->and(ShutterTime::onDial(15)->label(ShutterTime::onDial(14)))->toBe('32 s')
        ->and(ShutterTime::onDial(15)->label(ShutterTime::onDial(15)))->toBe('30 s')
        ->and(ShutterTime::onDial(8)->label(ShutterTime::onDial(6)))->toBe('6.3 s')
        ->and(ShutterTime::onDial(8)->label())->toBe('6 s');
});

it('counts to a tenth below ten seconds, to a second below two minutes, to five from there', function (float $seconds, float $counted): void {
    expect(ShutterTime::ofSeconds($seconds)->counted()->seconds)->toBe($counted);
})->with([[0.02, 0.1], [0.34, 0.3], [9.46, 9.5], [9.99, 10.0], [10.4, 10.0], [10.6, 11.0], [119.4, 119.0], [120.0, 120.0], [122.6, 125.0],
    [122.4, 120.0]]);

it('rounds to the nearest setting of the dial, and by the card to the printed name', function (): void {
    foreach ([[33.0, 32.0, 30.0, '30 s'], [37.0, 40.317, 40.0, '40 s'], [0.0151, 0.015625, 1 / 60, '1/60'],
        [1.2, 1.26, 1.3, '1.3 s']] as [$from, $dial, $card, $label]) {
        $time = ShutterTime::ofSeconds($from);
        expect($time->nearestDial()->seconds)->toBeAbout($dial, 0.001)->and($time->card()->seconds)->toBeAbout($card, 1e-9)
            ->and($time->cardLabel())->toBe($label);
    }
    // Beyond the dial the card doubles 40, 50 and 60 s; before its beginning it has no name and keeps the time.
    expect(array_map(fn (int $thirds): float => ShutterTime::onDial($thirds)->card()->seconds, [15, 16, 17, 18, 19, 20, 21, 22]))
        ->toBe([30.0, 40.0, 50.0, 60.0, 80.0, 100.0, 120.0, 160.0])
        ->and(ShutterTime::onDial(15)->cardLabel())->toBe('30 s')->and(ShutterTime::onDial(16)->cardLabel())->toBe('40 s')
        ->and(ShutterTime::onDial(18)->cardLabel())->toBe('1:00')
        ->and(ShutterTime::onDial(-47)->card()->seconds)->toBe(ShutterTime::onDial(-47)->seconds);
});

it('reads the marks that typing and pasting leave', function (string $written, float $seconds): void {
    expect(ShutterTime::parse($written)->seconds)->toBeWithinShare($seconds, 1e-9);
})->with([
    ['¼', 0.25], ['⅓', 2 ** (-5 / 3)], ['⅛', 0.125], ['1⁄60', 1 / 64], ['15”', 16.0], ["15''", 16.0], ['8’', 480.0], ['8′', 480.0],
    ['2 hours', 7200.0], ['2hrs', 7200.0], ['1 hour 2 minutes 3 seconds', 3723.0], ['1h 5 s', 3605.0], ['7 secs', 7.0],
    ['5 secs', 2 ** (7 / 3)], ['2 mins', 120.0],
    ['1/0.5', 2.0], ['1.5/4', 0.375], ['3/1', 3.0], ['1/1', 1.0],
]);

it('says what was written and how it is written, in one sentence', function (callable $parse, string $says): void {
    try {
        $parse();
        $said = 'nothing';
    } catch (GentlePour\InvalidValue $refused) {
        $said = $refused->getMessage();
    }
    expect($said)->toBe($says);
})->with([
    [fn () => ShutterTime::parse('soon'), '“soon” is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s.'],
    [fn () => Aperture::parse('wide'), '“wide” is not an aperture; write it like f/11 or 5.6.'],
    [fn () => Iso::parse('fast'), '“fast” is not an ISO; write it like 100 or 1600.'],
    [fn () => FilterMarking::parse('dark'), '“dark” is not a filter marking; write it as engraved, like ND8, 0.9, 8x or 10 stops.'],
    [fn () => FilterMarking::parse('40 stops'), '“40 stops” would be darker than any filter, beyond 24 stops.'],
    [fn () => FilterMarking::parseRange('8'), '“8” is not the range of a variable filter; write it like 2-8 stops or ND2-400.'],
]);

it('says every marking as factor, stops and density', function (string $marking, string $sentence): void {
    expect(FilterMarking::parse($marking)->sentence())->toBe($sentence);
})->with([
    ['12.5 %', '12.5 % = transmittance 12.5 % = 3 stops, density 0.9.'],
    ['T 0.1%', 'T 0.1% = transmittance 0.1 % = 9.97 stops, density 3.0.'],
    ['8x', '8x = factor 8 = 3 stops, density 0.9.'],
    ['x64', 'x64 = factor 64 = 6 stops, density 1.8.'],
    ['1x', '1x = factor 1 = 0 stops, density 0.0.'],
    ['0.9', '0.9 = density 0.9 = 2.99 stops.'],
    ['OD 3', 'OD 3 = density 3 = 9.97 stops.'],
    ['ND100K', 'ND100K = factor 100000 = 16.61 stops, density 5.0.'],
    ['10 stops', '10 stops = 10 stops, density 3.0.'],
    ['½ stop', '½ stop = 0.5 stops, density 0.2.'],
    ['⅓', '⅓ = 0.33 stops, density 0.1.'],
    ['1⁄3', '1⁄3 = 0.33 stops, density 0.1.'],
    ['#ND8x', '#ND8x = factor 8 = 3 stops, density 0.9.'],
    ['16', '16 = 16 stops, density 4.8. Or factor 16 = 4 stops, density 1.2?'],
    ['ND16', 'ND16 = factor 16 = 4 stops, density 1.2. Or 16 stops, density 4.8?'],
    ['17', '17 = factor 17 = 4.09 stops, density 1.2.'],
    ['1', '1 = 1 stops, density 0.3.'],
    ['  ND8 ', 'ND8 = factor 8 = 3 stops, density 0.9. Or 8 stops, density 2.4?'],
]);

it('takes the darkest filter there is, and no darker; no factor lightens', function (): void {
    expect(FilterMarking::parse('24 stops')->stops()->value)->toBe(24.0)
        ->and(fn () => FilterMarking::parse('24.1 stops'))->toBeRefused('beyond 24 stops')
        ->and(fn () => FilterMarking::parse('0.5x'))->toBeRefused('is not a filter marking')
        ->and(FilterMarking::parse('1.5x')->stops()->value)->toBeAbout(0.585, 0.001)
        ->and(FilterMarking::parse('ND8')->chosen(0)->value)->toBe(3.0)->and(FilterMarking::parse('ND8')->chosen(1)->value)->toBe(8.0)
        ->and(FilterMarking::parse('ND8')->chosen(7)->value)->toBe(3.0);
});

it('reads the range of a variable filter as factors only where it says or must', function (string $marking, float $from, float $to): void {
    [$lightest, $darkest] = FilterMarking::parseRange($marking);
    expect([round($lightest->value, 3), round($darkest->value, 3)])->toBe([$from, $to]);
})->with([
    ['2-16', 2.0, 16.0], ['2-17', 1.0, 4.087], ['4-16x', 2.0, 4.0], ['nd4-16', 2.0, 4.0], ['2-15 stops', 2.0, 15.0],
    ['1 to 24 ev', 1.0, 24.0], ['ND2-8 stops', 2.0, 8.0],
    ['ND2-16777216', 1.0, 24.0],
]);

it('writes stops in thirds where they are thirds, and else to two decimals', function (float $stops, string $label): void {
    expect(Stops::of($stops)->label())->toBe($label);
})->with([
    [0.0, '0'], [0.004, '0'], [-0.0045, '0'], [0.006, '0'], [-0.006, '0'], [0.007, '+0.01'], [1.0, '+1'], [-1.0, '−1'], [1 / 3, '+⅓'],
    [-2 / 3, '−⅔'], [4 / 3, '+1⅓'], [-5 / 3, '−1⅔'],
    [-0.4, '−0.4'], [9.9658, '+9.97'], [0.335, '+⅓'], [0.35, '+0.35'], [0.99, '+0.99'], [6.0, '+6'],
]);

it('adds, takes away and compares in stops', function (): void {
    expect(Stops::of(1.5)->plus(Stops::of(2))->value)->toBe(3.5)->and(Stops::of(1.5)->minus(Stops::of(2))->value)->toBe(-0.5)
        ->and(Stops::ofThirds(4)->value)->toBeAbout(4 / 3, 1e-12)
        ->and(Aperture::onDial(18)->stopsFrom(Aperture::onDial(6))->value)->toBeAbout(4.0, 1e-12)
        ->and(Iso::of(800)->stopsFrom(Iso::of(100))->value)->toBeAbout(3.0, 1e-12)
        ->and(ShutterTime::ofSeconds(8)->stopsFrom(ShutterTime::ofSeconds(1))->value)->toBeAbout(3.0, 1e-12)
        // Green light, 2.44 lambda N.
        ->and(Aperture::of(10)->airyDiscMm())->toBeAbout(0.01342, 1e-9);
});

it('names apertures and speeds by their dials, and others as they are', function (): void {
    expect(Aperture::named(11)->label())->toBe('f/11')->and(Aperture::of(11.3)->label())->toBe('f/11')
        ->and(Aperture::of(11.7)->label())->toBe('f/11.7')
        ->and(Aperture::of(4.23)->label())->toBe('f/4.23')->and(Aperture::parse('ƒ/ 5,6')->label())->toBe('f/5.6')
        ->and(Iso::named(125)->label())->toBe('125')->and(Iso::of(110.4)->label())->toBe('110')->and(Iso::of(110.6)->label())->toBe('111')
        ->and(Iso::parse('ISO 1 600')->speed)->toBe(1600.0)->and(Iso::parse('iso200')->speed)->toBe(200.0);
});

it('keeps a window of times in order, meets another, and is measured in stops', function (): void {
    $of = fn (float $min, float $max, ?float $best = null): ShutterWindow => ShutterWindow::of(
        ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max), $best === null ? null : ShutterTime::ofSeconds($best),
    );
    expect($of(2, 8)->best->seconds)->toBe(4.0)->and($of(2, 2)->best->seconds)->toBe(2.0)->and($of(2, 8, 2)->best->seconds)->toBe(2.0)
        ->and($of(2, 8, 8)->best->seconds)->toBe(8.0)->and($of(2, 8)->width()->value)->toBeAbout(2.0, 1e-12)
        // A part in a billion is rounding, more is not.
        ->and($of(2, 8, 2 * (1 - 5e-10))->best->seconds)->toBeAbout(2.0, 1e-8)
        ->and($of(2, 8, 8 * (1 + 5e-10))->best->seconds)->toBeAbout(8.0, 1e-8)
        ->and(fn () => $of(2, 8, 1.99))->toBeRefused('between the shortest and the longest', 'best_s')
        ->and(fn () => $of(2, 8, 8.01))->toBeRefused('between the shortest and the longest', 'best_s')
        ->and(fn () => $of(8, 2))->toBeRefused('must not be above the longest', 'min_s')
        ->and($of(2, 8)->aimedAt(ShutterTime::ofSeconds(3))->best->seconds)->toBe(3.0)
        ->and($of(2, 8)->contains(ShutterTime::ofSeconds(2)))->toBeTrue()->and($of(2, 8)->contains(ShutterTime::ofSeconds(8)))->toBeTrue()
        ->and($of(2, 8)->contains(ShutterTime::ofSeconds(1.99)))->toBeFalse()
        ->and($of(2, 8)->contains(ShutterTime::ofSeconds(8.01)))->toBeFalse();
    $both = $of(2, 8)->intersect($of(4, 16));
    expect([$both?->min->seconds, $both?->max->seconds])->toBe([4.0, 8.0])
        ->and($of(2, 8)->intersect($of(8, 9))?->width()->value)->toBe(0.0)
        ->and($of(2, 8)->intersect($of(9, 16)))->toBeNull();
});

it('covers a depth from the aperture it needs on, to a thousandth, and stacks until the far end is sharp', function (): void {
    $depth = new DepthOfField(35, 0.029);
    $range = SharpRange::of(2.0);
    $needed = $depth->needed($range);
    expect($depth->covers(Aperture::of($needed), $range))->toBeTrue()
        ->and($depth->covers(Aperture::of($needed * 0.9995), $range))->toBeTrue()
        ->and($depth->covers(Aperture::of($needed * 0.998), $range))->toBeFalse()
        ->and($depth->covers(Aperture::of($needed * 1.5), $range))->toBeTrue();
    // What is nearer than a focal length away is not a depth at all, and needs no finite aperture.
    expect((new DepthOfField(400, 0.029))->needed(SharpRange::of(0.3, 0.31)))->toBeGreaterThan(0.0);
    $stack = $depth->focusStackM(Aperture::named(5.6), SharpRange::of(1.0, 4.0));
    expect($stack)->not->toBeNull();
    [, $reaches] = $depth->limitsM(Aperture::named(5.6), $stack[count($stack) - 1]);
    expect($reaches)->toBeGreaterThanOrEqual(4.0)
        // One fewer would not reach.
        ->and($depth->limitsM(Aperture::named(5.6), $stack[count($stack) - 2] ?? 0.9)[1])->toBeLessThan(4.0)
        // The near limit of the first is the near end.
        ->and($depth->limitsM(Aperture::named(5.6), $stack[0])[0])->toBeAbout(1.0, 1e-9);
});

it('works the exposure of the dark frame out of the reading: f/11 1/64 at ISO 100, ten stops on, at f/16 and ISO 50', function (): void {
    $reading = new Reading(new Exposure(Aperture::named(11), ShutterTime::parse('1/60'), Iso::of(100)), Stops::zero());
    // One stop of aperture, one of speed, ten of glass: 2^12 / 64 = 64 s.
    expect($reading->openSeconds(Aperture::named(16), Iso::of(50), Stops::of(10), Stops::zero()))->toBeWithinShare(64.0, 1e-9);
});
