<?php

declare(strict_types=1);

use GentlePour\Outing\WayOut;

it('leads leg by leg from the stand: bearing, metres, level of its end', function (): void {
    $way = WayOut::of(5.8, WayOut::legs('90 10 5.4, 0 20 6.5'));
    [$stand, $first, $second] = $way->points;
    expect($stand)->toBe([0.0, 0.0, 5.8])->and($first[0])->toBeAbout(10, 1e-9)->and($first[1])->toBeAbout(0, 1e-9)
        ->and($second[1])->toBeAbout(20, 1e-9)->and($second[2])->toBe(6.5)
        ->and($way->lowestM())->toBe(5.4)->and($way->lengthM())->toBeAbout(30, 1e-9)->and(WayOut::of(5, [])->lowestM())->toBeNull();
});

it('says which stretch is under water at a level, from both sides of it', function (float $level, array $stretches): void {
    $under = WayOut::of(6.0, [[0, 10, 5.0], [0, 10, 7.0]])->under($level);
    expect(array_map(fn (array $s): array => [round($s[0][1], 3), round($s[1][1], 3)], $under))->toBe($stretches);
})->with([
    'below it all' => [4.9, []], 'at the lowest point' => [5.0, []], 'over the dip' => [5.5, [[5.0, 10.0], [10.0, 12.5]]],
    'over the stand' => [6.5, [[0.0, 10.0], [10.0, 17.5]]],
    'over all' => [7.5, [[0.0, 10.0], [10.0, 20.0]]],
]);

it('is one stretch where the leg is level', function (): void {
    expect(WayOut::of(5.0, [[90, 10, 5.0]])->under(5.1))->toHaveCount(1)->and(WayOut::of(5.0, [[90, 10, 5.0]])->under(5.0))->toBe([]);
});

it('refuses what is no leg', function (string $text, string $sentence): void {
    expect(fn () => WayOut::legs($text))->toBeRefused($sentence);
})->with([['90 10', 'is no leg'], ['far away', 'is no leg'], ['400 10 5', 'The facing'], ['90 0.1 5', 'The length of a leg'],
    ['90 10 70', 'The level'], [implode(',', array_fill(0, 31, '90 1 5')), 'at most 30 legs']]);

it('reads legs however they are set apart, and passes over empty ones', function (): void {
    expect(WayOut::legs("250 35 5.6; ,280° 60 m 6.3 m\n\n  0 1 -0.5 ,"))->toBe([[250.0, 35.0, 5.6], [280.0, 60.0, 6.3], [0.0, 1.0, -0.5]])
        ->and(WayOut::legs(' '))->toBe([])->and(WayOut::legs(implode(',', array_fill(0, 30, '90 1 5'))))->toHaveCount(30);
});

it('says the whole of what a leg is where one cannot be read, and believes no stand that there is not', function (): void {
    expect(fn () => WayOut::legs('90 10 5, far'))->toBeRefused('“far” is no leg: bearing in degrees, metres, and the level of its end in metres, like 250 35 5.6.')
        // Whatever the stand, the legs are looked at: that of the lowest is nought.
        ->and(WayOut::legs('90 10 0.0'))->toBe([[90.0, 10.0, 0.0]]);
});

it('is as long as its legs wherever they lead, and knows what of each is under water', function (): void {
    // East 30, north 40, and back by the straight way, 50.
    $way = WayOut::of(6.0, [[90, 30, 6.0], [0, 40, 4.0], [216.8698976, 50, 6.0]]);
    expect($way->lengthM())->toBeAbout(120.0, 1e-6);
    $under = $way->under(5.0);
    // The first leg stays dry; the second is under from its half on, the third up to its half.
    expect($under)->toHaveCount(2)->and($under[0][0])->toEqualWithDelta([30.0, 20.0], 1e-6)
        ->and($under[0][1])->toEqualWithDelta([30.0, 40.0], 1e-6)
        ->and($under[1][0])->toEqualWithDelta([30.0, 40.0], 1e-6)->and($under[1][1])->toEqualWithDelta([15.0, 20.0], 1e-6);
    // To its end where that is just at the level, and the whole of a level leg that is deep.
    expect(WayOut::of(4.0, [[90, 10, 5.0]])->under(5.0))->toEqualWithDelta([[[0.0, 0.0], [10.0, 0.0]]], 1e-9)
        ->and(WayOut::of(5.0, [[90, 10, 4.0]])->under(5.0))->toEqualWithDelta([[[0.0, 0.0], [10.0, 0.0]]], 1e-9)
        ->and(WayOut::of(4.0, [[90, 10, 4.0]])->under(5.0))->toEqualWithDelta([[[0.0, 0.0], [10.0, 0.0]]], 1e-9);
});
