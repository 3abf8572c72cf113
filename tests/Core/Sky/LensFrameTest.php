<?php

declare(strict_types=1);

use GentlePour\Sky\Foreground;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\LensFrame;
use GentlePour\Sky\Observer;
use GentlePour\Sky\Polarisation;
use GentlePour\Sky\SkyBody;
use GentlePour\Sky\Skyline;

/** A direction as the eye sees it; high up refraction is a matter of arc minutes. */
function towards(float $altitude, float $azimuth): Horizontal
{
    return new Horizontal($altitude, $azimuth, 149597870);
}

// Geometry: 2 atan(d / 2 f). 24 mm on 36 by 24 mm is the textbook's 73.7 by 53.1 degrees.
it('takes in what the tangents say', function (float $focal, float $wide, float $high, float $across, float $up): void {
    $frame = LensFrame::of(115, 0, $wide, $high, $focal);
    expect($frame->acrossDeg())->toBeAbout($across, 0.05)->and($frame->upDeg())->toBeAbout($up, 0.05);
})->with([[24, 36, 24, 73.74, 53.13], [50, 36, 24, 39.60, 26.99], [200, 24, 36, 6.87, 10.29], [16, 23.5, 15.6, 72.6, 51.99]]);

it('holds what lies inside and nothing beyond, level and tilted, and across north', function (): void {
    $level = LensFrame::of(0, 0, 36, 24, 24);
    expect($level->holds(towards(0, 36.8)))->toBeTrue()->and($level->holds(towards(0, 36.95)))->toBeFalse()
        ->and($level->holds(towards(0, 323.2)))->toBeTrue()
        ->and($level->holds(towards(0, 323)))->toBeFalse()->and($level->holds(towards(26.4, 0)))->toBeTrue()
        ->and($level->holds(towards(26.7, 0)))->toBeFalse()
        ->and($level->holds(towards(-26.4, 0)))->toBeTrue()->and($level->holds(towards(0, 180)))->toBeFalse();
    $up = LensFrame::of(0, 30, 36, 24, 24);
    expect($up->holds(towards(56.4, 0)))->toBeTrue()->and($up->holds(towards(56.7, 0)))->toBeFalse()
        ->and($up->holds(towards(3.2, 0)))->toBeFalse()->and($up->holds(towards(3.6, 0)))->toBeTrue()
        ->and($up->highestDeg())->toBeAbout(56.57, 0.02)->and($up->lowestDeg())->toBeLessThan(3.5);
});

it('has an outline whose every point lies on its edge, and bends with the tilt', function (float $tilt): void {
    $frame = LensFrame::of(200, $tilt, 36, 24, 20);
    foreach ($frame->outline() as [$off, $altitude]) {
        [$in, $out] = [towards($altitude * 0.98 + $tilt * 0.02 - 0.01, 200 + $off * 0.98),
            towards($altitude + ($altitude - $tilt) * 0.05, 200 + $off * 1.05)];
        expect($frame->offAxisDeg($in))->toBeLessThan($frame->offAxisDeg($out));
    }
    expect(count($frame->outline()))->toBe(48)->and(max(array_column($frame->outline(), 1)))->toBeAbout($frame->highestDeg(), 0.6);
})->with([0.0, 25.0, -20.0]);

it('has its corners where the tangents put them, and its lowest and highest points on its outline', function (float $tilt): void {
    // 24 mm on 36 by 24 mm: a corner is atan(18 / 24) aside and atan(12 / hypot(24, 18)) up.
    $level = LensFrame::of(200, 0, 36, 24, 24)->outline();
    foreach ([[0, -36.8699, 21.8014], [6, 0.0, 26.5651], [12, 36.8699, 21.8014], [18, 36.8699, 0.0], [24, 36.8699, -21.8014],
        [30, 0.0, -26.5651], [36, -36.8699, -21.8014], [42, -36.8699, 0.0], [9, 20.5560, 25.0865]] as [$place, $off, $altitude]) {
        expect($level[$place][0])->toBeAbout($off, 1e-3)->and($level[$place][1])->toBeAbout($altitude, 1e-3);
    }
    $tilted = LensFrame::of(200, $tilt, 36, 24, 20);
    expect($tilted->lowestDeg())->toBeAbout(min(array_column($tilted->outline(), 1)), 1e-9)
        ->and($tilted->highestDeg())->toBeAbout(max(array_column($tilted->outline(), 1)), 1e-9);
})->with([0.0, 12.0, 45.0, 75.0, -12.0, -45.0]);

