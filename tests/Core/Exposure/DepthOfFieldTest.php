<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DepthOfField;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\SharpRange;

it('has the hyperfocal distance of the handbook: 24 mm at f/8 and 0.03 mm is 2.42 m (Ray, Applied Photographic Optics; closed form)', function (): void {
    expect((new DepthOfField(24, 0.03))->hyperfocalM(Aperture::named(8)))->toBeAbout(0.024 ** 2 / (8 * 0.00003) + 0.024, 1e-9)
        ->and((new DepthOfField(50, 0.03))->hyperfocalM(Aperture::named(16)))->toBeAbout(5.26, 0.01);
});

it('is sharp from half the hyperfocal distance to the horizon when focused there, and to the horizon no nearer', function (): void {
    $depth = new DepthOfField(35, 0.03);
    $h = $depth->hyperfocalM(Aperture::named(11));
    [$near, $far] = $depth->limitsM(Aperture::named(11), $h);
    expect($near)->toBeWithinShare($h / 2, 1e-9)->and($far)->toBe(INF)
        ->and($depth->limitsM(Aperture::named(11), 0.99 * $h)[1])->toBeLessThan(INF);
});

it('agrees with the lens equation: a point at either limit is drawn as one circle of confusion', function (
    float $focal, float $f, float $focus,
): void {
    $depth = new DepthOfField($focal, 0.029);
    $image = static fn (float $m): float => 1 / (1 / ($focal / 1000) - 1 / $m);
    $aperture = Aperture::of($f);
    foreach ($depth->limitsM($aperture, $focus) as $limit) {
        $point = is_finite($limit) ? $image($limit) : $focal / 1000;
        // Diameter of the blur: pupil f / N, over the shift of the image, by similar triangles.
        $blur = $focal / 1000 / $f * abs($image($focus) - $point) / $point;
        if (is_finite($limit)) {
            expect($blur * 1000)->toBeWithinShare(0.029, 0.001);
        } else {
            expect($blur * 1000)->toBeLessThanOrEqual(0.0291);
        }
    }
})->with([[24, 8, 1.5], [50, 11, 4], [135, 16, 20], [85, 2.8, 3]]);

it('finds the aperture and the focus that are just sharp from near to far', function (float $near, ?float $far): void {
    $depth = new DepthOfField(35, 0.029);
    $range = SharpRange::of($near, $far);
    $needed = Aperture::of($depth->needed($range));
    [$from, $to] = $depth->limitsM($needed, DepthOfField::focusM($range) * (1 + 1e-12));

    expect($from)->toBeWithinShare($near, 1e-6);
    $far === null ? expect($to)->toBeGreaterThan(1e5) : expect($to)->toBeWithinShare($far, 1e-4);
})->with([[2.0, null], [3.0, 20.0], [1.5, 6.0], [10.0, 14.0]]);

it('covers the whole depth with the frames of a focus stack, each overlapping the last', function (
    float $focal, float $near, ?float $far,
): void {
    $depth = new DepthOfField($focal, 0.029);
    $aperture = Aperture::named(8);
    $range = SharpRange::of($near, $far);
    $stack = $depth->focusStackM($aperture, $range) ?? [];
    $reached = $near;
    foreach ($stack as $i => $focus) {
        [$from, $to] = $depth->limitsM($aperture, $focus);
        expect($from)->toBeLessThanOrEqual($reached + 1e-6);
        $i === 0 ?: expect($from)->toBeLessThan($reached);
        $reached = $to;
    }
    expect($reached)->toBeGreaterThanOrEqual($far ?? 1e6)->and(count($stack))->toBeGreaterThan(1);
    $sorted = $stack;
    sort($sorted);
    expect($stack)->toBe($sorted);
})->with([[24, 0.4, null], [50, 1.0, 30.0], [135, 4.0, null]]);

it('takes one frame where one is enough, and says when it would take too many', function (): void {
    $depth = new DepthOfField(16, 0.029);
    expect($depth->focusStackM(Aperture::named(11), SharpRange::of(2.0)))->toHaveCount(1)
        ->and((new DepthOfField(200, 0.02))->focusStackM(Aperture::named(2.8), SharpRange::of(0.8)))->toBeNull();
});

it('refuses depths that cannot be', function (): void {
    expect(fn () => SharpRange::of(0))->toBeRefused('near', 'near_m')
        ->and(fn () => SharpRange::of(5, 5))->toBeRefused('beyond', 'far_m')
        ->and(fn () => SharpRange::of(NAN))->toBeRefused('near')
        ->and(fn () => new DepthOfField(0, 0.03))->toBeRefused('focal');
});

it('hears the drift of the light from two readings', function (): void {
    expect(DriftingLight::between(9.0, 7.5, 5)->stopsPerMinute)->toBeAbout(-0.3, 1e-12)
        ->and(fn () => DriftingLight::between(9, 8, 0))->toBeRefused('two readings', 'minutes')
        ->and(fn () => DriftingLight::between(15, 0, 1))->toBeRefused('drift');
});

it('gathers in drifting light what it says, forth and back', function (float $drift, float $seconds): void {
    $light = DriftingLight::of($drift);
    $open = $light->openSeconds($seconds);
    expect($open)->not->toBeNull()->and($light->steadySeconds((float) $open))->toBeWithinShare($seconds, 1e-9);
    // The integral of 2^(s t / 60) by the midpoint rule.
    $sum = 0.0;
    for ($i = 0; $i < 20000; $i++) {
        $sum += 2 ** ($drift * ($i + 0.5) * $open / 20000 / 60) * $open / 20000;
    }
    expect($sum)->toBeWithinShare($seconds, 1e-6);
})->with([[-0.3, 60.0], [0.4, 240.0], [-1.0, 30.0], [0.0, 8.0]]);
