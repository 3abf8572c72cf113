<?php

declare(strict_types=1);

use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBounds;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;
use GentlePour\Review\FittedWater;
use GentlePour\Review\FrameMark;
use GentlePour\Review\Spread;
use GentlePour\Review\TakenUnder;
use GentlePour\Review\WhatWorked;

// What frames teach of water and place: nothing from fewer than three, everything with its count.

function cascadeOf(float $speedMS): GentlePour\Motion\MovingWater
{
    return (new WaterSpec(WaterKind::Cascade, speedMS: $speedMS))->in(new Framing(new Sensor(36, 24, 6000), 24, 8));
}

it('finds how much faster a water is by what frames of it kept, to a hundredth where nothing disturbs (against the model itself)', function (float $factor): void {
    $true = cascadeOf(4.0 * $factor);
    $frames = array_map(static fn (float $s): array => [$s, $true->textureKept($s)], [0.25, 0.5, 1.0, 2.0]);
    $fitted = FittedWater::of(cascadeOf(4.0), $frames);
    expect($fitted->factor())->toBeWithinShare($factor, 0.01)->and($fitted->frames)->toBeGreaterThanOrEqual(3)
        ->and($fitted->uncertaintyStops)->toBeLessThan(0.01);
})->with([0.5, 1.0, 1.7]);

it('says how sure it is, passes over what tells nothing, and wants three frames', function (): void {
    $true = cascadeOf(4.0);
    $kept = static fn (float $s, float $off): array => [$s, $true->textureKept($s * 2 ** $off)];
    $fitted = FittedWater::of(cascadeOf(4.0), [$kept(0.25, 0.3), $kept(0.5, -0.3), $kept(1.0, 0.0), [30.0, 0.001], [0.001, 0.999]]);
    expect($fitted->frames)->toBe(3)->and($fitted->stops)->toBeAbout(0.0, 0.01)
        ->and($fitted->uncertaintyStops)->toBeAbout(0.3 / sqrt(3), 0.01);
    expect(fn () => FittedWater::of(cascadeOf(4.0), [$kept(0.25, 0.0), $kept(0.5, 0.0), [30.0, 0.001]]))->toThrow(InvalidValue::class,
        'there are 2');
});

it('gives a mean with its interval from three on (standard error of a mean, textbook)', function (): void {
    expect(Spread::of([1.0, 2.0]))->toBeNull();
    $spread = Spread::of([1.0, 2.0, 3.0, 6.0]);
    expect($spread?->mean)->toBe(3.0)->and($spread?->standardError)->toBeAbout(sqrt(14 / 3 / 4), 1e-12)
        ->and($spread?->giveOrTake())->toBeAbout(2 * sqrt(14 / 12), 1e-12)->and($spread?->count)->toBe(4);
});

it('says what a place’s keepers have in common: levels of the middle half, the tide, the sun and its side', function (): void {
    $at = static fn (bool $keeper, float $level, bool $rising = true, float $sun = 4.0,
        float $side = -80.0): TakenUnder => new TakenUnder($keeper, $level, $rising, $sun, $side);
    $worked = WhatWorked::of([$at(true, 4.12), $at(true, 4.2), $at(true, 4.31), $at(true, 4.38), $at(false, 2.0, false, 40.0, 10.0),
        $at(false, 5.0)]);
    expect($worked?->levelsM)->toBe([4.1, 4.4])->and([$worked?->trend, $worked?->sun, $worked?->side])->toBe(['rising', 'low', 'left'])
        ->and([$worked?->keepers, $worked?->frames])->toBe([4, 6]);
    // Three of four agree; two of three do not.
    expect(WhatWorked::of([$at(true, 4.0), $at(true, 4.0), $at(true, 4.0), $at(true, 4.0, false)])?->trend)->toBe('rising')
        ->and(WhatWorked::of([$at(true, 4.0), $at(true, 4.0), $at(true, 4.0, false)])?->trend)->toBeNull();
    // Two keepers are none.
    expect(WhatWorked::of([$at(true, 4.0), $at(true, 4.0)]))->toBeNull()
        ->and(WhatWorked::of(array_fill(0, 3, new TakenUnder(true, null, null, null, null))))->toBeNull();
});

it('knows a low sun from a high one and from none, and its side', function (float $altitude, float $side, ?string $sun, ?string $from): void {
    $worked = WhatWorked::of(array_fill(0, 3, new TakenUnder(true, 3.0, null, $altitude, $side)));
    expect([$worked?->sun, $worked?->side])->toBe([$sun, $from]);
})->with([
    [7.9, 59.0, 'low', 'ahead'], [8.1, 61.0, 'high', 'right'], [-0.7, -61.0, 'low', 'left'], [-0.9, -61.0, 'down', null],
    [20.0, 121.0, 'high', 'behind'], [20.0, -150.0, 'high', 'behind'],
    // At the bounds: it is low from -0.8 and high from 8 degrees on; from 60 to 120 degrees it stands at a side.
    [-0.8, 0.0, 'low', 'ahead'], [8.0, 60.0, 'high', 'right'], [8.0, -60.0, 'high', 'left'], [8.0, 120.0, 'high', 'right'],
    [8.0, -120.0, 'high', 'left'],
]);

it('says what three frames alone have in common, one thing at a time', function (): void {
    $three = static fn (?float $level, ?bool $rising, ?float $sun, ?float $side): ?WhatWorked => WhatWorked::of(array_fill(0, 3, new TakenUnder(true, $level, $rising, $sun, $side)));
    // Three known levels are enough, two are not; a tenth stays the tenth that it is.
    expect($three(4.1, null, null, null)?->levelsM)->toBe([4.1, 4.1])->and($three(0.3, null, null, null)?->levelsM)->toBe([0.3, 0.3])
        ->and(WhatWorked::of([new TakenUnder(true, 4.0, true, null, null), new TakenUnder(true, 4.0, true, null, null),
            new TakenUnder(true, null, true, null, null)])?->levelsM)->toBeNull();
    expect($three(null, false, null, null)?->trend)->toBe('falling')->and($three(null, null, 20.0, null)?->sun)->toBe('high')
        ->and($three(null, null, null, 90.0)?->side)->toBe('right');
});

it('calls a share of texture by the look that it is', function (float $kept, Look $look): void {
    expect(LookBounds::common()->lookOf($kept))->toBe($look);
})->with([[1.0, Look::Lively], [0.81, Look::Lively], [0.8, Look::Brushed], [0.46, Look::Brushed], [0.45, Look::Silk], [0.21, Look::Silk],
    [0.2, Look::Mist], [0.071, Look::Mist], [0.07, Look::Glass], [0.0, Look::Glass]]);

it('has words for a keeper and a reject', function (): void {
    expect(array_map(static fn (FrameMark $m): string => $m->label(), FrameMark::cases()))->toBe(['keeper', 'folded away']);
});
