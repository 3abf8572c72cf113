<?php

declare(strict_types=1);

use App\Devices\Camera\BeforeTheLens;
use App\Devices\Camera\SimulatedCamera;
use App\Devices\SimulatedMeter;
use App\Files\Photo\CheckedPhotograph;
use App\Files\Photo\FrameCheck;
use App\Files\Photo\Photograph;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Photo\Area;
use GentlePour\Photo\Detail;
use GentlePour\Photo\Fault;
use GentlePour\Photo\Finding;
use GentlePour\Photo\Levels;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\Observer;

// The simulated camera knows what it adds to what it sees: what is measured in its frames is set against that, also when they are saved once
// more at a quality of 75.

/** A frame of a scene that stands before the lens, written to a file of its own: once, since a name stands for one frame. */
function frameBefore(string $name, BeforeTheLens $before, float $seconds, float $stops = 0.0, int $seed = 5): string
{
    // As it is metered, at f/8: N^2 / t = 2^EV at ISO 100; more or less by so many stops.
    $iso = 100 * 64 / $seconds / 2 ** ($before->ev100 - $before->filterStops) * 2 ** $stops;
    $set = new Exposure(Aperture::of(8.0), ShutterTime::ofSeconds($seconds), Iso::of($iso));
    $folder = sys_get_temp_dir().'/frames-before-'.getmypid();
    is_dir($folder) || (mkdir($folder) && register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($folder))));
    is_file($path = "{$folder}/{$name}.jpg")
        || file_put_contents($path, (new SimulatedCamera($before, $seed))->expose($set, 1_780_000_000.0)->bytes);

    return $path;
}

/** Nothing moves in it, and none of it clips. */
function quietScene(float $ev100 = 12.0, float $filterStops = 0.0, float $red = 0.0, float $blue = 0.0): BeforeTheLens
{
    return new BeforeTheLens(static fn (): GdImage => imagecreatefromjpeg(base_path('data/demo/chop-base.jpg')), $ev100, $filterStops,
        [$red, $blue]);
}

/** The same pixels once more at a quality of 75, with what the file says of itself. */
function savedAgain(string $path): string
{
    $bytes = (string) file_get_contents($path);
    $length = unpack('n', substr($bytes, 4, 2))[1];
    ob_start();
    imagejpeg(imagecreatefromjpeg($path), null, 75);
    file_put_contents($to = sys_get_temp_dir().'/frames-before-'.getmypid().'/75-'.basename($path),
        "\xFF\xD8".substr($bytes, 2, $length + 2).substr((string) ob_get_clean(), 2));

    return $to;
}

/** @return list<Fault> */
function faultsIn(string $path, string $base): array
{
    $check = FrameCheck::of(static fn (): Photograph => Photograph::open($path), static fn (): Photograph => Photograph::open($base), null,
        null);

    return array_map(static fn (Finding $f): Fault => $f->fault, $check->findings);
}

dataset('once or twice', ['as it came' => [false], 'saved once more' => [true]]);

it('finds what a filter takes within a twentieth of a stop, its colour as well, and how even it is', function (float $takes, float $red, float $blue, float $corners, bool $again): void {
    // Marked and exposed as ten stops, it takes another number.
    $base = frameBefore('base', quietScene(), 1 / 60, -1.0);
    $long = frameBefore("filtered-{$takes}", quietScene(filterStops: $takes, red: $red, blue: $blue)->spoiled(cornerStops: $corners), 16.0, -1.0, 6);
    $files = array_map(static fn (string $path): string => $again ? savedAgain($path) : $path, [$base, $long]);
    $found = CheckedPhotograph::calibration(Photograph::open($files[0])->lookedAt(), Photograph::open($files[1])->lookedAt(), $corners > 0
        ? null : Area::of(0.1, 0.1, 0.8, 0.8));
    if ($corners > 0) {
        expect($found['evenness_stops'])->toBeAbout(0.75 * $corners, 0.2 * $corners);
    } else {
        $luminance = log(0.2126 * 2 ** $red + 0.7152 + 0.0722 * 2 ** $blue, 2);
        expect($found['stops'])->toBeAbout($takes - $luminance, 0.05)->and($found['red_stops'])->toBeAbout(-$red, 0.05)
            ->and($found['blue_stops'])->toBeAbout(-$blue, 0.05);
    }
})->with([[9.6, 0.0, 0.0, 0.0], [10.5, -0.25, 0.15, 0.0], [9.9, 0.3, -0.3, 0.0], [10.0, 0.0, 0.0, 0.6]])->with('once or twice');

