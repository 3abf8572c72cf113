<?php

declare(strict_types=1);

use App\Drawing\CoastMap;
use GentlePour\Coast\Coastline;

// A map around a place on the equator, worked out by hand: 20 km are 240 px, a degree of 111.195 km is 1334.34.

/** @param  list<array{string, float, float, bool}>  $stations */
function equatorMap(array $stations = [], string $place = 'here'): CoastMap
{
    $island = [[0.05, 0.02], [0.1, 0.02], [0.1, 0.12], [0.05, 0.12], [0.05, 0.02]];

    return new CoastMap(Coastline::ofRings([$island]), $place, 0.0, 0.0, 20, $stations);
}

it('strokes the land from west to east, five px apart, and draws its edge', function (): void {
    $map = equatorMap();
    // From 306.7 to 373.4, from 79.9 down to 213.3: at 82.5 first.
    expect($map->land)->toBe(implode('', array_map(static fn (int $i): string => sprintf('M306.7 %.1fH373.4', 82.5 + 5 * $i), range(0, 26))));
    preg_match_all('/([ML])([\d.]+ [\d.]+)/', $map->edge, $points);
    expect(array_values(array_unique($points[2])))->toHaveCount(4)->toContain('306.7 213.3', '373.4 213.3', '373.4 79.9', '306.7 79.9')
        ->and($points[1][0])->toBe('M')->and(array_count_values($points[1])['L'])->toBe(4)->and(strlen($map->edge))->toBe(array_sum(array_map(strlen(...), $points[0])))
        ->and($map->way)->toBe('');
});

it('marks the place and the stations that lie on it, four px from its edge at least', function (): void {
    $px = 1 / 1334.34;
    $marks = static fn (array $stations, string $place = 'here'): array => array_map(
        static fn (array $m): array => [$m[0]->text, $m[0]->x, $m[0]->anchor, $m[1], $m[2], $m[3]], equatorMap($stations, $place)->marks(),
    );
    expect($marks([['a', 10 * $px, -100 * $px, true], ['b', -10 * $px, 100 * $px, false]]))->toBe([
        ['here', 229.0, 'end', 240.0, 240.0, 'place'], ['a', 151.0, 'start', 140.0, 230.0, 'used'], ['b', 329.0, 'end', 340.0, 250.0, 'station'],
    ]);
    $kept = static fn (float $east, float $north): int => count($marks([['a', $north * $px, $east * $px, true]], ''));
    expect([$kept(-236, 0), $kept(-236.2, 0), $kept(236, 0), $kept(236.2, 0), $kept(0, 236), $kept(0, 236.2), $kept(0, -236), $kept(0, -236.2)])
        ->toBe([1, 0, 1, 0, 1, 0, 1, 0])
        // One that lies beyond hides none that comes after it.
        ->and($marks([['far', 3.0, 3.0, false], ['near', 10 * $px, -100 * $px, false]], ''))->toHaveCount(1);
});

it('takes in as much to north and south as to east and west, short of the poles', function (array $asked, array $window): void {
    foreach (CoastMap::window(...$asked) as $i => $side) {
        expect($side)->toBeAbout($window[$i], 1e-4);
    }
})->with([
    [[0.0, 10.0, 111.195], [-1.0, 1.0, 9.0, 11.0]], [[60.0, 10.0, 55.5975], [59.5, 60.5, 9.0, 11.0]],
    [[89.5, 0.0, 111.195], [88.5, 89.999, -20.0, 20.0]], [[-89.5, 0.0, 111.195], [-90.0, -88.5, -20.0, 20.0]],
]);
