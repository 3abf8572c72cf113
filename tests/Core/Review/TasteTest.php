<?php

declare(strict_types=1);

use GentlePour\Review\BlurVerdict;
use GentlePour\Review\Taste;

it('learns a taste slowly, shrunk towards nought while there are few verdicts', function (): void {
    expect(Taste::of([])->stops)->toBe(0.0)
        ->and(Taste::of([[0.0, BlurVerdict::TooCrisp]])->stops)->toBeAbout(0.2, 1e-9)
        ->and(Taste::of(array_fill(0, 12, [0.0, BlurVerdict::TooCrisp]))->stops)->toBeAbout(0.75, 1e-9)
        ->and(Taste::of(array_fill(0, 12, [0.5, BlurVerdict::Right]))->stops)->toBeAbout(0.375, 1e-9)
        ->and(Taste::of([[0.0, BlurVerdict::TooCrisp], [0.0, BlurVerdict::TooSmooth]])->stops)->toBe(0.0)
        ->and(Taste::of([[0.0, BlurVerdict::TooSmooth]], 1.0)->stops)->toBeAbout(0.8, 1e-9)
        ->and(Taste::of([[0.0, BlurVerdict::TooSmooth]], 1.0)->learned())->toBeAbout(-0.2, 1e-9)
        ->and(Taste::of(array_fill(0, 500, [2.0, BlurVerdict::TooCrisp]))->stops)->toBeLessThanOrEqual(2.0)
        ->and(fn () => Taste::of([], 7.0))->toBeRefused('taste');
});

it('is the sum of what verdicts ask for over their number and four, two stops at most (judgement)', function (): void {
    $of = fn (array $verdicts, float $byHand = 0.0): float => Taste::of($verdicts, $byHand)->stops;
    expect($of([]))->toBe(0.0)->and($of([[0.5, BlurVerdict::Right]]))->toBe(0.1)
        ->and($of([[0.0, BlurVerdict::TooCrisp]]))->toBe(BlurVerdict::TooCrisp->shiftStops() / 5)
        ->and($of([[0.5, BlurVerdict::Right], [1.0, BlurVerdict::Right]]))->toBe(0.25)
        ->and($of([[0.5, BlurVerdict::Right]], 0.3))->toBeAbout(0.4, 1e-12)->and($of([], -0.5))->toBe(-0.5)
        ->and($of(array_fill(0, 90, [5.0, BlurVerdict::Right])))->toBeAbout(180 / 94, 1e-12)
        ->and($of(array_fill(0, 90, [-5.0, BlurVerdict::Right])))->toBeAbout(-180 / 94, 1e-12)
        ->and($of(array_fill(0, 90, [5.0, BlurVerdict::Right]), 1.0))->toBe(2.0)
        ->and(Taste::of([[0.5, BlurVerdict::Right]], 0.3)->learned())->toBeAbout(0.1, 1e-12)
        ->and(fn () => Taste::of([], 2.1))->toBeRefused('taste', 'taste');
});

it('is moved by one verdict by two fifths of a stop at most, wherever the frame lay (judgement)', function (float $lay, BlurVerdict $said): void {
    expect(abs(Taste::of([[$lay, $said]])->stops))->toBeLessThanOrEqual(0.4);
})->with([[2.5, BlurVerdict::TooCrisp], [-9.0, BlurVerdict::TooSmooth], [1.4, BlurVerdict::TooCrisp], [0.0, BlurVerdict::TooSmooth]]);

it('learns nothing from a frame that was closed a third of a stop and more off its time (judgement)', function (float $planned, float $open, bool $tells): void {
    expect(Taste::tells($planned, $open))->toBe($tells);
})->with([
    [30.0, 30.0, true], [30.0, 24.0, true], [30.0, 37.0, true], [30.0, 23.0, false], [30.0, 38.5, false], [30.0, 4.0, false],
    [1 / 64, 1 / 64, true],
    [32.0, 32.0 / 2 ** (1 / 3), true],
]);
