<?php

declare(strict_types=1);

use GentlePour\InvalidValue;
use GentlePour\Photo\Area;
use GentlePour\Photo\Calibration;
use GentlePour\Photo\Detail;
use GentlePour\Photo\Levels;
use GentlePour\Photo\NextExposure;
use GentlePour\Photo\Pair;
use GentlePour\Photo\Raster;
use GentlePour\Photo\ShotSettings;
use GentlePour\Photo\Srgb;

/** @param  callable(int, int): array{float, float, float}  $light  linear red, green and blue at a place */
function rasterOf(int $width, int $height, callable $light): Raster
{
    $pixels = [];
    for ($y = 0; $y < $height; $y++) {
        for ($x = 0; $x < $width; $x++) {
            [$r, $g, $b] = array_map(Srgb::level(...), $light($x, $y));
            $pixels[] = ($r << 16) | ($g << 8) | $b;
        }
    }

    return new Raster($width, $height, $pixels);
}

/** A view with light and dark in it, from 0.02 to 0.4, the same each time. */
function viewAt(int $x, int $y): float
{
    return 0.02 + 0.38 * abs(sin(0.31 * $x + 0.17 * $y) * cos(0.11 * $x - 0.23 * $y));
}

it('takes levels for light by the curve of sRGB (IEC 61966-2-1: linear to 0.04045, then the power of 2.4)', function (): void {
    expect(Srgb::light(0))->toBe(0.0)->and(Srgb::light(255))->toBe(1.0)->and(Srgb::light(10))->toBeAbout(10 / 255 / 12.92, 1e-12)
        // The middle level is a fifth of the light; half the light is level 188 (closed form).
        ->and(Srgb::light(128))->toBeAbout((((128 / 255) + 0.055) / 1.055) ** 2.4, 1e-12)->toBeAbout(0.2159, 1e-4)
        ->and(Srgb::level(0.5))->toBe(188)
        ->and(array_map(fn (int $level): int => Srgb::level(Srgb::light($level)), range(0, 255)))->toBe(range(0, 255))
        ->and(Srgb::luminance(1, 1, 1))->toBeAbout(1.0, 1e-12);
});

it('counts levels, what clips in any channel, what is black, and percentiles in light (by hand)', function (): void {
    // A hundred pixels: fifty mid-grey, thirty white, ten of which only red clips, ten black.
    $levels = Levels::of(new Raster(10, 10, [...array_fill(0, 50, 0x808080), ...array_fill(0, 30, 0xFFFFFF), ...array_fill(0, 10, 0xFE4040),
        ...array_fill(0, 10, 0x000000)]));
    expect($levels->luminance[128])->toBe(50)->and($levels->luminance[255])->toBe(30)->and($levels->luminance[0])->toBe(10)
        ->and($levels->channels['red'][254])->toBe(10)->and($levels->highShare)->toBe(0.4)->and($levels->lowShare)->toBe(0.1)
        ->and($levels->clippedByChannel())->toBe(['red' => 0.4, 'green' => 0.3, 'blue' => 0.3])
        ->and($levels->percentile(0.05))->toBe(0.0)->and($levels->percentile(0.5))->toBe(Srgb::light(128))
        ->and($levels->percentile(0.99))->toBe(1.0)
        ->and($levels->mean)->toBeAbout((50 * Srgb::light(128) + 30 + 10 * Srgb::luminance(Srgb::light(254), Srgb::light(64),
            Srgb::light(64))) / 100, 1e-9);
});

