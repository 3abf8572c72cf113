<?php

declare(strict_types=1);

use GentlePour\Sky\Foreground;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\Illuminance;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\MeteredScene;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SceneLight;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyDome;
use GentlePour\Sky\Skyline;

function sunAt(float $altitudeDeg, float $azimuthDeg = 0.0): Horizontal
{
    return new Horizontal($altitudeDeg, $azimuthDeg, 1.496e8);
}

/** The scene with the sun at an altitude and so far off the way the lens looks. */
function sceneOf(float $altitudeDeg, float $offDeg, SkyCondition $sky = SkyCondition::Clear,
    Foreground $foreground = Foreground::Shore): MeteredScene
{
    return (new SceneLight($sky, 0.0, $foreground))->metered(sunAt($altitudeDeg, $offDeg), null);
}

it('spreads the light over the sky so that level ground receives all of it, to three in a thousand (ISO 15469:2004, integrated ring by ring)', function (
    SkyCondition $sky, float $sunDeg,
): void {
    $dome = SkyDome::of($sky);
    [$sum, $rings, $sectors] = [0.0, 180, 90];
    for ($i = 0; $i < $rings; $i++) {
        $altitude = M_PI_2 * ($i + 0.5) / $rings;
        for ($j = 0; $j < $sectors; $j++) {
            $sum += $dome->luminance(rad2deg($altitude), 360 * ($j + 0.5) / $sectors, $sunDeg, 1000.0)
                * sin($altitude) * cos($altitude) * M_PI_2 / $rings * 2 * M_PI / $sectors;
        }
    }
    expect($sum)->toBeAbout(1000.0, 3.0);
})->with([SkyCondition::Clear, SkyCondition::Hazy, SkyCondition::Cloudy, SkyCondition::Overcast, SkyCondition::Heavy])->with([-15.0, -8.0,
    0.0, 4.0, 7.3, 15.5, 30.0, 60.0, 84.0, 89.5]);

it('has the overcast sky of Moon and Spencer: three times as bright overhead as at the horizon, and 7 pi / 9 of its zenith on the ground (closed form)', function (): void {
    $overcast = SkyDome::of(SkyCondition::Overcast);
    $zenith = $overcast->luminance(90, 0, 30, 1.0);

    expect($zenith / $overcast->luminance(0.1, 0, 30, 1.0))->toBeAbout(1 + 4 * exp(-0.7), 0.01)->toBeAbout(3.0, 0.05)
        ->and(1 / $zenith)->toBeWithinShare(7 * M_PI / 9, 0.005)
        ->and($overcast->luminance(20, 0, 30, 1.0))->toBe($overcast->luminance(20, 180, 30, 1.0));
});

it('has a clear sky brightest at the sun and darkest away from it, as its two functions say (by hand)', function (): void {
    $clear = SkyDome::of(SkyCondition::Clear);
    // Two points as high as each other: only the distance from the sun differs. Sun and one point at 30 degrees, the other opposite, 120 away.
    $scatter = fn (float $chi): float => 1 + 10 * (exp(-3 * $chi) - exp(-3 * M_PI_2)) + 0.45 * cos($chi) ** 2;
    expect($clear->luminance(30, 0, 30, 1.0) / $clear->luminance(30, 180, 30, 1.0))->toBeAbout($scatter(0) / $scatter(deg2rad(120)), 1e-9)
        // Two points as far from a sun overhead: only the height differs.
        ->and($clear->luminance(30, 0, 90, 1.0) / $clear->luminance(30, 77, 90, 1.0))->toBeAbout(1.0, 1e-9)
        // A sun that has gone far below leaves an even sky.
        ->and($clear->luminance(10, 0, -12, M_PI))->toBeAbout(1.0, 1e-9)
        ->and($clear->luminance(10, 0, -9, 1.0))->toBeGreaterThan($clear->luminance(10, 180, -9, 1.0));
});

it('meters what people read: 15 in bright sun, about 14 with the sun at ten degrees, 9 to 12 at sunset, 3 to 5 at civil dusk (common practice)', function (
    float $sunDeg, float $least, float $most,
): void {
    foreach ([90.0, 120.0, 180.0] as $off) {
        expect(sceneOf($sunDeg, $off)->ev100())->toBeGreaterThan($least - 1)->toBeLessThan($most + 1);
    }
    // An incident meter reads stops less when the sun is down.
    $sunDeg > 5 ?: expect(sceneOf($sunDeg, 90.0)->ev100() - Illuminance::ev100(Illuminance::lux($sunDeg)))->toBeGreaterThan(2.0);
})->with([[60.0, 15.0, 15.0], [10.0, 14.0, 14.0], [0.0, 9.0, 12.0], [-6.0, 3.0, 5.0]]);

