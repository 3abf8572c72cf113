<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;

function exposure(string $aperture, string $shutter, string $iso): Exposure
{
    return new Exposure(Aperture::parse($aperture), ShutterTime::parse($shutter), Iso::parse($iso));
}

it('calls bright sun EV 15: the sunny-16 rule (common practice; ISO 2720:1974 for the sum)', function (): void {
    expect(exposure('f/16', '1/125', '100')->ev100())->toBeAbout(15.0, 1 / 3);
});

it('gives EV 0 for one second at f/1 and ISO 100 (APEX definition)', function (): void {
    expect(exposure('1', '1', '100')->ev100())->toBe(0.0)
        ->and(exposure('f/8', '1/60', '100')->ev100())->toBeAbout(12.0, 1e-9)
        ->and(exposure('f/8', '1/60', '400')->ev100())->toBeAbout(10.0, 1e-9);
});

it('moves 1/200 at f/8 ISO 200 to 1/12 at f/16 ISO 50 and 1/6 at f/22 (common practice), within a third', function (
    string $aperture, float $seconds,
): void {
    $reading = new Reading(exposure('f/8', '1/200', '200'), Stops::zero());

    expect(
        $reading->openSeconds(Aperture::parse($aperture), Iso::parse('50'), Stops::zero(), Stops::zero()),
    )->toBeWithinStops($seconds, 1 / 3);
})->with([['f/16', 1 / 12], ['f/22', 1 / 6]]);

it('counts the filters that were on for the reading', function (): void {
    $bare = new Reading(exposure('f/11', '1/60', '100'), Stops::zero());
    $through = new Reading(exposure('f/11', '1', '100'), Stops::of(6));

    expect($through->ev100())->toBeAbout($bare->ev100(), 1e-9);
});

it('shortens the frame for a negative highlight bias, which protects white water', function (): void {
    $reading = new Reading(exposure('f/11', '1/60', '100'), Stops::zero());
    $at = fn (float $bias): float => $reading->openSeconds(Aperture::parse('f/11'), Iso::parse('100'), Stops::of(6), Stops::of($bias));

    expect($at(-1.0))->toBeWithinShare($at(0.0) / 2, 1e-9);
});

it('reads apertures and ISO as they are written', function (): void {
    foreach (['f/11', 'F11', 'f 11', '11', 'ƒ/11', '1:11', 'f/11.0'] as $written) {
        expect(Aperture::parse($written)->number)->toBeWithinShare(2 ** 3.5, 1e-9);
    }
    expect(Aperture::parse('f/5,6')->number)->toBeWithinShare(2 ** 2.5, 1e-9)
        ->and(Aperture::parse('f/6.7')->number)->toBe(6.7)
        ->and(Iso::parse('ISO 125')->speed)->toBeWithinShare(100 * 2 ** (1 / 3), 1e-9)
        ->and(Iso::parse('iso100')->speed)->toBe(100.0)
        ->and(Iso::parse('1600')->label())->toBe('1600');
});

it('refuses what is no aperture or ISO', function (): void {
    foreach (['', 'f/', '-8', 'big', '8;9'] as $written) {
        expect(fn () => Aperture::parse($written))->toBeRefused('is not an aperture; write it like f/11 or 5.6');
    }
    foreach (['', 'auto', '-100', '1e3'] as $written) {
        expect(fn () => Iso::parse($written))->toBeRefused('is not an ISO; write it like 100 or 1600');
    }
    expect(fn () => Aperture::parse('f/0'))->toBeRefused('between 0.5 and 128, and is 0')
        ->and(fn () => Aperture::parse('f/1000'))->toBeRefused('between 0.5 and 128, and is 1000')
        ->and(fn () => Iso::parse('0'))->toBeRefused('between 1 and 1000000, and is 0')
        ->and(fn () => Iso::parse('99999999'))->toBeRefused('between 1 and 1000000, and is 99999999');
});

