<?php

declare(strict_types=1);

use GentlePour\Measuring\CloudBase;
use GentlePour\Measuring\CloudKind;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FallHeight;
use GentlePour\Measuring\FloatRuns;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Measuring\SwashTimer;

it('hears a swell in presses: the median, which one missed press does not move', function (): void {
    $timer = CrestTimer::ofPresses([0.0, 8.1, 16.0, 24.3, 40.2, 48.1, 56.2]);

    expect($timer->periodS())->toBeAbout(8.1, 0.11)->and($timer->presses())->toBe(7)->and($timer->isEnough())->toBeTrue()
        ->and($timer->spreadS())->toBeLessThan(0.2)
        ->and(CrestTimer::ofPresses([1.0, 9.0])->isEnough())->toBeFalse();
});

it('recognises a missed press and a doubled one, and can leave them out', function (): void {
    $missed = CrestTimer::ofPresses([0.0, 8.0, 16.0, 32.0, 40.0, 48.0]);
    expect($missed->suspects)->toHaveCount(1)->and($missed->suspects[0]->missed)->toBeTrue()->and($missed->suspects[0]->place)->toBe(2)
        ->and(CrestTimer::ofPresses([0.0, 8.0, 16.0, 32.0, 40.0, 48.0], [2])->suspects)->toBe([])
        ->and(CrestTimer::ofPresses([0.0, 8.0, 16.0, 32.0, 40.0, 48.0], [2])->intervalsS)->toBe([8.0, 8.0, 8.0, 8.0]);

    $double = CrestTimer::ofPresses([0.0, 8.0, 8.4, 16.0, 24.0, 32.0]);
    expect($double->suspects)->toHaveCount(1)->and($double->suspects[0]->missed)->toBeFalse()->and($double->suspects[0]->place)->toBe(2)
        ->and(CrestTimer::ofPresses([0.0, 8.0, 16.0, 24.0, 32.0])->suspects)->toBe([]);
});

it('takes waves of a real sea for what they are: a third shorter or longer is no slip', function (): void {
    expect(CrestTimer::ofPresses([0.0, 6.0, 15.0, 22.0, 33.0, 40.0, 47.5])->suspects)->toBe([]);
});

it('refuses presses that make no rhythm', function (): void {
    expect(fn () => CrestTimer::ofPresses([1.0]))->toBeRefused('presses')
        ->and(fn () => CrestTimer::ofPresses([5.0, 2.0]))->toBeRefused('between two crests', 'presses')
        ->and(fn () => CrestTimer::ofPresses([5.0, 5.01]))->toBeRefused('between two crests')
        ->and(fn () => CrestTimer::ofPresses([5.0, 500.0]))->toBeRefused('between two crests')
        ->and(fn () => CrestTimer::ofPresses([0.0, 8.0], [0]))->toBeRefused('Nothing is left');
});

it('hears sets in the big waves: how many, how far apart, and when the next may come', function (): void {
    $sets = SetRhythm::of([100.0, 108.0, 117.0, 400.0, 409.0, 720.0, 727.0, 735.0], 8.0);

    expect($sets->count())->toBe(3)
        ->and($sets->size())->toBe(3.0)
        ->and($sets->apartS())->toBe(310.0)
        ->and($sets->nextExpectedS())->toBe(1030.0)
        ->and(SetRhythm::of([], 8.0)->size())->toBeNull()
        ->and(SetRhythm::of([3.0, 9.0], 8.0)->nextExpectedS())->toBeNull();
});

it('times the retreat of the swash', function (): void {
    $swash = SwashTimer::ofPresses([0.0, 4.0, 8.2, 12.4, 16.1, 20.0, 24.3]);

    expect($swash->retreatS)->toBeAbout(4.0, 0.01)->and($swash->periodS)->toBeAbout(8.2, 0.01)->and($swash->retreats)->toBe(3)
        ->and(SwashTimer::ofPresses([0.0, 4.0])->periodS)->toBeNull()
        ->and(fn () => SwashTimer::ofPresses([0.0]))->toBeRefused('presses')
        ->and(fn () => SwashTimer::ofPresses([5.0, 1.0]))->toBeRefused('retreat');
});

it('averages the runs of a float and says how far they lie apart', function (): void {
    $runs = FloatRuns::of(10, [4.0, 5.0, 2.5]);

    expect($runs->surfaceMS())->toBeAbout((2.5 + 2.0 + 4.0) / 3, 1e-9)->and($runs->spreadMS())->toBe(1.0)->and($runs->count())->toBe(3)
        ->and(fn () => FloatRuns::of(10, []))->toBeRefused('runs')
        ->and(fn () => FloatRuns::of(10, [0.0]))->toBeRefused('float', 'runs')
        ->and(fn () => FloatRuns::of(INF, [3.0]))->toBeRefused('distance', 'distance_m');
});

it('takes the mean of the column as ISO 748 allows, 0.84 to 0.90 of the surface', function (): void {
    expect(FloatRuns::MEAN_OF_SURFACE)->toBeGreaterThanOrEqual(0.84)->toBeLessThanOrEqual(0.90)
        ->and(FloatRuns::of(10, [5.0])->columnMS())->toBeAbout(1.7, 1e-9);
});

it('measures a fall by two angles (plane trigonometry)', function (): void {
    expect(FallHeight::ofAngles(20, 45))->toBeAbout(20.0, 1e-9)
        ->and(FallHeight::ofAngles(20, 45, -45))->toBeAbout(40.0, 1e-9)
        ->and(FallHeight::ofAngles(30, 30))->toBeAbout(17.32, 0.01)
        ->and(fn () => FallHeight::ofAngles(20, 10, 12))->toBeRefused('higher than its foot', 'lip_deg')
        ->and(fn () => FallHeight::ofAngles(20, 90))->toBeRefused('angle', 'lip_deg')
        ->and(fn () => FallHeight::ofAngles(-1, 40))->toBeRefused('distance', 'distance_m');
});

it('puts heaped clouds 125 m up for each degree between temperature and dew point (Espy 1841)', function (): void {
    expect(CloudBase::ofDewPoint(18, 10))->toBe(1000.0)
        ->and(fn () => CloudBase::ofDewPoint(10, 12))->toBeRefused('above the temperature', 'dew_point_c')
        ->and(fn () => CloudBase::ofDewPoint(NAN, 2))->toBeRefused('temperature', 'temperature_c');
});

it('has clouds across the view when the wind blows across it', function (): void {
    expect(CloudBase::across(270, 180))->toBeAbout(1.0, 1e-9)
        ->and(CloudBase::across(180, 180))->toBeAbout(0.0, 1e-9)
        ->and(CloudBase::across(350, 20))->toBeAbout(0.5, 1e-9);
});

it('knows clouds by where they lie: low to 2 km, middle to 7 km, high above 5 km in middle latitudes (WMO étages)', function (): void {
    foreach ([CloudKind::Stratus, CloudKind::Cumulus, CloudKind::Stratocumulus] as $low) {
        expect($low->baseM())->toBeLessThanOrEqual(2000.0);
    }
    expect(CloudKind::Altocumulus->baseM())->toBeGreaterThan(2000.0)->toBeLessThan(7000.0)
        ->and(CloudKind::Cirrus->baseM())->toBeGreaterThan(5000.0);
});