it('meters more towards the sun than beside it, and as much more as docs/numbers.md shows', function (float $sunDeg): void {
    $page = (string) file_get_contents(dirname(__DIR__, 3).'/docs/numbers.md');
    $cells = [];
    foreach ([0.0, 90.0, 180.0] as $off) {
        $scene = sceneOf($sunDeg, $off);
        array_push($cells, sprintf('%.1f', $scene->skyEv100()), sprintf('%.1f', $scene->foregroundEv100()),
            sprintf('%.1f', $scene->gradStops()));
    }
    expect($page)->toContain('| '.str_replace('-', '−', sprintf('%d°', $sunDeg).' | '.implode(' | ', $cells)).' |');
    if ($sunDeg > -12) {
        expect(sceneOf($sunDeg, 0.0)->ev100())->toBeGreaterThan(sceneOf($sunDeg, 90.0)->ev100());
    }
})->with([30.0, 10.0, 5.0, 0.0, -3.0, -6.0, -12.0]);

it('lights rock by the sun’s light less what clouds and skyline take (closed form: 15 % of it, evenly)', function (SkyCondition $sky, float $stops): void {
    $rock = fn (string $skyline): float => (new SceneLight($sky, 0.0, Foreground::Rock, Skyline::parse($skyline)))
        ->metered(sunAt(30, 90), null)->foregroundCdM2;
    expect($rock(''))->toBeWithinShare(0.15 * Illuminance::lux(30) * 2 ** $stops / M_PI, 1e-12)
        // A ring of 45 degrees hides the sun, and half the sky.
        ->and($rock('0 45, 180 45, 360 45') / $rock(''))->toBeAbout($sky->diffuseShare(30) / 2, 1e-6);
})->with([[SkyCondition::Clear, 0.0], [SkyCondition::Hazy, -1.0], [SkyCondition::Cloudy, -2.0], [SkyCondition::Overcast, -3.0], [SkyCondition::Heavy, -4.0]]);

it('goes by the sun’s side of the lens, whichever way both are turned, and alike to left and right', function (float $turn): void {
    $scene = fn (float $facing, float $sun): MeteredScene => (new SceneLight(SkyCondition::Clear, $facing))->metered(sunAt(12, $sun), null);
    expect($scene($turn, $turn + 40)->skyCdM2)->toBeWithinShare($scene(0, 40)->skyCdM2, 1e-9)
        ->and($scene($turn, $turn - 40)->skyCdM2)->toBeWithinShare($scene(0, 40)->skyCdM2, 1e-9)
        ->and($scene($turn, $turn + 140)->skyCdM2)->toBeLessThan(0.5 * $scene(0, 40)->skyCdM2);
})->with([0.0, 60.0, 115.0, 200.0, 340.0]);

it('loses more where the skyline stands before the bright side of the sky, and only what it hides', function (): void {
    $scene = fn (string $skyline): float => (new SceneLight(SkyCondition::Overcast, 90.0, skyline: Skyline::parse($skyline)))->metered(sunAt(12, 115), null)->skyCdM2;
    $clear = fn (string $skyline): float => (new SceneLight(SkyCondition::Clear, 90.0, skyline: Skyline::parse($skyline)))->metered(sunAt(12, 115), null)->skyCdM2;
    // A wall 60 degrees high to the right, where the sun is 25 degrees off the middle, and the same to the left.
    expect($clear('113 60, 117 60'))->toBeLessThan(0.8 * $clear('63 60, 67 60'))->and($clear('63 60, 67 60'))->toBeLessThan($clear(''));
    // As high as the lowest row of the frame, 4.4 degrees, it hides nothing of it; a hair higher, the whole row.
    expect($scene('65 4.4, 115 4.4') / $scene(''))->toBeAbout(1.0, 0.02)->and($scene('65 4.41, 115 4.41') / $scene(''))->toBeLessThan(0.85);
});

