<?php

declare(strict_types=1);

use GentlePour\Outing\WayOut;

it('leads leg by leg from the stand: bearing, metres, level of its end', function (): void {
    $way = WayOut::of(5.8, WayOut::legs('90 10 5.4, 0 20 6.5'));
    [$stand, $first, $second] = $way->points;
    expect($stand)->toBe([0.0, 0.0, 5.8])->and($first[0])->toBeAbout(10, 1e-9)->and($first[1])->toBeAbout(0, 1e-9)->and($second[1])->toBeAbout(20, 1e-9)->and($second[2])->toBe(6.5)
        ->and($way->lowestM())->toBe(5.4)->and($way->lengthM())->toBeAbout(30, 1e-9)->and(WayOut::of(5, [])->lowestM())->toBeNull();
});

it('says which stretch is under water at a level, from both sides of it', function (float $level, array $stretches): void {
    $under = WayOut::of(6.0, [[0, 10, 5.0], [0, 10, 7.0]])->under($level);
    expect(array_map(fn (array $s): array => [round($s[0][1], 3), round($s[1][1], 3)], $under))->toBe($stretches);
})->with([
    'below it all' => [4.9, []], 'at the lowest point' => [5.0, []], 'over the dip' => [5.5, [[5.0, 10.0], [10.0, 12.5]]], 'over the stand' => [6.5, [[0.0, 10.0], [10.0, 17.5]]],
    'over all' => [7.5, [[0.0, 10.0], [10.0, 20.0]]],
]);

it('is one stretch where the leg is level', function (): void {
    expect(WayOut::of(5.0, [[90, 10, 5.0]])->under(5.1))->toHaveCount(1)->and(WayOut::of(5.0, [[90, 10, 5.0]])->under(5.0))->toBe([]);
});

it('refuses what is no leg', function (string $text, string $sentence): void {
    expect(fn () => WayOut::legs($text))->toBeRefused($sentence);
})->with([['90 10', 'is no leg'], ['far away', 'is no leg'], ['400 10 5', 'The facing'], ['90 0.1 5', 'The length of a leg'], ['90 10 70', 'The level'], [implode(',', array_fill(0, 31, '90 1 5')), 'at most 30 legs']]);
