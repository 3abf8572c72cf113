<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\Texture;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\Waves;
use GentlePour\Motion\WaveSpectrum;

function framing(float $focalMm = 24, float $distanceM = 12): Framing
{
    return new Framing(new Sensor(36, 24), $focalMm, $distanceM);
}

function lookAt(MovingWater $water, float $seconds): Look
{
    return LookBands::of($water, framing())->at($seconds)->look;
}

it('keeps the contrast that Taylor’s closed form gives (G. I. Taylor 1921)', function (float $n, float $contrast): void {
    expect(Texture::contrast($n))->toBeAbout($contrast, 5e-4);
})->with([
    [1.517, 0.8],
    [8.748, 0.45],
    [48.98, 0.2],
    [407.2, 0.07],
]);

it('keeps the variance of the time mean of an exponentially correlated texture, summed independently', function (float $n): void {
    // Var of the mean of a process with correlation e^-|s| over [0, n] is 2/n^2 times the integral of (n - s) e^-s.
    $steps = 200000;
    $sum = 0.0;
    for ($i = 0; $i < $steps; $i++) {
        $s = ($i + 0.5) * $n / $steps;
        $sum += ($n - $s) * exp(-$s) * $n / $steps;
    }
    expect(Texture::contrast($n) ** 2)->toBeWithinShare(2 * $sum / $n ** 2, 1e-5);
})->with([0.01, 0.3, 1.5, 8.7, 49.0]);

it('joins its series to its closed form without a step', function (): void {
    expect(Texture::contrast(0.000999))->toBeAbout(Texture::contrast(0.001001), 1e-6)
        ->and(Texture::contrast(0.0))->toBe(1.0)
        ->and(Texture::contrast(1e8))->toBeWithinShare(sqrt(2e-8), 1e-3);
});

it('lets water fall as it falls: the sheet of a weir freely, 10 m to 14 m/s (closed form)', function (): void {
    expect(Flow::speedOfDrop(WaterKind::Weir, 10))->toBeAbout(14.005, 0.001)
        ->and(Flow::speedOfDrop(WaterKind::Plunge, 10))->toBe(Flow::meanSpeed(10))
        ->and(Flow::speedOfDrop(WaterKind::Cascade, 10))->toBe(Flow::meanSpeed(10))
        ->and(Flow::speedOfFloat(10, 4))->toBe(2.5);
});

it('keeps of a swell what the slope-weighted spectrum keeps', function (float $period, array $kept): void {
    $waves = Waves::ofPeriod($period, framing(), 1.0);
    foreach ($kept as [$seconds, $texture]) {
        expect($waves->textureKept($seconds))->toBeAbout($texture, 0.001);
    }
})->with([
    // An earlier, separate implementation of the same integral (JONSWAP with gamma 3.3, shortest wave 1 m).
    [8.0, [[0.5, 0.882], [1, 0.705], [2, 0.489], [4, 0.250], [8, 0.092], [30, 0.028]]],
    [4.0, [[0.5, 0.835], [1, 0.581], [2, 0.298], [4, 0.109], [8, 0.058], [30, 0.017]]],
]);

it('agrees with a much finer quadrature of the same integral', function (float $period, float $seconds): void {
    $spectrum = WaveSpectrum::ofPeriod($period);
    $peak = 2 * M_PI / $period;
    $cutoff = sqrt(2 * M_PI * 9.80665 / 0.3);
    $cells = 60000;
    $kept = $all = 0.0;
    for ($i = 0; $i < $cells; $i++) {
        $w = 0.5 * $peak + ($i + 0.5) * ($cutoff - 0.5 * $peak) / $cells;
        $slope = $spectrum->density($w) * $w ** 4;
        $x = $w * $seconds / 2;
        $all += $slope;
        $kept += $slope * (sin($x) / $x) ** 2;
    }
    expect(Waves::ofPeriod($period, framing(), 0.3)->textureKept($seconds))->toBeWithinShare(sqrt($kept / $all), 0.01);
})->with([
    [8, 0.02],
    [8, 1],
    [8, 30],
    [8, 600],
    [3, 0.5],
    [3, 4],
    [14, 2],
    [14, 1800],
    [1.5, 0.3],
]);