it('finds a shake of two pixels, and none of a third of one, in what stands still by itself', function (float $px, bool $shaken, bool $again): void {
    $frame = frameBefore("shaken-{$shaken}", quietScene(filterStops: 6.0)->spoiled(shakePx: $px), 2.0, -0.5, 7);
    $files = array_map(static fn (string $path): string => $again ? savedAgain($path) : $path,
        [frameBefore('base', quietScene(), 1 / 60, -1.0), $frame]);
    $check = FrameCheck::of(static fn (): Photograph => Photograph::open($files[1]),
        static fn (): Photograph => Photograph::open($files[0]), null, null);
    expect($check->sharpness)->not->toBeNull()->and(Detail::isShaken((float) $check->sharpness))->toBe($shaken)
        ->and(in_array(Fault::Shaken, faultsIn($files[1], $files[0]), true))->toBe($shaken);
})->with([[2.0, true], [1 / 3, false]])->with('once or twice');

it('finds the share that clips within a fifth of a per cent of what the camera clipped', function (): void {
    $frame = frameBefore('bright', quietScene(), 1 / 60, 1.5);
    $image = imagecreatefromjpeg($frame);
    $over = 0;
    for ($i = 0, $all = imagesx($image) * imagesy($image); $i < $all; $i++) {
        $p = imagecolorat($image, $i % imagesx($image), intdiv($i, imagesx($image)));
        $over += max($p >> 16 & 255, $p >> 8 & 255, $p & 255) >= 254 ? 1 : 0;
    }
    expect(Levels::of(Photograph::open($frame)->lookedAt()->lattice)->highShare)->toBeAbout($over / $all, 0.002)
        ->and($over / $all)->toBeGreaterThan(0.01);
});

it('names the leak, the dark corners, the colour and the dust that it was given, and none of them where there is none', function (): void {
    $base = frameBefore('base', quietScene(), 1 / 60, -1.0);
    $faults = static fn (string $name, BeforeTheLens $before): array => faultsIn(frameBefore($name, $before, 4.0, -1.0, 8), $base);
    $glass = quietScene(filterStops: 8.0);
    expect($faults('clean', $glass))->toBe([])->and($faults('leak', $glass->spoiled(leakStops: 1.2)))->toContain(Fault::Leak)
        ->and($faults('corners', $glass->spoiled(cornerStops: 1.2)))->toContain(Fault::Corners)
        ->and($faults('colour', quietScene(filterStops: 8.0, red: 0.3)))->toBe([Fault::Cast])
        ->and($faults('dust', $glass->spoiled(dust: 6)))->toBe([Fault::Dust]);
});

it('finds how much of the drawing is left of falls and swell that were drawn by the core’s recipe', function (string $frame, string $base, array $water, float $left, float $within): void {
    [$b, $f] = array_map(static fn (string $name): GentlePour\Photo\Raster => Photograph::open(base_path("data/demo/{$name}.jpg"))->lookedAt()->small->part(Area::of(...$water)), [$base, $frame]);
    expect(Detail::kept($b, $f))->toBeWithinShare($left, $within);
})->with(fn (): array => array_map(static fn (array $of): array => [
    // Within 15 per cent down to two thirds of it; below, where the drawing itself is held between black and white, within a fifth.
    $of[0], $of[1], str_starts_with($of[0], 'posts') ? [0.0, 0.62, 1.0, 0.35] : [0.3, 0.2, 0.4, 0.5], $of[2], $of[2] > 0.6 ? 0.15 : 0.2,
], [['ladder-1', 'ladder-base', 0.91], ['ladder-2', 'ladder-base', 0.84], ['ladder-3', 'ladder-base', 0.69],
    ['ladder-4', 'ladder-base', 0.46], ['posts-silk', 'posts-base', 0.25]]));