it('names the apertures and ISOs of the dial and reads its own names back', function (): void {
    for ($thirds = 0; $thirds <= 36; $thirds++) {
        expect(Aperture::parse(Aperture::onDial($thirds)->label())->thirds())->toBeAbout($thirds, 1e-9);
    }
    for ($thirds = -12; $thirds <= 30; $thirds++) {
        expect(Iso::parse(Iso::onDial($thirds)->label())->thirds())->toBeAbout($thirds, 1e-9);
    }
});

it('says stops as a person would', function (float $stops, string $label): void {
    expect(Stops::of($stops)->label())->toBe($label);
})->with([
    [6, '+6'],
    [-4 / 3, '−1⅓'],
    [2 / 3, '+⅔'],
    [9.97, '+9.97'],
    [0, '0'],
    [-0.001, '0'],
    [1.5, '+1.5'],
]);

it('says how many stops without a sign, in words', function (float $stops, string $words): void {
    expect(Stops::of($stops)->words())->toBe($words)->and(Stops::of(-$stops)->words())->toBe($words);
})->with([
    [0.0, '0 stops'], [1 / 3, '⅓ stop'], [2 / 3, '⅔ stop'], [0.97, '0.97 stop'], [1.0, '1 stop'], [1.03, '1.03 stops'], [4 / 3, '1⅓ stops'],
    [6.0, '6 stops'], [9.97, '9.97 stops'],
]);

it('measures filters alike as factor, density and stops: D = stops x log10 2', function (): void {
    expect(Stops::ofFactor(1000)->density())->toBeAbout(3.0, 1e-12)
        ->and(Stops::ofDensity(0.9)->value)->toBeAbout(2.9897, 1e-4)
        ->and(Stops::ofFactor(64)->value)->toBeAbout(6.0, 1e-12);
});

it('gathers in drifting light what constant light would have given', function (float $stopsPerMinute, float $steady): void {
    $open = DriftingLight::of($stopsPerMinute)->openSeconds($steady);
    // The exposure gathered, by an independent sum of 2^(s t / 60) over the open time.
    $gathered = 0.0;
    $steps = 20000;
    for ($i = 0; $i < $steps; $i++) {
        $gathered += 2 ** ($stopsPerMinute * ($i + 0.5) * $open / $steps / 60) * $open / $steps;
    }
    expect($gathered)->toBeWithinShare($steady, 1e-6);
})->with([
    [0.3, 120.0],
    [-0.2, 60.0],
    [-0.5, 30.0],
    [1.0, 8.0],
]);

it('says when fading light fails before the frame is full', function (): void {
    expect(DriftingLight::of(-0.5)->openSeconds(240))->toBeNull()
        ->and(DriftingLight::steady()->openSeconds(240.0))->toBe(240.0);
});

it('intersects wanted windows, and says when they do not meet', function (): void {
    $s = ShutterTime::ofSeconds(...);
    $meet = ShutterWindow::of($s(0.5), $s(4))->intersect(ShutterWindow::of($s(2), $s(30)));

    expect($meet?->min->seconds)->toBe(2.0)
        ->and($meet?->max->seconds)->toBe(4.0)
        ->and($meet?->best->seconds)->toBeWithinShare(sqrt(8), 1e-9)
        ->and(ShutterWindow::of($s(0.5), $s(1))->intersect(ShutterWindow::of($s(2), $s(30))))->toBeNull()
        ->and(ShutterWindow::any($s(8))->nearBest(Stops::of(1))->min->seconds)->toBe(4.0)
        ->and(ShutterWindow::any($s(8))->nearBest(Stops::of(1))->max->seconds)->toBe(16.0)
        ->and(ShutterWindow::of($s(6), $s(9), $s(8))->nearBest(Stops::of(1)))->toEqual(ShutterWindow::of($s(6), $s(9), $s(8)))
        ->and(fn () => ShutterWindow::of($s(2), $s(1)))->toBeRefused('shortest', 'min_s')
        ->and(fn () => ShutterWindow::of($s(1), $s(2), $s(3)))->toBeRefused('best', 'best_s');
});