it('finds the stops between two frames to a fiftieth, its colour and where it is uneven, from levels of 8 bits (closed form)', function (
    float $stops, float $red, float $blue, float $corners,
): void {
    $base = rasterOf(240, 160, fn (int $x, int $y): array => array_fill(0, 3, viewAt($x, $y)));
    $filtered = rasterOf(240, 160, function (int $x, int $y) use ($stops, $red, $blue, $corners): array {
        $away = hypot($x - 120, $y - 80) / hypot(120, 80);
        $dark = -$stops - $corners * $away ** 2;

        return [viewAt($x, $y) * 2 ** ($dark - $red), viewAt($x, $y) * 2 ** $dark, viewAt($x, $y) * 2 ** ($dark - $blue)];
    });
    $set = fn (float $shutterS): ShotSettings => new ShotSettings(aperture: 11.0, shutterS: $shutterS, iso: 100.0);
    // Exposed 10 stops longer: a filter of 10 and as many as it is darker still.
    $found = Calibration::of($base, $set(1 / 64), $filtered, $set(16.0));
    expect($found->redStops)->toBeAbout($red, 0.03)->and($found->blueStops)->toBeAbout($blue, 0.03);
    if ($corners === 0.0) {
        expect($found->stops)->toBeAbout(10 + $stops + log(1 / (0.2126 * 2 ** -$red + 0.7152 + 0.0722 * 2 ** -$blue), 2), 0.02)
            ->and($found->evennessStops)->toBeAbout(0.0, 0.03);
    } else {
        expect($found->evennessStops)->toBeAbout(0.8 * $corners, 0.12 * $corners + 0.02)
            ->and($found->uncertaintyStops)->toBeGreaterThan(0.005);
    }
})->with([
    'as marked' => [0.0, 0.0, 0.0, 0.0], 'weaker' => [-0.4, 0.0, 0.0, 0.0], 'stronger, warm' => [0.6, -0.2, 0.5, 0.0],
    'dark corners' => [0.2, 0.0, 0.0, 0.6],
]);

it('counts shutter, aperture and ISO as stops of exposure, and calibrates nothing that does not say them', function (): void {
    $one = new ShotSettings(aperture: 8.0, shutterS: 1.0, iso: 100.0);
    expect((new ShotSettings(aperture: 4.0, shutterS: 0.5, iso: 400.0))->stopsMoreThan($one))->toBeAbout(2 - 1 + 2, 1e-12)
        ->and($one->stopsMoreThan(new ShotSettings(aperture: 8.0, iso: 100.0)))->toBeNull();
    $raster = rasterOf(24, 24, fn (int $x, int $y): array => array_fill(0, 3, viewAt($x, $y)));
    expect(fn () => Calibration::of($raster, $one, $raster, new ShotSettings(aperture: 8.0)))->toThrow(InvalidValue::class, 'does not say');
    expect(fn () => Pair::of($raster, rasterOf(24, 25, fn (): array => [0.2, 0.2, 0.2])))->toThrow(InvalidValue::class, 'differ in shape');
    expect(fn () => Pair::of($raster, rasterOf(24, 24, fn (): array => [1.0, 1.0, 1.0])))->toThrow(InvalidValue::class,
        'nothing can be compared');
});

it('finds light that leaked in from one side, and none where there is none', function (): void {
    $base = rasterOf(240, 160, fn (int $x, int $y): array => array_fill(0, 3, viewAt($x, $y)));
    $leaked = rasterOf(240, 160, fn (int $x, int $y): array => array_fill(0, 3, viewAt($x, $y) * 2 ** (0.5 * exp(-$x / 20))));
    expect(Pair::of($base, $leaked)->leakStops())->toBeGreaterThan(0.25)->and(Pair::of($base, $base)->leakStops())->toBe(0.0);
});