it('tells how far off its axis a direction lies, and which way', function (): void {
    $frame = LensFrame::of(90, 10, 36, 24, 35);
    expect($frame->offAxisDeg(towards(10, 90)))->toBeAbout(0.09, 0.05)->and($frame->offAxisDeg(towards(-10, 270)))->toBeAbout(179.9, 0.2)
        ->and($frame->towardsDeg(towards(40, 90)))->toBeAbout(0, 0.01)->and($frame->towardsDeg(towards(-15, 90)))->toBeAbout(180, 0.01)
        ->and(LensFrame::of(90, 0, 36, 24, 35)->towardsDeg(towards(0, 140)))->toBeBetween(88, 90)
        ->and(LensFrame::of(90, 0, 36, 24, 35)->towardsDeg(towards(0, 40)))->toBeBetween(270, 272);
});

it('refuses what is no lens', function (array $given, string $field): void {
    expect(fn () => LensFrame::of(...$given))->toBeRefused('between', $field);
})->with([[[400.0, 0.0, 36.0, 24.0, 24.0], 'facing'], [[0.0, 80.0, 36.0, 24.0, 24.0], 'tilt'], [[0.0, -61.0, 36.0, 24.0, 24.0], 'tilt'],
    [[0.0, 0.0, 36.0, 24.0, 1.0], 'focal'], [[0.0, 0.0, 0.1, 24.0, 24.0], ''], [[0.0, 0.0, 36.0, 0.1, 24.0], ''], [[NAN, 0.0, 36.0, 24.0, 24.0], 'facing']]);

it('finds when the sun is in the frame and clear of the skyline, and when only a part of that is', function (): void {
    $day = (float) strtotime('2026-03-20 00:00 UTC');
    $spans = fn (string $skyline): array => SkyBody::Sun->inFrame(LensFrame::of(90, 0, 36, 24, 24),
        new Observer(50, 0, Skyline::parse($skyline)), $day, $day + 86400);
    [[$from, $to]] = $spans('');
    $observer = new Observer(50, 0);
    // In at sunrise, out where it has gone to the frame's edge: checked against the geometry itself.
    $edge = $observer->sun($to);
    expect($observer->sun($from)->altitudeDeg)->toBeBetween(-0.7, -0.2)
        ->and(LensFrame::of(90, 0, 36, 24, 24)->holds($observer->sun($to - 60)))->toBeTrue()
        ->and(LensFrame::of(90, 0, 36, 24, 24)->holds($observer->sun($to + 60)))->toBeFalse()->and($edge->altitudeDeg)->toBeGreaterThan(20);
    [[$late, $same]] = $spans('60 15, 120 15');
    expect($late)->toBeGreaterThan($from + 3600)->and($same)->toBeAbout($to, 2);
});

// Rayleigh: nothing towards the sun, the most at a right angle; 0.75 of a clear sky (common practice).
it('knows what a polariser does to the sky, and to the mirror of water', function (): void {
    expect(Polarisation::ofSky(0))->toBe(0.0)->and(Polarisation::ofSky(90))->toBeAbout(0.75, 1e-9)
        ->and(Polarisation::ofSky(180))->toBeAbout(0, 1e-9)
        ->and(Polarisation::ofSky(45))->toBeAbout(0.25, 1e-9)->and(Polarisation::stopsTaken(0.75))->toBe(2.0)
        ->and(Polarisation::stopsTaken(0.0))->toBe(-0.0);
    // Brewster's angle of water, atan(1.33) = 53.06 degrees from the plumb line, is 36.94 below the horizon: all of it is taken (Fresnel).
    expect(Polarisation::mirrorTaken(36.94))->toBeAbout(1, 1e-4)->and(Polarisation::mirrorTaken(89.9))->toBeAbout(0, 0.01)
        ->and(Polarisation::mirrorTaken(5))->toBeBetween(0.1, 0.3)
        ->and(array_sum(Foreground::mirroredParts(20)) / 2)->toBe(Foreground::mirrored(20));
});
