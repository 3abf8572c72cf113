<?php

declare(strict_types=1);

// Where each rule about pictures and their clocks begins and ends, by hand. The figures themselves are judgement, as the core says.

use GentlePour\InvalidValue;
use GentlePour\Photo\Area;
use GentlePour\Photo\CameraClock;
use GentlePour\Photo\Candidate;
use GentlePour\Photo\Detail;
use GentlePour\Photo\Dust;
use GentlePour\Photo\Levels;
use GentlePour\Photo\Matching;
use GentlePour\Photo\NextExposure;
use GentlePour\Photo\Raster;
use GentlePour\Photo\ShotSettings;
use GentlePour\Photo\Srgb;

const SHUTTER_UNIX = 1_760_000_000.0;

function dialled(float $shutterS, float $aperture = 8.0, float $iso = 100.0): ShotSettings
{
    return new ShotSettings(aperture: $aperture, shutterS: $shutterS, iso: $iso);
}

function frameOf(int $id, ?float $opened = SHUTTER_UNIX, ?ShotSettings $base = null, bool $hasPicture = false,
    float $planned = SHUTTER_UNIX): Candidate
{
    return new Candidate($id, $planned, $opened, dialled(30.0), $base, $hasPicture);
}

it('reads a camera’s clock to the last second of its years, and no further', function (string $at, ?float $unix): void {
    expect(CameraClock::unix($at))->toBe($unix);
})->with([
    ['1990-01-01T00:00:00', 631_152_000.0], ['1989-12-31T23:59:59', null], ['2099-12-31T23:59:59', 4_102_444_799.0],
    ['2026-01-01T23:59:59', 1_767_311_999.0], ['2026-01-01T24:00:00', null], ['2026-01-01T00:60:00', null],
    // A second that was put in (ISO 8601).
    ['2016-12-31T23:59:60', 1_483_228_800.0], ['2026-01-01T00:00:61', null],
    ['2026-01-01T00:00:00.5', 1_767_225_600.5], ['2026-01-01T00:00:00.125+05:45', 1_767_225_600.125 - 20_700],
    ['2026-01-01T00:00:00-00:30', 1_767_227_400.0],
    ['on 2026-01-01T00:00:00', null], ['2026-01-01 00:00:00', null],
]);

it('brings the next frame to its base by thirds from a sixth on, and says which way it was off', function (): void {
    $plain = Levels::of(new Raster(10, 1, array_fill(0, 10, 0x808080)));
    $next = fn (float $off): NextExposure => NextExposure::of($plain, $off);
    expect($next(1 / 6)->correctionStops)->toBeAbout(-1 / 3, 1e-12)->and($next(-1 / 6)->correctionStops)->toBeAbout(1 / 3, 1e-12)
        ->and($next(1 / 6 - 1e-9)->correctionStops)->toBe(0.0)->and($next(0.6)->why)->toBe('0.6 stops brighter than the base frame.')
        ->and($next(-0.6)->why)->toBe('0.6 stops darker than the base frame.')
        ->and($next(0.0)->why)->toBe('As bright as the base frame, and next to nothing clips.')
        ->and(NextExposure::of($plain, null)->why)->toBe('Next to nothing clips.');
});

it('goes down for white by what clips, from half a hundredth of the frame, a stop at the most', function (int $white, float $stops): void {
    $levels = Levels::of(new Raster(1000, 1, [...array_fill(0, 1000 - $white, 0x808080), ...array_fill(0, $white, 0xFFFFFF)]));
    expect(NextExposure::of($levels, null)->correctionStops)->toBeAbout($stops, 1e-12)
        ->and(NextExposure::of($levels, 0.1)->correctionStops)->toBeAbout($stops, 1e-12);
})->with([[5, 0.0], [6, -2 / 3], [20, -2 / 3], [21, -1.0], [1000, -1.0]]);