it('sees a shake of two pixels, and none of a third of one (box blur along the shake, closed form)', function (): void {
    $sharp = fn (float $x, float $y): float => (int) floor(($x + 3 * $y) / 7) % 2 === 0 ? 0.08 : 0.3;
    $shaken = fn (float $px): Raster => rasterOf(160, 120, function (int $x, int $y) use ($sharp, $px): array {
        // Each pixel is the mean of what passed it: sixteen places along the shake, each of a pixel's own width.
        $sum = 0.0;
        foreach (range(0, 15) as $i) {
            foreach ([0.125, 0.375, 0.625, 0.875] as $within) {
                $sum += $sharp($x + $within + $px * ($i + 0.5) / 16, $y) / 64;
            }
        }

        return [$sum, $sum, $sum];
    });
    expect(Detail::isShaken(Detail::sharpness($shaken(0.0), $shaken(2.0))))->toBeTrue()
        ->and(Detail::isShaken(Detail::sharpness($shaken(0.0), $shaken(1 / 3))))->toBeFalse()
        // However bright: it is judged at equal brightness, and a shake downwards is one as well.
        ->and(Detail::sharpness($shaken(0.0), rasterOf(160, 120, fn (int $x, int $y): array => array_fill(0, 3, 1.7 * $sharp($x, $y)))))
        ->toBeAbout(1.0, 0.03)
        ->and(Detail::sharpness($still = rasterOf(60, 60, fn (int $x, int $y): array => array_fill(0, 3, $sharp($y, $x))),
            rasterOf(60, 60, fn (int $x, int $y): array => array_fill(0, 3,
                ($sharp($y, $x) + $sharp($y + 1, $x) + $sharp($y + 2, $x)) / 3))))->toBeLessThan(0.7)
        ->and(fn () => Detail::sharpness($still, $shaken(0.0)))->toThrow(InvalidValue::class, 'differ in shape');
});

it('tells how much moving texture is kept, whatever stands still in the frame (drawn with known truth, within 15 %)', function (float $kept): void {
    mt_srand(7);
    $noise = fn (): array => array_map(fn (): float => mt_rand() / mt_getrandmax() - 0.5, range(1, 240 * 160));
    [$before, $after] = [$noise(), $noise()];
    $still = fn (int $x, int $y): float => 1 + 0.3 * sin($x / 2.5) * sin($y / 3.5);
    $frame = fn (array $moves, float $share): Raster => rasterOf(240, 160,
        fn (int $x, int $y): array => array_fill(0, 3, 0.15 * $still($x, $y) * (1 + 0.8 * $share * $moves[160 * $x + $y])));
    expect(Detail::kept($frame($before, 1.0), $frame($after, $kept)))->toBeWithinShare($kept, 0.15);
})->with([0.9, 0.6, 0.3]);

it('corrects the next frame by thirds: towards the base, down where white clips, and not at all where all is well', function (): void {
    $levels = fn (int $white): Levels => Levels::of(new Raster(100, 10,
        [...array_fill(0, 1000 - $white, 0x808080), ...array_fill(0, $white, 0xFFFFFF)]));
    expect(NextExposure::of($levels(0), 0.95)->correctionStops)->toBe(-1.0)
        ->and(NextExposure::of($levels(0), -0.6)->correctionStops)->toBeAbout(2 / 3, 1e-12)
        ->and(NextExposure::of($levels(0), 0.1)->correctionStops)->toBe(0.0)
        ->and(NextExposure::of($levels(4), null)->correctionStops)->toBe(0.0)
        ->and(NextExposure::of($levels(6), null)->correctionStops)->toBeAbout(-2 / 3, 1e-12)
        ->and(NextExposure::of($levels(500), null)->correctionStops)->toBe(-1.0)
        ->and(NextExposure::of($levels(500), null)->why)->toContain('50.0 %');
});

it('takes an area for a part of the frame and nothing else', function (): void {
    $raster = new Raster(4, 2, [1, 2, 3, 4, 5, 6, 7, 8]);
    expect($raster->part(Area::of(0.5, 0.0, 0.5, 1.0))->pixels)->toBe([3, 4, 7, 8])
        ->and($raster->part(Area::whole())->pixels)->toBe($raster->pixels);
    foreach ([[-0.1, 0, 0.5, 0.5], [0, 0, 0, 0.5], [0.6, 0, 0.5, 0.5], [0, 0.9, 0.5, 0.2]] as $bad) {
        expect(fn () => Area::of(...$bad))->toThrow(InvalidValue::class, 'within the frame');
    }
    expect(fn () => new Raster(2, 2, [1, 2, 3]))->toThrow(InvalidValue::class);
});