it('counts the moon from the horizon up', function (): void {
    $night = fn (?float $moon): float => (new SceneLight(SkyCondition::Clear, 180.0))
        ->metered(sunAt(-40), $moon === null ? null : new Horizontal($moon, 90, 384400), 1.0)->foregroundCdM2;
    expect($night(0.5))->toBeGreaterThan($night(null))->and($night(-0.5))->toBe($night(null))
        ->and(Illuminance::moonLux(0.5, 1.0))->toBeGreaterThan(0.0)->toBeLessThan(Illuminance::moonLux(1.5, 1.0));
});

it('goes from range to range of the sun’s light over a third of a degree to either side, half and half where they meet', function (
    float $from, array $above, array $below,
): void {
    $log = static fn (array $p, float $h): float => $p[0] + $p[1] * ($h / 90) + $p[2] * ($h / 90) ** 2 + $p[3] * ($h / 90) ** 3;
    foreach ([[-0.4, 0.0], [-0.35, 0.0], [-0.2, 0.11808], [0.0, 0.5], [0.1, 0.70845], [0.35, 1.0], [0.4, 1.0]] as [$off, $share]) {
        // By hand: x = (off + 0.35) / 0.7, and x² (3 − 2x) of the range above.
        $h = $from + $off;
        expect(log10(Illuminance::lux($h)))->toBeAbout($share * $log($above, $h) + (1 - $share) * $log($below, $h), 1e-6);
    }
})->with([
    // P. K. Seidelmann (ed.), Explanatory Supplement (1992), the polynomials of illumination; from memory, as docs/numbers.md has them.
    [20.0, [3.74, 3.97, -4.07, 1.47], [3.05, 13.28, -45.98, 64.33]], [5.0, [3.05, 13.28, -45.98, 64.33], [2.88, 22.26, -207.64, 1034.30]],
    [-0.8, [2.88, 22.26, -207.64, 1034.30], [2.88, 21.81, -258.11, -858.36]],
    [-5.0, [2.88, 21.81, -258.11, -858.36], [2.70, 12.17, -431.69, -1899.83]],
    [-12.0, [2.70, 12.17, -431.69, -1899.83], [13.84, 262.72, 1447.42, 2797.93]],
]);

it('takes for the filter what the sky has over the foreground, and for the frame the mean of both halves', function (): void {
    $scene = new MeteredScene(400.0, 100.0);

    // EV100 = log2(L / 0.125) (ISO 2720, K 12.5).
    expect($scene->skyEv100())->toBeAbout(log(3200, 2), 1e-12)->and($scene->foregroundEv100())->toBeAbout(log(800, 2), 1e-12)
        ->and($scene->gradStops())->toBeAbout(2.0, 1e-12)->and($scene->ev100())->toBeAbout(log(2000, 2), 1e-12)
        ->and($scene->brighter(1.5)->ev100())->toBeAbout($scene->ev100() + 1.5, 1e-12)
        ->and($scene->brighter(1.5)->gradStops())->toBeAbout(2.0, 1e-12);
});

it('reflects by what it is: rock 0.15, sand 0.3, water by Fresnel of the sky that it mirrors (closed forms)', function (): void {
    expect(Foreground::Rock->luminance(10, 1000, 500))->toBeAbout(150 / M_PI, 1e-9)
        ->and(Foreground::Sand->luminance(10, 1000, 500))->toBeAbout(300 / M_PI, 1e-9)
        // Straight down ((n - 1) / (n + 1))^2 = 2 %, along the surface all of it; at Brewster's angle, 53.06 degrees from upright, only one polarisation is left.
        ->and(Foreground::mirrored(90))->toBeAbout((0.33 / 2.33) ** 2, 1e-9)->and(Foreground::mirrored(0.0))->toBeAbout(1.0, 1e-9)
        ->and(Foreground::mirrored(90 - rad2deg(atan(1.33))))->toBeAbout(((1.33 ** 2 - 1) / (1.33 ** 2 + 1)) ** 2 / 2, 1e-9)
        ->and(Foreground::Water->luminance(90, 1000, 500))->toBeAbout(500 * (0.33 / 2.33) ** 2 + 20 / M_PI, 1e-9)
        ->and(Foreground::Shore->luminance(10, 1000, 500))
        ->toBeAbout((Foreground::Rock->luminance(10, 1000, 500) + Foreground::Water->luminance(10, 1000, 500)) / 2, 1e-9)
        ->and(array_map(fn (Foreground $f): string => $f->gradEdge(), Foreground::cases()))->toBe(['hard', 'soft', 'hard', 'hard']);
});

