<?php

declare(strict_types=1);

use GentlePour\Measuring\CloudBase;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FallHeight;
use GentlePour\Measuring\Quartiles;
use GentlePour\Measuring\SetRhythm;

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

it('has the waves that can be foretold by the spread, for whoever looks them up: a quarter of the inverse square', function (): void {
    $shares = [0.05, 0.07, 0.10, 0.12, 0.15, 0.17, 0.20, 0.25, 0.30, 0.40, 0.50];
    $table = CrestRhythm::sureByShare();
    expect(array_column($table, 0))->toBe($shares);
    foreach ($shares as $i => $share) {
        expect($table[$i][1])->toBeAbout(0.25 / $share ** 2, 1e-9);
    }
    // A sea without any spread is none; what is counted on stays a number.
    expect((new CrestRhythm(8.0, 0.0, 0.0))->sureForWaves())->toBeAbout(1.6e13, 1e3);
});

it('has enough with five presses, and knows no slip before a third interval', function (): void {
    expect(CrestTimer::ofPresses([0.0, 8.0, 16.0, 24.0])->isEnough())->toBeFalse()
        ->and(CrestTimer::ofPresses([0.0, 8.0, 16.0, 24.0, 32.0])->isEnough())->toBeTrue()
        ->and(CrestTimer::ofPresses([0.0, 2.0, 18.0])->suspects)->toBe([]);
    $suspects = CrestTimer::ofPresses([0.0, 8.0, 16.0, 32.0])->suspects;
    expect($suspects)->toHaveCount(1)->and($suspects[0]->place)->toBe(2)->and($suspects[0]->missed)->toBeTrue()->and($suspects[0]->intervalS)->toBe(16.0);
    // 0.45 of the median and 1.6 of it are still waves.
    $still = CrestTimer::ofPresses([0.0, 20.0, 40.0, 49.0, 69.0, 101.0]);
    expect($still->suspects)->toBe([])->and($still->intervalsS)->toBe([9.0, 20.0, 20.0, 20.0, 32.0]);
});

it('spreads by half of what lies between the quartiles, and has the peak a twentieth over what was pressed (Goda)', function (): void {
    $timer = CrestTimer::ofPresses([0.0, 6.0, 13.0, 21.0, 30.0, 40.0]);
    expect($timer->periodS())->toBe(8.0)->and($timer->spreadS())->toBe(1.0)->and($timer->peakPeriodS())->toBeAbout(8.4, 1e-9)
        ->and(CrestTimer::peakOfPressedS(10.0))->toBeAbout(10.5, 1e-9);
    // A missed crest that is left out in the middle counts for nothing, wherever it stands.
    $left = CrestTimer::ofPresses([0.0, 6.0, 30.0, 37.0, 45.0], [1]);
    expect($left->intervalsS)->toBe([6.0, 7.0, 8.0])->and($left->periodS())->toBe(7.0)->and($left->suspects)->toBe([]);
});

it('has between two places of a row what lies between their values (Hyndman and Fan 1996, type 7)', function (): void {
    expect(Quartiles::at([1.0, 2.0, 4.0, 8.0], 0.25))->toBe(1.75)->and(Quartiles::at([1.0, 2.0, 4.0, 8.0], 0.5))->toBe(3.0)
        ->and(Quartiles::at([1.0, 2.0, 4.0, 8.0], 1.0))->toBe(8.0)->and(Quartiles::at([1.0, 2.0, 4.0, 8.0], 0.0))->toBe(1.0)
        ->and(Quartiles::at([5.0], 0.5))->toBe(5.0)->and(Quartiles::median([4.0, 1.0, 8.0]))->toBe(4.0);
});

it('keeps a big wave in the set that it follows within three periods', function (): void {
    expect(SetRhythm::of([0.0, 24.0], 8.0)->count())->toBe(1)->and(SetRhythm::of([0.0, 24.5], 8.0)->count())->toBe(2)
        ->and(SetRhythm::of([0.0, 20.0, 40.0, 60.0], 8.0)->size())->toBe(4.0);
});

it('refuses degrees that no instrument of this kind shows, at their field', function (): void {
    expect(fn () => FallHeight::ofAngles(20, 45, NAN))->toBeRefused('foot', 'foot_deg')->and(fn () => FallHeight::ofAngles(20, 45, 45))->toBeRefused('higher')
        ->and(fn () => CloudBase::ofDewPoint(20, NAN))->toBeRefused('dew point', 'dew_point_c')->and(fn () => CloudBase::ofDewPoint(20, -200))->toBeRefused('dew point', 'dew_point_c');
});