it('has swells run at g T / 2 pi in deep water (linear wave theory): 8 s at 12.5 m/s', function (): void {
    expect(Waves::ofPeriod(8, framing())->speedMS())->toBeAbout(12.49, 0.01)
        ->and(Waves::ofPeriod(8, framing())->waves(30))->toBe(3.75);
});

it('slows a curtain in the air as v dv/dz = g - g v^2 / v_t^2 does, integrated step by step', function (float $dropM): void {
    $steps = 200000;
    [$v, $sum] = [1e-6, 0.0];
    for ($i = 0; $i < $steps; $i++) {
        // By the square of the speed, whose slope in z is smooth from the lip on.
        $v = sqrt($v ** 2 + 2 * 9.80665 * (1 - $v ** 2 / 400) * $dropM / $steps);
        $sum += $v / $steps;
    }
    expect(Flow::speedAtFoot($dropM))->toBeWithinShare($v, 1e-3)->and(Flow::meanSpeed($dropM))->toBeWithinShare($sum, 1e-3)
        ->and(Flow::speedAtFoot($dropM))->toBeLessThan(20.0);
})->with([0.05, 1.0, 10.0, 60.0, 400.0]);

it('has a short fall at sqrt(2 g h) at its foot and two thirds of it on the way, as without air (closed form)', function (): void {
    expect(Flow::speedAtFoot(0.5))->toBeWithinShare(sqrt(2 * 9.80665 * 0.5), 0.01)
        ->and(Flow::meanSpeed(0.5))->toBeWithinShare(sqrt(2 * 9.80665 * 0.5) * 2 / 3, 0.01);
});

// Common practice of photographers of water, as looks.

it('makes a swell of 4 s brushed at 1/2 to 1 s, leaves outlines at 2 s and nearly nothing at 4 s', function (): void {
    $swell = Waves::ofPeriod(4, framing());

    expect(lookAt($swell, 0.5))->toBe(Look::Brushed)
        ->and(lookAt($swell, 1.0))->toBe(Look::Brushed)
        ->and(lookAt($swell, 2.0))->toBe(Look::Silk)
        ->and(lookAt($swell, 4.0))->toBeIn([Look::Mist, Look::Glass])
        ->and(lookAt($swell, 30))->toBe(Look::Glass)
        ->and(lookAt($swell, 180))->toBe(Look::Glass);
});

it('holds every drop only while nothing moves by a circle of confusion', function (): void {
    $fall = Flow::of(9.3, 0.3, framing());
    $held = LookBands::of($fall, framing())->band(Look::Held);

    expect(framing()->streakMm(9.3, (float) $held?->maxS))->toBeWithinShare(hypot(36, 24) / 1500, 1e-9);
});

it('lays the looks end to end, from held to glass, whatever the water', function (MovingWater $water): void {
    $bands = LookBands::of($water, framing())->bands;
    $end = null;
    foreach ($bands as $i => $band) {
        expect($band->minS)->toBe($end);
        $end = $band->maxS;
        if ($end !== null && $i > 0) {
            expect($water->textureKept($end))->toBeAbout((float) $band->look->leastTexture(), 0.002);
        }
    }
    expect($bands[0]->look)->toBe(Look::Held)->and($end)->toBeNull();
})->with([
    'fall' => fn () => Flow::of(9, 0.3, framing()),
    'slow foam' => fn () => Flow::of(0.05, 0.1, framing()),
    'swell' => fn () => Waves::ofPeriod(12, framing()),
    'ripples' => fn () => Waves::ofPeriod(0.8, framing()),
]);

it('aims inside every look, and at the geometric middle of a closed one', function (): void {
    $bands = LookBands::of(Flow::of(4, 0.25, framing()), framing());
    foreach ($bands->bands as $band) {
        expect($band->holds($band->window()->best->seconds))->toBeTrue();
    }
    $silk = $bands->band(Look::Silk);
    expect($silk?->window()->best->seconds)->toBeWithinShare(sqrt($silk->minS * $silk->maxS), 1e-9);
});