it('gives level ground a quarter of a lux by a full moon overhead, less by its phase and its height (Allen 1973; common practice)', function (): void {
    expect(Illuminance::moonLux(90, 1.0))->toBeAbout(0.25, 0.001)->and(Illuminance::moonLux(0, 1.0))->toBe(0.0)
        ->and(Illuminance::moonLux(-5, 1.0))->toBe(0.0)
        // Half a moon gives a tenth of a full one: 90 degrees are 2.6 magnitudes.
        ->and(Illuminance::moonLux(90, 0.5) / Illuminance::moonLux(90, 1.0))->toBeAbout(10 ** (-0.4 * (2.34 + 4e-9 * 90 ** 4)), 1e-9)
        ->toBeAbout(0.09, 0.01)
        ->and(Illuminance::moonLux(30, 1.0))->toBeWithinShare(0.25 * 0.5 * exp(-0.21 * (1 / (0.5 + 0.50572 * 36.07995 ** -1.6364) - 1)),
            1e-9)
        ->and(Illuminance::moonLux(60, 0.0))->toBeLessThan(0.001);
    // A full moon high is EV −3 to −4 of a landscape (common practice: eight minutes at f/8, ISO 100 are −3).
    $moonlit = (new SceneLight(SkyCondition::Clear, 180.0))->metered(sunAt(-40), new Horizontal(55, 90, 384400), 1.0);
    expect($moonlit->ev100())->toBeAbout(-3.7, 0.8)
        ->and((new SceneLight(SkyCondition::Clear, 180.0))->metered(sunAt(-40), null)->ev100())->toBeLessThan(-9.0);
});

it('counts the moon only while the sun is well down, and is brighter in its nights', function (): void {
    // Full on 24 November 2026; new on 9 November (closed by the core's own phases, which are tested against Meeus).
    $observer = new Observer(50, 0);
    $curve = LightCurve::metered($observer, 180);
    $full = $curve->ev100(at('2026-11-24 23:30'));
    $new = $curve->ev100(at('2026-11-09 23:30'));
    expect($full - $new)->toBeGreaterThan(4.0)->and($full)->toBeAbout(-3.7, 1.0)
        ->and(LightCurve::of($observer)->lux(at('2026-11-24 23:30')))->toBeBetween(0.1, 0.25);
});

it('looks beside the sun where nothing says which way the lens points', function (): void {
    $scene = (new SceneLight(SkyCondition::Clear))->metered(sunAt(8, 200), null);

    expect($scene->ev100())->toBeAbout(sceneOf(8, 90)->ev100(), 1e-9);
});

it('takes light of the sky from 800 + 15500 sqrt(sin h) lux of a clear one, all of it under clouds (from memory; judgement)', function (): void {
    expect(SkyCondition::Clear->diffuseShare(60))->toBeAbout((800 + 15500 * sqrt(sin(deg2rad(60)))) / Illuminance::lux(60),
        1e-9)->toBeBetween(0.13, 0.17)
        ->and(SkyCondition::Clear->diffuseShare(3))->toBe(1.0)->and(SkyCondition::Clear->diffuseShare(-5))->toBe(1.0)
        ->and(SkyCondition::Hazy->diffuseShare(60))->toBeAbout((1 + SkyCondition::Clear->diffuseShare(60)) / 2, 1e-12)
        ->and(array_map(fn (SkyCondition $s): float => $s->diffuseShare(60),
            [SkyCondition::Cloudy, SkyCondition::Overcast, SkyCondition::Heavy]))->toBe([1.0, 1.0, 1.0]);
});

it('runs through a reading of the scene, and changes sky and foreground alike by it', function (): void {
    $observer = new Observer(50, 0);
    $at = at('2026-06-21 19:30');
    $bare = LightCurve::metered($observer, 300);
    $read = LightCurve::metered($observer, 300, SkyCondition::Clear, [new GentlePour\Sky\LightReading($at, $bare->ev100($at) - 1.5)]);
    [$one, $other] = [$bare->sceneWith($observer->sun($at), $at), $read->sceneWith($observer->sun($at), $at)];

    expect($read->ev100($at))->toBeAbout($bare->ev100($at) - 1.5, 1e-9)
        ->and($other?->skyEv100())->toBeAbout((float) $one?->skyEv100() - 1.5, 1e-9)
        ->and($other?->gradStops())->toBeAbout((float) $one?->gradStops(), 1e-9)
        ->and(LightCurve::of($observer)->sceneWith($observer->sun($at), $at))->toBeNull();
});
