<?php

declare(strict_types=1);

use GentlePour\Kit\Sensor;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookBounds;

// Where silk ends and mist begins is taste: what a person calls their frames moves the common bounds.

it('stands by the common bounds without frames, and where all of them agree with it', function (): void {
    $agree = [[0.9, Look::Lively], [0.6, Look::Brushed], [0.3, Look::Silk], [0.1, Look::Mist], [0.01, Look::Glass], [0.95, Look::Held]];

    foreach ([LookBounds::common(), LookBounds::calledBy([]), LookBounds::calledBy([...$agree, ...$agree, ...$agree])] as $bounds) {
        expect($bounds->movedBy)->toBe([]);
        foreach (Look::cases() as $look) {
            expect($bounds->leastTexture($look))->toBe($look->leastTexture());
        }
    }
});

it('moves no bound by one frame or two, and by three as far as two of them say', function (): void {
    $two = [[0.11, Look::Silk], [0.13, Look::Silk]];
    $three = LookBounds::calledBy([...$two, [0.16, Look::Silk]]);

    expect(LookBounds::calledBy($two)->movedBy)->toBe([]);
    // The bound's own distance from 0.20 counts as one frame: it goes down to the second of the three, and not to the last.
    expect($three->leastTexture(Look::Silk))->toEqualWithDelta(0.13, 0.002);
    expect($three->movedBy)->toBe(['silk' => 3])->and($three->lookOf(0.131))->toBe(Look::Silk)->and($three->lookOf(0.11))->toBe(Look::Mist);
    expect($three->leastTexture(Look::Brushed))->toBe(0.45)->and($three->leastTexture(Look::Mist))->toBe(0.07);
});

it('moves a bound up where frames are called smoother than they were taken to be', function (): void {
    $bounds = LookBounds::calledBy([[0.24, Look::Mist], [0.26, Look::Mist], [0.28, Look::Mist], [0.22, Look::Glass]]);

    expect($bounds->leastTexture(Look::Silk))->toBeGreaterThan(0.23)->toBeLessThan(0.29)->and($bounds->movedBy['silk'])->toBe(4);
    expect($bounds->lookOf(0.23))->toBe(Look::Mist);
});

it('leaves what most frames say where it is, when a few were called otherwise by a slip', function (): void {
    $many = array_fill(0, 9, [0.17, Look::Mist]);
    $slips = array_fill(0, 3, [0.15, Look::Silk]);

    expect(LookBounds::calledBy([...$many, ...$slips])->leastTexture(Look::Silk))->toEqualWithDelta(0.20, 0.035);
    expect(LookBounds::calledBy([...$many, ...$slips])->lookOf(0.169))->toBe(Look::Mist);
});

it('keeps the bounds in the order of the looks, whatever is called what', function (): void {
    mt_srand(7);
    for ($round = 0; $round < 300; $round++) {
        $called = [];
        for ($i = 0; $i < 12; $i++) {
            $called[] = [mt_rand(0, 1000) / 1000, Look::cases()[mt_rand(0, 5)]];
        }
        $bounds = LookBounds::calledBy($called);
        $least = array_map(static fn (Look $l): float => (float) $bounds->leastTexture($l),
            [Look::Lively, Look::Brushed, Look::Silk, Look::Mist]);
        $sorted = $least;
        rsort($sorted);
        expect($least)->toBe($sorted)->and(min($least))->toBeGreaterThan(0.01)->and(max($least))->toBeLessThan(0.98);
    }
});

it('shifts the times of the looks: who calls a little drawing silk gets silk for longer', function (): void {
    $framing = new Framing(new Sensor(36, 24, 6000), 24, 6);
    $water = Flow::of(2.0, 0.25, $framing);
    $own = LookBounds::calledBy([[0.12, Look::Silk], [0.13, Look::Silk], [0.14, Look::Silk], [0.15, Look::Silk]]);
    [$silk, $longer] = [LookBands::of($water, $framing)->band(Look::Silk), LookBands::of($water, $framing, $own)->band(Look::Silk)];

    expect($longer?->minS)->toEqualWithDelta((float) $silk?->minS, 1e-9)->and($longer?->maxS)->toBeGreaterThan(1.3 * (float) $silk?->maxS);
    expect(LookBands::of($water, $framing, $own)->band(Look::Mist)?->minS)->toBe($longer?->maxS);
});

it('tells smoother from rougher', function (): void {
    expect(Look::Glass->isSmootherThan(Look::Mist))->toBeTrue()->and(Look::Mist->isSmootherThan(Look::Mist))->toBeFalse()
        ->and(Look::Held->isSmootherThan(Look::Lively))->toBeFalse();
});
