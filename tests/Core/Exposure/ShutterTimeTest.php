<?php

declare(strict_types=1);

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;

dataset('ten, six and fifteen stops', [
    // Common practice: what cards and tables for dark filters print. Each within a third of a stop.
    ['1/8', 10, 120],
    ['1/60', 10, 15],
    ['1/30', 10, 30],
    ['1/2', 10, 480],
    ['1/5', 10, 200],
    ['1/25', 10, 40],
    ['1/8', 6, 8],
    ['1/2', 6, 30],
    ['1/30', 6, 2],
    ['1/125', 15, 240],
    ['1/250', 3, 1 / 30],
]);

it('lengthens a time by stops as practitioners know it, within a third of a stop', function (
    string $from, int $stops, float $seconds,
): void {
    expect(ShutterTime::parse($from)->plus(Stops::of($stops))->seconds)->toBeWithinStops($seconds, 1 / 3);
})->with('ten, six and fifteen stops');

it('doubles the printed names as a card does, to the very value', function (string $from, int $stops, float $seconds): void {
    expect(ShutterTime::parse($from)->plus(Stops::of($stops))->card()->seconds)->toBe((float) $seconds);
})->with('ten, six and fifteen stops');

it('turns 1/60 with ten stops into 16 s exactly, and 15 s by the card', function (): void {
    $long = ShutterTime::parse('1/60')->plus(Stops::of(10));

    expect($long->seconds)->toBeWithinShare(16.0, 1e-9)
        ->and($long->exactLabel())->toBe('16 s')
        ->and($long->cardLabel())->toBe('15 s')
        ->and(ShutterTime::parse('1/15')->plus(Stops::of(15))->cardLabel())->toBe('32:00');
});

it('never has card and exact value a third of a stop apart', function (): void {
    for ($thirds = -36; $thirds <= 36; $thirds++) {
        $time = ShutterTime::onDial($thirds);
        expect(abs($time->card()->stopsFrom($time)->value))->toBeLessThan(1 / 3);
    }
});

it('reads a shutter time in every way people write it', function (string $written, float $seconds): void {
    expect(ShutterTime::parse($written)->seconds)->toBeWithinShare($seconds, 1e-9);
})->with([
    'dial fraction' => ['1/60', 1 / 64],
    'with unit' => ['1/60 s', 1 / 64],
    'with blanks' => [' 1 / 250 ', 1 / 256],
    'dial decimal' => ['0.8', 2 ** (-1 / 3)],
    'decimal comma' => ['0,8', 2 ** (-1 / 3)],
    'camera display' => ['0"8', 2 ** (-1 / 3)],
    'camera display of seconds' => ['15"', 16.0],
    'typographic' => ['2″', 2.0],
    'half' => ['½', 0.5],
    'half as fraction' => ['1/2', 0.5],
    'dial seconds' => ['30', 32.0],
    'dial seconds with unit' => ['30 s', 32.0],
    'sec' => ['4sec', 4.0],
    'minutes and seconds' => ['2m30s', 150.0],
    'spelled' => ['2 min 30 sec', 150.0],
    'clock' => ['2:30', 150.0],
    'clock with hours' => ['1:00:05', 3605.0],
    'minutes and seconds by marks' => ["1'30\"", 90.0],
    'minutes' => ['4 min', 240.0],
    'minute mark' => ["8'", 480.0],
    'hour' => ['1h', 3600.0],
    'off the dial' => ['1/70', 1 / 70],
    'off the dial, seconds' => ['95', 95.0],
    'just a point' => ['.5', 0.5],
    'plain third' => ['1/3', 2 ** (-5 / 3)],
    'upper case' => ['2M30S', 150.0],
    'one minute is sixty seconds' => ['60', 60.0],
]);

it('takes a measured time at its word, where a dial would say otherwise', function (string $written, float $seconds): void {
    expect(ShutterTime::measured($written)->seconds)->toBeWithinShare($seconds, 1e-12);
})->with([
    ['3', 3.0],
    ['6', 6.0],
    ['20', 20.0],
    ['30 s', 30.0],
    ['1.26', 1.26],
    ['0,8', 0.8],
    ['2m05s', 125.0],
    ['1/60', 1 / 64],
]);

it('refuses what is no shutter time, and says how to write one', function (
    string $written, string $says = ' is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s',
): void {
    expect(fn () => ShutterTime::parse($written))->toBeRefused($says);
})->with([
    '',
    ' ',
    'abc',
    '1/0',
    ['0', 'between 0.00002 and 86400 s, and is 0 s'],
    '-1',
    '1/',
    '/60',
    '1e9',
    'NaN',
    'INF',
    '1/60/2',
    '2:75',
    ['99999999', 'between 0.00002 and 86400 s, and is 99999999 s'],
    ['1/999999999', 'between 0.00002 and 86400 s'],
    '1..5',
    '¼¼',
    [str_repeat('9', 400), 'is not a finite number'],
]);

it('names every third stop of the dial and reads its own names back', function (): void {
    for ($thirds = -42; $thirds <= 15; $thirds++) {
        $time = ShutterTime::onDial($thirds);
        expect(ShutterTime::parse($time->label())->seconds)->toBeWithinShare($time->seconds, 1e-9);
    }
});

it('counts above the dial: to 1 s below two minutes, to 5 s above', function (float $seconds, string $label): void {
    expect(ShutterTime::ofSeconds($seconds)->label())->toBe($label);
})->with([
    [45.4, '45 s'],
    [61.7, '1:02'],
    [119.2, '1:59'],
    [203.2, '3:25'],
    [256.0, '4:15'],
    [3600.0, '1:00:00'],
    [40.3, '40 s'],
]);

it('takes a camera that times only to four seconds at its word', function (): void {
    $four = ShutterTime::onDial(6);

    expect(ShutterTime::ofSeconds(32)->label($four))->toBe('32 s')
        ->and(ShutterTime::ofSeconds(32)->isTimedBy($four))->toBeFalse()
        ->and(ShutterTime::ofSeconds(4.3)->isTimedBy($four))->toBeTrue();
});

it('keeps infinities and negative times out', function (float $seconds): void {
    expect(fn () => ShutterTime::ofSeconds($seconds))->toBeRefused('A shutter time must be between');
})->with([NAN, INF, -INF, -1.0, 0.0, 86400.1]);

it('is timed by the camera up to a sixth of a stop over its longest dial time, since names are that far off', function (): void {
    $thirty = ShutterTime::onDial(15);
    expect(ShutterTime::ofSeconds(32 * 2 ** (1 / 6))->isTimedBy($thirty))->toBeTrue()
        ->and(ShutterTime::ofSeconds(32 * 2 ** 0.168)->isTimedBy($thirty))->toBeFalse()
        ->and(ShutterTime::ofSeconds(1)->isTimedBy($thirty))->toBeTrue();
});