it('takes an area to its very bounds, and finds a pixel at least for it', function (): void {
    expect(Area::of(0.0, 0.0, 0.01, 0.01)->toArray())->toBe([0.0, 0.0, 0.01, 0.01])
        ->and(Area::of(0.5, 0.5, 0.5, 0.5000005)->height)->toBe(0.5000005);
    foreach ([[0.0, 0.0, 0.0099, 0.5], [0.0, 0.0, 0.5, 0.0099], [-0.001, 0.0, 0.5, 0.5], [0.0, -0.001, 0.5, 0.5], [0.5, 0.0, 0.50001, 0.5],
        [0.0, 0.5, 0.5, 0.50001]] as $bad) {
        expect(fn () => Area::of(...$bad))->toThrow(InvalidValue::class, 'within the frame');
    }
    expect(Area::of(0.99, 0.99, 0.01, 0.01)->within(10, 20))->toBe([9, 19, 1, 1])
        ->and(Area::of(0.25, 0.5, 0.5, 0.25)->within(8, 8))->toBe([2, 4, 4, 2])
        ->and(Area::of(0.0, 0.0, 0.01, 0.01)->within(3, 3))->toBe([0, 0, 1, 1])
        ->and(Area::of(0.1, 0.2, 0.9, 0.8)->within(7, 9))->toBe([1, 2, 6, 7]);
    foreach (['0.2,0.5,0.3', '0.2,0.5,0.3,0.4,0.1', '0.2,,0.3,0.4', '0.2,0.5,0.3,0.4x', '1000,0,0.5,0.5',
        '0.1234567891,0,0.5,0.5'] as $bad) {
        expect(fn () => Area::parse($bad))->toThrow(InvalidValue::class, 'An area is X,Y,W,H');
    }
    expect(Area::parse('0.123456789,0,.5,0.5')->x)->toBe(0.123456789);
});

it('counts a channel as clipped from 254, and black up to 1', function (): void {
    foreach ([0xFE0000, 0x00FE00, 0x0000FE] as $clipped) {
        expect(Levels::of(new Raster(2, 1, [0x808080, $clipped]))->highShare)->toBe(0.5);
    }
    expect(Levels::of(new Raster(2, 1, [0xFDFDFD, 0xFDFDFD]))->highShare)->toBe(0.0)
        ->and(Levels::of(new Raster(4, 1, [0x000000, 0x010101, 0x020202, 0xFFFFFF]))->lowShare)->toBe(0.5);
    $levels = Levels::of(new Raster(4, 1, [0x000000, 0x101010, 0x404040, 0x808080]));
    // A quarter of the frame lies at black, and a hair more than a quarter no longer does.
    expect($levels->percentile(0.25))->toBe(0.0)->and($levels->percentile(0.26))->toBe(Srgb::light(16))
        ->and($levels->percentile(0.5))->toBe(Srgb::light(16))
        ->and($levels->percentile(1.0))->toBe(Srgb::light(128));
});

it('takes the mean of a square cut off at the edges of the picture (brute force)', function (int $reach): void {
    mt_srand(3);
    $light = array_map(static fn (): float => mt_rand() / mt_getrandmax(), range(1, 35));
    $means = Detail::means($light, new Raster(7, 5, array_fill(0, 35, 0)), $reach);
    foreach (range(0, 34) as $at) {
        $near = array_filter($light, static fn (int $i): bool => abs($i % 7 - $at % 7) <= $reach
            && abs(intdiv($i, 7) - intdiv($at, 7)) <= $reach, ARRAY_FILTER_USE_KEY);
        expect($means[$at])->toBeAbout(array_sum($near) / count($near), 1e-12);
    }
})->with([0, 1, 2, 3, 9]);

