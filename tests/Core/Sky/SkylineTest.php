<?php

declare(strict_types=1);

use GentlePour\Sky\Horizontal;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SceneLight;
use GentlePour\Sky\SkyBody;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\Skyline;

it('joins its points by straight lines, clockwise, and is open beyond its ends', function (float $azimuth, float $altitude): void {
    expect(Skyline::parse('90 0, 110 25; 130 5')->altitudeDeg($azimuth))->toBeAbout($altitude, 1e-9);
})->with([[90, 0], [100, 12.5], [110, 25], [120, 15], [130, 5], [130.01, 0], [89.99, 0], [0, 0], [270, 0], [100 + 360, 12.5],
    [100 - 360, 12.5], [100 - 720, 12.5]]);

it('goes over north, closes into a ring and has upright edges', function (): void {
    $north = Skyline::parse("300 10\n350 20\n40 8");
    expect($north->altitudeDeg(325))->toBeAbout(15, 1e-9)->and($north->altitudeDeg(15))->toBeAbout(14, 1e-9)
        ->and($north->altitudeDeg(41))->toBe(0.0)
        ->and($north->altitudeDeg(299))->toBe(0.0);
    $ring = Skyline::parse('0 5, 180 10, 360 5');
    expect($ring->altitudeDeg(0))->toBeAbout(5, 1e-9)->and($ring->altitudeDeg(90))->toBeAbout(7.5, 1e-9)
        ->and($ring->altitudeDeg(359.9))->toBeAbout(5.003, 0.001);
    $wall = Skyline::parse('90 0, 90 30, 120 30, 120 0');
    expect($wall->altitudeDeg(89.9))->toBe(0.0)->and($wall->altitudeDeg(90.1))->toBe(30.0)->and($wall->altitudeDeg(119.9))->toBe(30.0)
        ->and($wall->altitudeDeg(120.1))->toBe(0.0)->and($wall->altitudeDeg(120))->toBe(30.0);
    // One point is a spike, half a degree is wide enough for a slope, and a step back is nearly the whole turn.
    expect(Skyline::parse('90 30')->altitudeDeg(90))->toBe(30.0)->and(Skyline::parse('90 30')->altitudeDeg(91))->toBe(0.0)
        ->and(Skyline::parse('90 0, 90.5 20, 120 0')->altitudeDeg(90.25))->toBeAbout(10, 1e-9)
        ->and(Skyline::parse('90 4, 89.5 8')->altitudeDeg(269.75))->toBeAbout(6, 1e-9);
});

it('comes back as it was typed', function (string $text): void {
    expect(Skyline::parse($text)->text())->toBe($text);
})->with(['', '90 0, 110 25.5, 130 0', '300 10, 350 20, 40 8', '0 5, 180 10, 360 5']);

it('reads points with blanks between them, two hundred at most, and writes them to a tenth of a degree', function (): void {
    expect(Skyline::parse("90 0 , \n 110.25 25.06°,")->text())->toBe('90 0, 110.3 25.1')
        ->and(count(Skyline::parse(implode(', ', array_fill(0, 200, '90 1')))->points))->toBe(200);
});

it('refuses what is no skyline', function (string $text, string $sentence): void {
    expect(fn () => Skyline::parse($text))->toBeRefused($sentence);
})->with([
    ['90', '“90” is no point: azimuth'], ['ninety 10', 'is no point'], ['90 10 4', 'is no point'], ['90 -5', 'is no point'], ['400 10', 'The facing'],
    ['90 86', 'The altitude of a skyline'],
    ['90 5, 80 5, 70 5', 'more than once'], [implode(', ', array_fill(0, 201, '90 1')), 'at most 200 points'],
]);

// Closed form: a ring of one altitude h all round leaves cos²(h) of an evenly bright sky (Dozier and Frew 1990; from memory).
it('leaves of the sky what a ring lets through', function (float $altitude): void {
    expect(Skyline::parse("0 {$altitude}, 180 {$altitude}, 360 {$altitude}")->openShare)->toBeAbout(cos(deg2rad($altitude)) ** 2, 1e-6);
})->with([5.0, 20.0, 45.0]);