it('keeps texture that never rises with time', function (MovingWater $water): void {
    $before = 1.0;
    for ($thirds = -36; $thirds <= 33; $thirds++) {
        $kept = $water->textureKept(2 ** ($thirds / 3));
        expect($kept)->toBeLessThanOrEqual($before + 0.01)->toBeGreaterThanOrEqual(0.0);
        $before = $kept;
    }
})->with([
    'fall' => fn () => Flow::of(9, 0.3, framing()),
    'swell' => fn () => Waves::ofPeriod(9, framing()),
    'chop' => fn () => Waves::ofPeriod(2.5, framing()),
]);

it('grows with time in no sea that is accepted: long swells, far lenses, narrow peaks, two seas', function (Waves $water): void {
    $before = 1.0;
    for ($step = -13 * 40; $step <= 11 * 40; $step++) {
        $kept = $water->textureKept(2 ** ($step / 40));
        expect($kept)->toBeLessThanOrEqual($before + 1e-12)->toBeGreaterThan(0.0);
        $before = $kept;
    }
})->with([
    'one narrow peak' => fn () => Waves::ofSeas([WaveSpectrum::ofPeriod(20, 10.0)], framing(), 500.0),
    'ripples from a cliff' => fn () => Waves::ofPeriod(0.3, framing(24, 20000)),
    'a swell through a long lens' => fn () => Waves::ofPeriod(30, framing(600, 50)),
    'a swell and its chop over a bed' => fn () => Waves::ofSeas([WaveSpectrum::ofPeriod(18, 7.0, 3.0), WaveSpectrum::ofPeriod(2, 1.0, 0.1)],
        framing(), 0.05, 2.0),
]);

it('promises of a single wave no more than a little longer would keep: its second lobe stands for the moment of nothing', function (): void {
    // sin(x) / x is 0.217 again after x = pi, at x = 4.493 (closed form): here 8 s of a sea of little more than one wave of 8 s.
    $narrow = Waves::ofSeas([WaveSpectrum::ofPeriod(8.0, 10.0)], framing(), 500.0);

    expect($narrow->textureKept(8.0))->toBe($narrow->textureKept(10.0))->toBeGreaterThan(0.1)->toBeLessThan(0.217);
});

it('keeps 0.092 of a swell of 20 s with ripples down to 5 cm after 15 s, where even cells lost its peak (finer quadrature)', function (): void {
    $near = Waves::ofPeriod(20, framing(24, 2), 0.05);
    $spectrum = WaveSpectrum::ofPeriod(20);
    [$kept, $all, $from, $to] = [0.0, 0.0, M_PI / 20, sqrt(2 * M_PI * 9.80665 / 0.05)];
    for ($i = 0, $cells = 200000; $i < $cells; $i++) {
        $w = $from + ($i + 0.5) * ($to - $from) / $cells;
        $slope = $spectrum->density($w) * $w ** 4;
        $all += $slope;
        $kept += $slope * (sin(7.5 * $w) / (7.5 * $w)) ** 2;
    }
    expect($near->textureKept(15.0))->toBeAbout(0.092, 0.0006)->toBeAbout(sqrt($kept / $all), 0.0005);
});

it('counts the waves of a thirtieth of the frame, from 10 cm to 3 m, and never finer than can be seen', function (float $distanceM, float $shortestM): void {
    expect(Waves::ofPeriod(8, framing(24, $distanceM))->featureM())->toBeAbout($shortestM, 1e-9);
})->with([[1, 0.1], [12, 0.6], [30, 1.5], [200, 3.0], [2000, 4 * hypot(36, 24) / 1500 * 2000 / 24]]);

it('sees less texture from further away, so that the same sea goes smooth sooner or later as its grain is lost', function (): void {
    expect(Flow::of(4, 0.25, framing(24, 400))->featureM())->toBeWithinShare(4 * hypot(36, 24) / 1500 * 400 / 24, 1e-9)
        ->and(Flow::of(4, 0.25, framing(24, 12))->featureM())->toBe(0.25)
        ->and(framing(24, 12)->streakMm(4, 1.0))->toBeWithinShare(8.0, 1e-9);
});