it('sets a square of two thousandths of the width against one of a fortieth round it, as it is seen (brute force)', function (int $width, int $small, int $large): void {
    mt_srand(4);
    $pixels = array_map(static fn (): int => 0x010101 * mt_rand(20, 220), range(1, 3 * $width));
    $raster = new Raster($width, 3, $pixels);
    $seen = array_map(static fn (int $p): float => Srgb::light($p & 255) ** 0.45, $pixels);
    [$fine, $wide] = [Detail::means($seen, $raster, $small), Detail::means($seen, $raster, $large)];
    $texture = Detail::texture($raster);
    foreach ($texture as $i => $of) {
        expect($of)->toBeAbout(($fine[$i] - $wide[$i]) / $wide[$i], 1e-9);
    }
    $mean = array_sum($texture) / count($texture);
    expect(Detail::spread($raster) ** 2)
        ->toBeAbout(array_sum(array_map(static fn (float $t): float => ($t - $mean) ** 2, $texture)) / count($texture), 1e-12);
})->with([[40, 1, 3], [600, 1, 15], [900, 2, 23]]);

it('keeps of texture what moves, less what both have alike (by hand)', function (): void {
    expect(Detail::covariance([1.0, 2.0, 6.0], [2.0, 4.0, 3.0]))->toBeAbout(1 / 3, 1e-12)
        // Of its own the one has 4, the other 1; nothing is alike: a half is kept.
        ->and(Detail::keptOf([2.0, -2.0, 2.0, -2.0], [1.0, 1.0, -1.0, -1.0]))->toBeAbout(0.5, 1e-12)
        // One of 2 and of 2.5 is alike: 1 and 1.5 move. Where the other has less than is alike, nothing is kept.
        ->and(Detail::keptOf([2.0, 0.0, 0.0, -2.0], [1.0, -2.0, 2.0, -1.0]))->toBeAbout(sqrt(1.5), 1e-12)
        ->and(Detail::keptOf([2.0, 0.0, 0.0, -2.0], [1.5, 0.5, -0.5, -1.5]))->toBe(0.0)
        ->and(Detail::keptOf([1.0, -1.0], [-1.0, 1.0]))->toBeAbout(1.0, 1e-12)
        ->and(Detail::keptOf([1.0, -1.0], [1.0, -1.0]))->toBeNull();
});

it('weighs the steps from pixel to pixel, across or down whichever lost more, and none beside black or white (by hand)', function (): void {
    $l = Srgb::light(...);
    $grey = fn (int ...$levels): Raster => new Raster(3, 3, array_map(static fn (int $level): int => 0x010101 * $level, $levels));
    $base = $grey(50, 90, 50, 90, 50, 90, 50, 90, 50);
    $across = $grey(50, 70, 50, 90, 70, 90, 50, 90, 50);
    $sum = fn (array $steps): float => array_sum(array_map(static fn (array $s): float => ($l($s[1]) - $l($s[0])) ** 2, $steps));
    $even = ((2 * $l(50) + 2 * $l(90)) / ($l(50) + 2 * $l(70) + $l(90))) ** 2;
    $b = $sum([[50, 90], [90, 50], [90, 50], [50, 90]]);
    expect(Detail::sharpness($base, $across))->toBeAbout($even * min(
        $sum([[50, 70], [70, 50], [90, 70], [70, 90]]) / $b, $sum([[50, 90], [70, 70], [90, 50], [70, 90]]) / $b,
    ), 1e-12)->and(Detail::sharpness($base, $base))->toBeAbout(1.0, 1e-12);
    // Black is 4 and less, white 248 and more, in either picture: beside them nothing is weighed.
    $four = fn (int ...$levels): Raster => new Raster(2, 2, array_map(static fn (int $level): int => 0x010101 * $level, $levels));
    $plain = $four(90, 120, 150, 4);
    foreach ([4 => false, 5 => true, 247 => true, 248 => false] as $level => $isWeighed) {
        foreach ([$four($level, 120, 150, 4), $four(90, $level, 150, 4), $four(90, 120, $level, 4)] as $odd) {
            expect(Detail::sharpness($odd, $plain) > 0)->toBe($isWeighed)->and(Detail::sharpness($plain, $odd) > 0)->toBe($isWeighed);
        }
    }
    expect(Detail::isShaken(0.7))->toBeFalse()->and(Detail::isShaken(0.6999))->toBeTrue();
});

