<?php

declare(strict_types=1);

// What a crop leaves of a sensor, the colour of filters together, and what of a bag is its own.

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Crop;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;

function tinted(string $name, ?ColourCast $cast): Filter
{
    return Filter::of($name, FilterKind::NeutralDensity, Mount::Slot, Stops::of(6), cast: $cast);
}

it('leaves of a frame the largest part of the shape that is asked for, with its pixels (by hand)', function (Crop $crop, float $wide, float $high, int $pixels): void {
    $left = (new Sensor(36, 24, 6000))->cropped($crop);
    expect([$left->widthMm, $left->heightMm])->toEqualWithDelta([$wide, $high], 1e-9)->and($left->pixelsWide)->toBe($pixels)
        ->and($left->widthMm / $left->heightMm)->toBeAbout($crop->ratio() ?? 1.5, 1e-9);
    // Without pixels there are none; without an end to it a frame of few pixels would be one of none.
    expect((new Sensor(36, 24))->cropped($crop)->pixelsWide)->toBeNull()
        ->and((new Sensor(36, 24, 510))->cropped($crop)->pixelsWide)->toBeGreaterThanOrEqual(500);
})->with([
    [Crop::Whole, 36.0, 24.0, 6000], [Crop::Square, 24.0, 24.0, 4000], [Crop::FourFive, 19.2, 24.0, 3200],
    [Crop::SixteenNine, 36.0, 20.25, 6000], [Crop::TwoOne, 36.0, 18.0, 6000],
]);

it('rounds what is left to whole pixels, and is cut at the sides of an upright frame as well', function (): void {
    expect((new Sensor(36, 24, 6016))->cropped(Crop::Square)->pixelsWide)->toBe(4011)
        ->and((new Sensor(36, 24, 6011))->cropped(Crop::Square)->pixelsWide)->toBe(4007);
    $upright = (new Sensor(24, 36, 4000))->cropped(Crop::SixteenNine);
    expect([$upright->widthMm, $upright->heightMm, $upright->pixelsWide])->toEqualWithDelta([24.0, 13.5, 4000], 1e-9);
    expect(array_map(static fn (Crop $one): string => $one->label(), Crop::cases()))
        ->toBe(['whole frame', '1:1', '4:5, upright', '16:9', '2:1']);
    // A frame of 36 by 24 mm is the full frame; one half as wide and high sees what twice the focal length does.
    expect((new Sensor(36, 24))->fullFrameEquivalentMm(24.0))->toBeAbout(24.0, 1e-12)
        ->and((new Sensor(18, 12))->fullFrameEquivalentMm(24.0))->toBeAbout(48.0, 1e-12);
});

it('adds up the colours of filters, and goes no further than one may', function (): void {
    $stack = static fn (?ColourCast ...$casts): FilterStack => FilterStack::of(array_map(static fn (?ColourCast $cast,
        int $n): Filter => tinted("F{$n}", $cast), $casts, array_keys($casts)));
    $colour = $stack(ColourCast::of(0.3, -0.2), null, ColourCast::of(0.25, -0.15))->colour();
    expect([$colour->redStops, $colour->blueStops])->toEqualWithDelta([0.55, -0.35], 1e-9);
    expect([$stack()->colour()->redStops, $stack(null)->colour()->blueStops])->toBe([0.0, 0.0]);
    $much = $stack(...array_fill(0, 5, ColourCast::of(2.0, 2.0)))->colour();
    expect($much->redStops)->toBeLessThan(10.0)->toBeGreaterThanOrEqual(2.0)
        ->and($much->blueStops)->toBeLessThan(10.0)->toBeGreaterThanOrEqual(2.0);
});

it('is the same bag for its stacks while filters, holder, rings, adapters, thread and angle are the same', function (): void {
    $bag = threadedBag([nd('Ten', 10)], 2, [[72.0, 77.0]], [77.0]);
    $lens = static fn (float $focal, float $thread): Lens => new Lens($focal, Aperture::named(4), Aperture::named(22), $thread);
    expect($bag->stacksLike($bag->with(release: false)))->toBeTrue();
    foreach ([
        $bag->with(filters: []), $bag->with(lens: $lens(35, 72)), $bag->with(lens: $lens(24, 77)),
        threadedBag($bag->filters, 3, [[72.0, 77.0]], [77.0]),
        threadedBag($bag->filters, 2, [], [77.0]), threadedBag($bag->filters, 2, [[72.0, 77.0]], []),
    ] as $other) {
        expect($bag->stacksLike($other))->toBeFalse()->and($other->stacksLike($bag))->toBeFalse();
    }
    // What is not changed stays.
    $other = $bag->with(lens: $lens(35, 72));
    expect($other->filters)->toBe($bag->filters)->and($other->camera)->toBe($bag->camera)->and($other->release)->toBeTrue()
        ->and($bag->with(release: false)->lens)->toBe($bag->lens)
        ->and($bag->with(camera: $bag->camera)->release)->toBeTrue()->and($bag->with(filters: [])->filters)->toBe([]);
});

it('gives a name that is free, whatever the case of those that are taken', function (): void {
    $bag = threadedBag([nd('Ten', 10), nd('ten’', 10), nd(' Six', 6)]);
    expect($bag->freeName('TEN'))->toBe('TEN’’')->and($bag->freeName('six'))->toBe('six’')->and($bag->freeName('Three'))->toBe('Three')
        ->and($bag->filter(' sIX ')->name)->toBe('Six')
        ->and(static fn () => $bag->filter('Nine'))->toBeRefused('There is no filter called “Nine” in the bag.');
});

it('steps up by a ring of its two threads alone, to a tenth of a millimetre', function (float $from, float $to, float $thread, bool $bridges): void {
    expect(threadedBag([], 0, [[$from, $to]])->bridges($thread))->toBe($bridges);
})->with([
    [72.0, 77.0, 77.0, true], [72.0, 77.0, 82.0, false], [67.0, 77.0, 77.0, false], [72.05, 77.0, 77.05, true], [72.2, 77.0, 77.0, false],
    [72.0, 77.0, 72.05, true], [72.0, 67.0, 67.0, false],
]);