it('refuses water that cannot be', function (): void {
    expect(fn () => Flow::of(-1, 0.3, framing()))->toBeRefused('speed')
        ->and(fn () => Flow::of(NAN, 0.3, framing()))->toBeRefused('speed')
        ->and(fn () => Waves::ofPeriod(INF, framing()))->toBeRefused('period')
        ->and(fn () => Waves::ofPeriod(0, framing()))->toBeRefused('period')
        ->and(fn () => Flow::speedOfDrop(WaterKind::Plunge, -3))->toBeRefused('drop')
        ->and(fn () => Flow::speedOfFloat(10, 0))->toBeRefused('time', 'seconds')
        ->and(fn () => framing(24, 0))->toBeRefused('distance', 'distance_m')
        ->and(fn () => framing(-5))->toBeRefused('focal', 'focal_length_mm');
});

it('smears clouds by wind, height and elevation (closed form)', function (): void {
    // 9 m/s at 1200 m and 20 degrees: 0.1470 degrees a second; at 24 mm on 36 mm that is 0.171 % of the width a second.
    $across = Clouds::ofWind(9, 1200, 20, 1.0, 24, 36);
    $away = Clouds::ofWind(9, 1200, 20, 0.0, 24, 36);

    expect($across->sharePerSecond)->toBeAbout(24 * deg2rad(0.14697) / 36, 1e-6)
        ->and($away->sharePerSecond / $across->sharePerSecond)->toBeAbout(sin(deg2rad(20)), 1e-9)
        ->and(Clouds::ofCrossing(0.25, 50)->streakShare(10))->toBe(0.05);
});

it('names clouds by their streak, end to end', function (): void {
    expect(CloudLook::ofShare(0.002))->toBe(CloudLook::Still)->and(CloudLook::ofShare(0.02))->toBe(CloudLook::Soft)
        ->and(CloudLook::ofShare(0.2))->toBe(CloudLook::Streaked)->and(CloudLook::ofShare(0.5))->toBe(CloudLook::Sheet);
    $window = Clouds::ofCrossing(0.25, 50)->window(CloudLook::Soft);
    expect($window->min->seconds)->toBeAbout(0.6, 1e-9)->and($window->max->seconds)->toBeAbout(6.0, 1e-9);
});

it('aims one stop inside the known end of an open look, and moves by taste no further than the look (judgement)', function (): void {
    $held = new LookBand(Look::Held, null, 0.01);
    $glass = new LookBand(Look::Glass, 10.0, null);
    $silk = new LookBand(Look::Silk, 1.0, 4.0);

    expect($held->window()->best->seconds)->toBe(0.005)->and($held->window()->max->seconds)->toBe(0.01)
        ->and($held->window()->min->seconds)->toBe(2 ** -12)
        ->and($glass->window()->best->seconds)->toBe(20.0)->and($glass->window()->min->seconds)->toBe(10.0)
        ->and($glass->window()->max->seconds)->toBe(2048.0)
        ->and($silk->window()->best->seconds)->toBe(2.0)
        ->and($silk->window(0.5)->best->seconds)->toBeAbout(2 ** 1.5, 1e-9)
        ->and($silk->window(-0.5)->best->seconds)->toBeAbout(2 ** 0.5, 1e-9)
        ->and($silk->window(3)->best->seconds)->toBe(4.0)->and($silk->window(-3)->best->seconds)->toBe(1.0);
});

it('cuts the ends of the stop rule where a look begins beyond them', function (): void {
    expect((new LookBand(Look::Glass, 1500.0, null))->window()->max->seconds)->toBe(6000.0)
        ->and((new LookBand(Look::Held, null, 1e-4))->window()->min->seconds)->toBe(1e-4)
        ->and((new LookBand(Look::Held, null, 3e-4))->window()->best->seconds)->toBe(2 ** -12);
});
