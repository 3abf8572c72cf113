<?php

declare(strict_types=1);

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\MovingSubject;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Motion\Waves;

// What photographers of water say of their pictures, put to the numbers. Common practice throughout.

function seenFrom(float $distanceM, float $focalMm = 24): Framing
{
    return new Framing(new Sensor(36, 24), $focalMm, $distanceM);
}

function looks(MovingWater $water, Framing $framing, float $seconds): Look
{
    return LookBands::of($water, $framing)->at($seconds)->look;
}

it('needs longer for a longer swell, and shorter for faster water', function (): void {
    $framing = seenFrom(12);
    $silk = static fn (MovingWater $water): float => LookBands::of($water, $framing)->band(Look::Silk)?->minS ?? 0.0;

    expect($silk(Waves::ofPeriod(12, $framing)))->toBeGreaterThan($silk(Waves::ofPeriod(6, $framing)));
    expect($silk(Flow::of(8, 0.25, $framing)))->toBeLessThan($silk(Flow::of(2, 0.25, $framing)));
});

it('gives the same look for the same number of grains of one size carried past, however fast', function (float $speedMS): void {
    $framing = seenFrom(8);

    // Silk begins at 8.7 grains (closed form).
    expect(
        LookBands::of(Flow::of($speedMS, 0.25, $framing), $framing)->band(Look::Silk)?->minS,
    )->toBeWithinShare(8.748 * 0.25 / $speedMS, 0.002);
})->with([0.5, 2.0, 4.0, 10.0]);

it('softens clouds in seconds and draws them out in minutes, at the usual wind and height', function (): void {
    $clouds = Clouds::ofWind(10, 1200, 25, 1.0, 24, 36);

    expect(CloudLook::ofShare($clouds->streakShare(1)))->toBe(CloudLook::Still);
    expect(CloudLook::ofShare($clouds->streakShare(8)))->toBe(CloudLook::Soft);
    expect(CloudLook::ofShare($clouds->streakShare(60)))->toBe(CloudLook::Streaked);
    expect(CloudLook::ofShare($clouds->streakShare(240)))->toBe(CloudLook::Sheet);
});

it('draws clouds out faster overhead and with a longer lens', function (): void {
    $rate = static fn (float $elevation, float $focal): float => Clouds::ofWind(10, 1200, $elevation, 1.0, $focal, 36)->sharePerSecond;

    expect($rate(60, 24))->toBeGreaterThan($rate(15, 24));
    expect($rate(15, 70))->toBeWithinShare($rate(15, 35) * 2, 1e-9);
});

it('freezes a walking person at a hundredth and foliage in wind at about the same, ten metres off', function (
    MovingSubject $what, float $longest, float $shortest,
): void {
    $seconds = seenFrom(10, 50)->sharpSeconds($what->speedMS());

    expect($seconds)->toBeLessThan($longest)->toBeGreaterThan($shortest);
})->with([
    'a walker' => [MovingSubject::PersonWalking, 1 / 100, 1 / 500],
    'foliage in wind' => [MovingSubject::FoliageWind, 1 / 100, 1 / 500],
    'foliage in a breath' => [MovingSubject::FoliageLight, 1 / 30, 1 / 125],
    'a boat at its mooring' => [MovingSubject::MooredBoat, 1 / 20, 1 / 100],
    'a person standing' => [MovingSubject::PersonStanding, 1 / 4, 1 / 30],
    'a gull' => [MovingSubject::Bird, 1 / 1000, 1 / 4000],
]);

it('names the words of every look once', function (): void {
    $words = array_map(static fn (Look $l): string => $l->words(), Look::cases());

    expect($words)->toBe(array_unique($words));
    foreach (CloudLook::cases() as $look) {
        expect($look->words())->not->toBe('');
    }
});

it('aims every look of every water inside what a shutter can do', function (WaterKind $kind): void {
    $framing = seenFrom(15);
    $water = (new WaterSpec($kind))->orUsual()->in($framing);
    foreach (LookBands::of($water, $framing)->bands as $band) {
        $window = $band->window();
        expect($window->min->seconds)->toBeGreaterThanOrEqual(ShutterTime::SHORTEST_S);
        expect($window->max->seconds)->toBeLessThanOrEqual(ShutterTime::LONGEST_S);
        expect($window->contains($window->best))->toBeTrue();
    }
})->with(WaterKind::cases());