it('meters through its glass, and delivers the same file from the same seed', function (): void {
    $before = quietScene(filterStops: 3.0);
    $camera = new SimulatedCamera($before, 9);
    expect($camera->connect())->toBe('Simulated body')->and($camera->meter())->toBe(9.0);
    $set = new Exposure(Aperture::of(8.0), ShutterTime::ofSeconds(1 / 60), Iso::of(100));
    $file = $camera->expose($set, 1_780_000_000.5);
    $again = (new SimulatedCamera($before, 9))->expose($set, 1_780_000_000.5);
    expect($again->bytes)->toBe($file->bytes)->and($file->name)->toMatch('/^SIM\d{5}\.JPG$/');
});

it('shakes by its mirror where nobody put it up, and heats its pixels where no dark frame is taken off, for which it is busy as long again', function (): void {
    $shot = static function (float $seconds, bool $mirrorUp, bool $noiseReduction): GdImage|float {
        $camera = new SimulatedCamera(quietScene(filterStops: log(60 * $seconds, 2)), 9);
        $camera->handle($mirrorUp, $noiseReduction);
        $file = $camera->expose(new Exposure(Aperture::of(8.0), ShutterTime::ofSeconds($seconds),
            Iso::of(100 * 64 / $seconds / 2 ** $camera->meter())), 1_780_000_000.0);

        return $noiseReduction && ! $mirrorUp ? $file->busyS : (imagecreatefromstring($file->bytes) ?: throw new LogicException);
    };
    expect($shot(30.0, false, true))->toBe(30.0);
    $hot = static function (GdImage $with, GdImage $without): int {
        $count = 0;
        for ($y = 0; $y < imagesy($with); $y++) {
            for ($x = 0; $x < imagesx($with); $x++) {
                [$a, $b] = [imagecolorat($with, $x, $y), imagecolorat($without, $x, $y)];
                $count += max(abs(($a >> 16 & 255) - ($b >> 16 & 255)), abs(($a >> 8 & 255) - ($b >> 8 & 255))) > 40 ? 1 : 0;
            }
        }

        return $count;
    };
    // 0.4 a second, and JPEG spreads each over its neighbours; a short frame has none.
    expect($hot($shot(60.0, true, false), $shot(60.0, true, true)))->toBeGreaterThan(8)->toBeLessThan(400)
        ->and($hot($shot(1.0, true, false), $shot(1.0, true, true)))->toBe(0);

    $sharpness = static function (float $seconds): float {
        $path = sys_get_temp_dir().'/frames-before-'.getmypid().'/slap.jpg';
        $base = frameBefore('base', quietScene(), 1 / 60, -1.0);
        $camera = new SimulatedCamera(quietScene(filterStops: log(60 * $seconds, 2)), 8);
        $camera->handle(false, true);
        file_put_contents($path, $camera->expose(new Exposure(Aperture::of(8.0), ShutterTime::ofSeconds($seconds),
            Iso::of(50 * 64 / $seconds / 2 ** $camera->meter())), 1_780_000_000.0)->bytes);

        return (float) FrameCheck::of(static fn (): Photograph => Photograph::open($path),
            static fn (): Photograph => Photograph::open($base), null, null)->sharpness;
    };
    // It rings for a quarter of a second: seen in a frame of that time, and not in one of half a minute (common practice).
    expect(Detail::isShaken($sharpness(0.25)))->toBeTrue()->and(Detail::isShaken($sharpness(30.0)))->toBeFalse();
});

it('has a meter of the sun and of clouds that come and go: the same at the same minute, never brighter than a clear sky', function (): void {
    $light = LightCurve::metered(new Observer(56.5, -9.8), 115.0);
    $meter = new SimulatedMeter($light, 56.5, -9.8);
    $read = array_map(static fn (int $minute): float => $meter->ev100(1_780_000_000.0 + 60 * $minute) - $light->ev100(1_780_000_000.0 + 60 * $minute), range(0, 240, 5));
    expect(max($read))->toBeLessThanOrEqual(0.0)->and(min($read))->toBeGreaterThan(-1.3)->and(max($read) - min($read))->toBeGreaterThan(0.2)
        ->and($meter->ev100(1_780_000_000.0))->toBe($meter->ev100(1_780_000_000.0))->and($meter->name())->toBe('simulated meter');
});