/**
 * A smooth sky with round spots.
 *
 * @param  list<array{int, int}>  $at
 */
function dusty(array $at, float $depth, int $radius = 3, int $width = 720, int $height = 200): Raster
{
    $pixels = array_fill(0, $width * $height, 0x010101 * Srgb::level(0.3));
    foreach ($at as [$cx, $cy]) {
        for ($y = $cy - $radius; $y <= $cy + $radius; $y++) {
            for ($x = $cx - $radius; $x <= $cx + $radius; $x++) {
                if (hypot($x - $cx, $y - $cy) <= $radius) {
                    $pixels[$y * $width + $x] = 0x010101 * Srgb::level(0.3 * (1 - $depth));
                }
            }
        }
    }

    return new Raster($width, $height, $pixels);
}

it('finds a spot in its middle wherever there is room round it, and none that is too faint or too deep for dust', function (): void {
    foreach ([[360, 100], [12, 12], [707, 12], [12, 187], [707, 187]] as [$x, $y]) {
        $found = Dust::spots(dusty([[$x, $y]], 0.1));
        expect($found)->toHaveCount(1)->and(abs($found[0][0] * 720 - $x - 0.5))->toBeLessThanOrEqual(3.0)
            ->and(abs($found[0][1] * 200 - $y - 0.5))->toBeLessThanOrEqual(3.0);
    }
    expect(Dust::spots(dusty([[360, 100]], 0.02)))->toBe([])->and(Dust::spots(dusty([[360, 100]], 0.6)))->toBe([])
        ->and(Dust::spots(dusty([[360, 100]], 0.45)))->toHaveCount(1)->and(Dust::spots(dusty([[360, 100]], 0.06)))->toHaveCount(1)
        // What is as wide as what lies around it is no spot; nor is what has none on one side.
        ->and(Dust::spots(dusty([[360, 100]], 0.1, radius: 12)))->toBe([])->and(Dust::spots(dusty([[4, 100]], 0.1)))->toBe([]);
});

it('counts two spots that lie apart, the plainer first, one place where they touch, and forty at the most', function (): void {
    $two = Dust::spots(dusty([[200, 100], [500, 100]], 0.1));
    expect($two)->toHaveCount(2)->and(Dust::spots(dusty([[200, 100], [205, 100]], 0.1)))->toHaveCount(1);
    $many = [];
    foreach (range(0, 44) as $i) {
        $many[] = [40 + 45 * ($i % 15), 40 + 50 * intdiv($i, 15)];
    }
    expect(Dust::spots(dusty($many, 0.1)))->toHaveCount(40)->and(Dust::spots(dusty(array_slice($many, 0, 39), 0.1)))->toHaveCount(39);
});

it('goes by time to its last second, when the clock of the camera is known', function (): void {
    $at = fn (float $s, array $frames, ?ShotSettings $taken = null): ?Matching => Matching::of($taken ?? dialled(30.0), SHUTTER_UNIX + $s, 0.0, $frames);
    expect($at(150, [frameOf(1)])?->id)->toBe(1)->and($at(-150, [frameOf(1)])?->id)->toBe(1)->and($at(150.1, [frameOf(1)]))->toBeNull()
        ->and($at(100, [frameOf(1), frameOf(2, SHUTTER_UNIX + 90)])?->id)->toBe(2)->and($at(0, [frameOf(1), frameOf(2)])?->id)->toBe(1)
        // A stop either way is as long; more is another frame.
        ->and($at(0, [frameOf(1)], dialled(60.0))?->id)->toBe(1)->and($at(0, [frameOf(1)], dialled(15.0))?->id)->toBe(1)
        ->and($at(0, [frameOf(1)], dialled(60.1)))->toBeNull()->and($at(0, [frameOf(1)], dialled(14.9)))->toBeNull();
    $base = [frameOf(1, base: dialled(0.125), hasPicture: true)];
    expect($at(-3600, $base, dialled(0.125))?->isBase)->toBeTrue()->and($at(600, $base, dialled(0.125))?->isBase)->toBeTrue()
        ->and($at(-3600.1, $base, dialled(0.125)))->toBeNull()->and($at(600.1, $base, dialled(0.125)))->toBeNull();
    $planned = [frameOf(1, opened: null)];
    expect($at(-150, $planned)?->id)->toBe(1)->and($at(43200, $planned)?->id)->toBe(1)->and($at(-150.1, $planned))->toBeNull()
        ->and($at(43200.1, $planned))->toBeNull()
        ->and($at(0, [frameOf(1, opened: null, hasPicture: true)]))->toBeNull()->and($at(0, $planned)?->offsetS)->toBe(0.0);
});