it('hides sun and moon behind it, half a disc at its edge, as the air lifts them', function (): void {
    $skyline = Skyline::parse('90 10, 180 10');
    $sun = fn (float $altitude): float => $skyline->shown(new Horizontal($altitude, 120, 149597870));
    // Refraction at 10 degrees is 5.3' (J. Meeus, Astronomical Algorithms, 1998, chapter 16).
    expect($sun(9.5))->toBe(0.0)->and($sun(10.4))->toBe(1.0)->and($sun(10 - 5.3 / 60))->toBeAbout(0.5, 0.02)
        // A quarter of the disc higher, of which half is 0.26 degrees.
        ->and($sun(10 - 5.3 / 60 + 0.13))->toBeAbout(0.75, 0.02);
    // In the open half of the disc is up where it stands 34' below: the convention of sunrise less the half disc.
    expect(Skyline::open()->shown(new Horizontal(-34.3 / 60, 120, 149597870)))->toBeAbout(0.5, 0.02);
});

it('lifts a body as Saemundsson says: 33.7′ at a true altitude of −0.5°, 9.7′ at 5° (J. Meeus 1998, equation 16.4), nothing well below', function (): void {
    $lift = fn (float $h): float => 60 * ((new Horizontal($h, 0, 1))->apparentAltitudeDeg() - $h);
    expect($lift(5))->toBeAbout(9.7, 0.3)->and($lift(45))->toBeAbout(1.0, 0.05)->and($lift(-0.5))->toBeAbout(33.7, 0.2)
        ->and($lift(0))->toBeAbout(28.98, 0.3)->and($lift(-30))->toBe(0.0);
});

it('takes the direct light away and the part of the sky that it covers, and nothing where it is open', function (): void {
    $noon = (float) strtotime('2026-06-21 12:00 UTC');
    [$open, $closed] = [new Observer(50, 0), new Observer(50, 0, Skyline::parse('0 70, 180 70, 360 70'))];
    $lost = fn (SkyCondition $sky): float => LightCurve::of($closed, $sky)->ev100($noon) - LightCurve::of($open, $sky)->ev100($noon);
    $sun = $open->sun($noon);
    expect($sun->altitudeDeg)->toBeBetween(60, 66);
    foreach ([SkyCondition::Clear, SkyCondition::Overcast] as $sky) {
        $share = $sky->diffuseShare($sun->altitudeDeg) * cos(deg2rad(70)) ** 2;
        expect($lost($sky))->toBeAbout(log($share, 2), 1e-3);
    }
    expect(LightCurve::of(new Observer(50, 0, Skyline::open()))->ev100($noon))->toBe(LightCurve::of($open)->ev100($noon));
    // A low wall in the north takes little.
    expect(LightCurve::of(new Observer(50, 0,
        Skyline::parse('340 10, 20 10')))->ev100($noon) - LightCurve::of($open)->ev100($noon))->toBeBetween(-0.02, -1e-9);
});

it('stands in the picture where the lens looks at it: rock instead of sky', function (): void {
    $sun = new Horizontal(30, 180, 149597870);
    $metered = fn (?float $facing, string $skyline): float => (new SceneLight(SkyCondition::Clear, $facing,
        skyline: Skyline::parse($skyline)))->metered($sun, null)->ev100();
    // A cliff of 60 degrees before a lens that faces north takes the sky out of the frame; behind it, it takes only its share of the light.
    expect($metered(0, '300 60, 60 60'))->toBeLessThan($metered(0, '') - 0.5)
        ->and($metered(90, '300 60, 330 60'))->toBeGreaterThan($metered(90, '') - 0.2)
        ->and($metered(0, ''))->toBe((new SceneLight(SkyCondition::Clear, 0))->metered($sun, null)->ev100());
});

it('lets the sun in later and out earlier, and the windows know it', function (): void {
    $day = (float) strtotime('2026-03-20 00:00 UTC');
    $shown = fn (string $skyline): array => SkyBody::Sun->shownFrom(new Observer(50, 0, Skyline::parse($skyline)), $day, $day + 86400);
    [$open] = $shown('');
    [$walled] = $shown('60 20, 120 20');
    expect($open[0])->toBeAbout((float) strtotime('2026-03-20 06:04 UTC'), 180)
        ->and($walled[0] - $open[0])->toBeBetween(1.8 * 3600, 2.4 * 3600)->and($walled[1])->toBe($open[1]);
    expect($shown('0 80, 180 80, 360 80'))->toBe([])->and(count($shown('170 45, 190 45')))->toBe(2);
});
