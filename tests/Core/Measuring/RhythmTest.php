<?php

declare(strict_types=1);

use GentlePour\Measuring\CloudBase;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Measuring\FallHeight;

it('counts a rhythm on while the crests are sure to within half a period: errors add as the root of their number', function (): void {
    // A spread of a second in eight: after sixteen waves it is four seconds, half a period.
    expect((new CrestRhythm(8.0, 1.0, 0.0))->sureForWaves())->toBeAbout(16.0, 1e-9)
        ->and((new CrestRhythm(8.0, null, 0.0))->spreadS)->toBeAbout(8 / 6, 1e-9)
        ->and((new CrestRhythm(8.0, null, 0.0))->sureForWaves())->toBeAbout(9.0, 1e-9)
        ->and((new CrestRhythm(8.0, 0.0, 0.0))->sureForWaves())->toBeGreaterThan(1e6);
});

it('has the heights at which each kind of cloud is usually met (WMO International Cloud Atlas, étages; the figures judgement)', function (): void {
    expect(array_map(fn (CloudKind $k): float => $k->baseM(), CloudKind::cases()))->toBe([300.0, 1000.0, 1500.0, 4000.0, 9000.0]);
});

it('has a base of fog at least, 125 m a degree of spread (Espy 1841)', function (): void {
    expect(CloudBase::ofDewPoint(12, 12))->toBe(50.0)->and(CloudBase::ofDewPoint(20, 12))->toBe(1000.0)
        ->and(fn () => CloudBase::ofDewPoint(8, 12))->toBeRefused('above the temperature');
});

it('refuses a fall whose lip is under its foot', function (): void {
    expect(fn () => FallHeight::ofAngles(20, 5, 10))->toBeRefused('lip')->and(FallHeight::ofAngles(20, 45, 0))->toBeAbout(20.0, 1e-9);
});