it('goes by the dials when the clock is not known: a third of a stop is alike, in time, aperture and ISO', function (ShotSettings $taken, bool $isAlike): void {
    expect(Matching::of($taken, SHUTTER_UNIX, null, [frameOf(1)])?->id)->toBe($isAlike ? 1 : null);
})->with([
    'longer by a third' => [dialled(30 * 2 ** 0.35), true], 'by more' => [dialled(30 * 2 ** 0.37), false],
    'shorter by more' => [dialled(30 * 2 ** -0.37), false],
    // An f-number counts twice: its square gathers the light.
    'f/9' => [dialled(30, 8 * 2 ** 0.175), true], 'f/9.1' => [dialled(30, 8 * 2 ** 0.185), false],
    'ISO 125' => [dialled(30, 8, 100 * 2 ** 0.35), true], 'ISO 130' => [dialled(30, 8, 100 * 2 ** 0.37), false],
    'no ISO said' => [new ShotSettings(aperture: 8.0, shutterS: 30.0), false],
]);

it('takes any clock within fourteen and a half hours, and of several frames the one that leaves it nearest to a quarter', function (): void {
    $far = 14.5 * 3600;
    expect(Matching::of(dialled(30.0), SHUTTER_UNIX - $far, null, [frameOf(1)])?->offsetS)->toBe($far)
        ->and(Matching::of(dialled(30.0), SHUTTER_UNIX - $far - 1, null, [frameOf(1)]))->toBeNull()
        ->and(Matching::of(dialled(30.0), SHUTTER_UNIX, null,
            [frameOf(1, SHUTTER_UNIX + 3600 - 440), frameOf(2, SHUTTER_UNIX + 7200 + 430)])?->id)->toBe(2)
        ->and(Matching::of(dialled(30.0), SHUTTER_UNIX, null, [frameOf(1, hasPicture: true), frameOf(2, SHUTTER_UNIX + 450)])?->id)
        ->toBe(2);
    $base = [frameOf(1, SHUTTER_UNIX + 900, dialled(0.125), true), frameOf(2, SHUTTER_UNIX + 300, dialled(0.125))];
    $found = Matching::of(dialled(0.125), SHUTTER_UNIX, null, $base);
    expect([$found?->id, $found?->isBase, $found?->offsetS])->toBe([2, true, null])
        ->and(Matching::of(dialled(0.125), SHUTTER_UNIX - $far, null, [frameOf(3, base: dialled(0.125))])?->id)->toBe(3)
        ->and(Matching::of(dialled(0.125), SHUTTER_UNIX - $far - 1, null, [frameOf(3, base: dialled(0.125))]))->toBeNull();
    $planned = [frameOf(4, opened: null, planned: SHUTTER_UNIX + 900), frameOf(5, opened: null, planned: SHUTTER_UNIX - 300),
        frameOf(6, opened: null, hasPicture: true)];
    $found = Matching::of(dialled(30.0), SHUTTER_UNIX, null, $planned);
    expect([$found?->id, $found?->isBase, $found?->offsetS])->toBe([5, false, null])
        ->and(Matching::of(dialled(30.0), SHUTTER_UNIX - $far, null, [frameOf(7, opened: null)])?->id)->toBe(7)
        ->and(Matching::of(dialled(30.0), SHUTTER_UNIX - $far - 1, null, [frameOf(7, opened: null)]))->toBeNull();
});
