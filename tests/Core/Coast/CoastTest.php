<?php

declare(strict_types=1);

use GentlePour\Coast\Coastline;
use GentlePour\Coast\SeaWay;

/** A square island of so many degrees around a point. */
function island(float $lat, float $lon, float $half): array
{
    return [[$lon - $half, $lat - $half], [$lon + $half, $lat - $half], [$lon + $half, $lat + $half], [$lon - $half, $lat + $half],
        [$lon - $half, $lat - $half]];
}

it('tells land from water, lakes from land and islands in lakes from lakes', function (): void {
    $coast = Coastline::ofRings([island(50.5, 0, 2), island(50.5, 0, 1), island(50.5, 0, 0.3)]);
    foreach ([[50.5, 1.5, true], [50.5, 0.6, false], [50.5, 0.1, true], [50.5, 2.1, false], [52.4, 0, true], [52.6, 0, false],
        [48.6, -1.9, true], [48.4, 0, false]] as [$lat, $lon, $land]) {
        expect($coast->isLand($lat, $lon))->toBe($land, "{$lat} {$lon}");
    }
    expect($coast->land(50.6, -3, 3))->toHaveCount(3)->and($coast->land(50.6, -3, 3)[0])->toBe([-2.0, -1.0])
        ->and($coast->isEmpty())->toBeFalse()->and(Coastline::of([])->isEmpty())->toBeTrue();
});

it('reaches over the cut of the map', function (): void {
    $coast = Coastline::ofRings([[[178.0, 10.2], [180.0, 10.2], [180.0, 10.8], [178.0, 10.8], [178.0, 10.2]],
        [[-180.0, 10.2], [-179.0, 10.2], [-179.0, 10.8], [-180.0, 10.8], [-180.0, 10.2]]]);
    expect($coast->land(10.5, 177, 182))->toBe([[178.0, 180.0], [180.0, 181.0]])
        ->and($coast->land(10.5, -182, -178.5))->toBe([[-182.0, -180.0], [-180.0, -179.0]]);
    // The cut itself is no coast to be drawn.
    $drawn = [...$coast->pieces(10.3, 10.7, 179.5, 180.5)];
    foreach ($drawn as $piece) {
        expect(abs(array_sum(array_column($piece, 0)) / count($piece)))->not->toBeAbout(180, 0.001);
    }
});

it('goes straight over open water, and about as far as the sphere says', function (float $lat, float $lon): void {
    $way = SeaWay::between(Coastline::of([]), 50, 0, $lat, $lon);
    $km = 2 * 6371 * asin(sqrt(sin(deg2rad(($lat - 50) / 2)) ** 2 + cos(deg2rad(50)) * cos(deg2rad($lat)) * sin(deg2rad($lon / 2)) ** 2));
    expect($way?->km)->toBeWithinShare($km, 0.04)->and($way?->points[0][1])->toBeAbout(50, 0.01);
})->with([[50.3, 0.4], [50.0, 0.5], [49.8, -0.31], [50.27, 0.0]]);

it('goes round what stands in the way, and finds none where there is none', function (): void {
    // A wall of land from 49.9 to 50.2 north, two hundredths of a degree thick, between the two.
    $wall = Coastline::ofRings([[[0.1, 49.9], [0.12, 49.9], [0.12, 50.2], [0.1, 50.2], [0.1, 49.9]]]);
    $way = SeaWay::between($wall, 50.02, 0.05, 50.02, 0.17);
    // By hand: to the southern end at 49.9 and back, 13.34 km and 5.0 km of half the way: twice hypot(13.34, 3.6) and the thickness of the wall.
    expect($way?->km)->toBeBetween(27.0, 31.5)->and(min(array_column($way->points ?? [[0, 0]], 1)))->toBeLessThan(49.905);
    $ring = Coastline::ofRings([island(50.0, 0.05, 0.06), island(50.0, 0.05, 0.04)]);
    expect(SeaWay::between($ring, 50.0, 0.05, 50.0, 0.3))->toBeNull();
    // A place a little ashore starts from the water before it; one far inland from none.
    expect(SeaWay::between($wall, 50.02, 0.101, 50.02, 0.17)?->km)->not->toBeNull()
        ->and(SeaWay::between(Coastline::ofRings([island(50, 0, 0.5)]), 50, 0, 50, 0.7))->toBeNull();
});

/**
 * A ring around a point whose distance from it changes from corner to corner: no part of it crosses another.
 *
 * @return list<array{float, float}>
 */
function ragged(float $lat, float $lon, float $least, float $most, int $corners): array
{
    $ring = array_map(static function (int $i) use ($lat, $lon, $least, $most, $corners): array {
        $far = $least + ($most - $least) * mt_rand() / mt_getrandmax();

        return [$lon + $far * cos(2 * M_PI * $i / $corners), $lat + $far * sin(2 * M_PI * $i / $corners)];
    }, range(0, $corners - 1));

    return [...$ring, $ring[0]];
}

/**
 * Whether a point lies within a ring: the angles to its corners turn once around, or not at all.
 *
 * @param  list<array{float, float}>  $ring
 */
function winds(array $ring, float $lat, float $lon): bool
{
    $turned = 0.0;
    for ($i = 1; $i < count($ring); $i++) {
        $by = atan2($ring[$i][1] - $lat, $ring[$i][0] - $lon) - atan2($ring[$i - 1][1] - $lat, $ring[$i - 1][0] - $lon);
        $turned += $by > M_PI ? $by - 2 * M_PI : ($by < -M_PI ? $by + 2 * M_PI : $by);
    }

    return abs($turned) > M_PI;
}

it('tells land from water within coasts that slant and turn, as the angles around a point do (chance)', function (): void {
    mt_srand(11);
    for ($i = 0; $i < 30; $i++) {
        $ring = ragged(50.2, 3.1, 0.8, 2.6, 9 + $i);
        $coast = Coastline::ofRings([$ring]);
        for ($k = 0; $k < 120; $k++) {
            [$lat, $lon] = [50.2 + mt_rand(-3000, 3000) / 1000 + 1e-5, 3.1 + mt_rand(-3000, 3000) / 1000 + 1e-5];
            expect($coast->isLand($lat, $lon))->toBe(winds($ring, $lat, $lon), "{$i}: {$lat}, {$lon}");
        }
    }
});

it('cuts a coast at whole degrees and gives back the pieces of a window, none twice and none of elsewhere', function (): void {
    mt_srand(12);
    $ring = ragged(50.2, 3.1, 1.1, 2.6, 24);
    $coast = Coastline::of([])->with(Coastline::ofRings([$ring]))->with(Coastline::ofRings([island(50.4, 20.0, 0.2)]));
    $length = static fn (array $pieces): float => array_sum(array_map(static fn (array $p): float => hypot($p[1][0] - $p[0][0],
        $p[1][1] - $p[0][1]), $pieces));
    $all = [...$coast->pieces(46, 54, -1, 7)];
    // All of the ring and nothing of the island, each within its own degree, end to end.
    expect($length($all))->toBeAbout($length(array_map(null, array_slice($ring, 0, -1), array_slice($ring, 1))), 1e-9);
    foreach ($all as $piece) {
        expect($piece)->toHaveCount(2)
            ->and(floor(min($piece[0][1], $piece[1][1]) + 1e-9))->toBe(floor(max($piece[0][1], $piece[1][1]) - 1e-9));
    }
    $ends = array_map(static fn (array $p): string => sprintf('%.9f %.9f', ...$p), array_merge(...$all));
    expect(array_unique(array_values(array_count_values($ends))))->toBe([2]);
    // A degree alone, a window to the east, and the same a turn of the globe away.
    expect(array_unique(array_map(static fn (array $p): int => (int) floor(($p[0][1] + $p[1][1]) / 2),
        [...$coast->pieces(50.0, 50.9, -1, 7)])))->toBe([50]);
    $east = [...$coast->pieces(46, 54, 4.5, 7)];
    expect($east)->toEqual(array_values(array_filter($all, static fn (array $p): bool => max($p[0][0], $p[1][0]) >= 4.5)))
        ->and($east)->not->toBe([]);
    $turned = [...$coast->pieces(46, 54, 364.5, 367)];
    expect(array_map(static fn (array $p): array => [[$p[0][0] - 360, $p[0][1]], [$p[1][0] - 360, $p[1][1]]],
        $turned))->toEqualWithDelta($east, 1e-9);
    expect([...$coast->pieces(46, 54, 19, 21)])->toHaveCount(4)->and([...$coast->pieces(46, 54, 7, 19)])->toBe([]);
});

it('keeps to the water, steps from cell to cell, and is as long as its steps (chance)', function (): void {
    mt_srand(13);
    $found = 0;
    for ($i = 0; $i < 14; $i++) {
        $coast = Coastline::ofRings(array_map(static fn (): array => ragged(50 + mt_rand(-150, 150) / 1000, 0.2 + mt_rand(-180, 180) / 1000,
            0.02, 0.07, 7), range(1, 12)));
        $way = SeaWay::between($coast, 50.0, 0.0, 50.0 + mt_rand(-100, 100) / 1000, 0.4);
        if ($way === null) {
            continue;
        }
        $found++;
        $perDegree = 111.195 * cos(deg2rad($way->points[0][1]));
        $km = 0.0;
        foreach ($way->points as $k => [$lon, $lat]) {
            expect($coast->isLand($lat, $lon))->toBeFalse();
            if ($k > 0) {
                [$east, $north] = [($lon - $way->points[$k - 1][0]) * $perDegree, ($lat - $way->points[$k - 1][1]) * 111.195];
                $km += hypot($east, $north);
                // Both cells beside a slanting step are water too: no corner is cut.
                $isSlanting = abs(abs($east) - abs($north)) < 0.01;
                expect($isSlanting && ($coast->isLand($lat, $way->points[$k - 1][0])
                    || $coast->isLand($way->points[$k - 1][1], $lon)))->toBeFalse();
            }
        }
        $straight = hypot(($way->points[count($way->points) - 1][0] - $way->points[0][0]) * $perDegree,
            ($way->points[count($way->points) - 1][1] - $way->points[0][1]) * 111.195);
        expect($way->km)->toBeWithinShare($km, 0.005)->and($way->km)->toBeGreaterThanOrEqual(0.995 * $straight);
    }
    expect($found)->toBeGreaterThan(9);
});

it('goes round a wall by its nearer end, whichever way it stands', function (float $dLat, float $dLon): void {
    // From one side of a wall to the other, 0.06 degrees from it; its one end lies a tenth of a degree away, the other three tenths.
    $squeeze = cos(deg2rad(50));
    $at = static fn (float $along, float $across): array => [0.3 + ($along * $dLon + $across * $dLat) / $squeeze,
        50 + $along * $dLat - $across * $dLon];
    $wall = Coastline::ofRings([[$at(0.1, -0.01), $at(0.1, 0.01), $at(-0.3, 0.01), $at(-0.3, -0.01), $at(0.1, -0.01)]]);
    [[$fromLon, $fromLat], [$toLon, $toLat]] = [$at(0, -0.06), $at(0, 0.06)];
    $way = SeaWay::between($wall, $fromLat, $fromLon, $toLat, $toLon);
    // By hand, in degrees of latitude: twice from 0.06 to 0.01 before it along 0.1, and the thickness of the wall. Sixteen neighbours add three in a hundred, cells a km.
    expect($way?->km)->toBeBetween(111.195 * (2 * hypot(0.1, 0.05) + 0.02), 1.03 * 111.195 * (2 * hypot(0.1, 0.05) + 0.02) + 2.0);
    expect(SeaWay::between($wall, $toLat, $toLon, $fromLat, $fromLon)?->km)->toBeWithinShare($way?->km, 0.02);
})->with(['north' => [1, 0], 'south' => [-1, 0], 'east' => [0, 1], 'west' => [0, -1], 'north-east' => [M_SQRT1_2, M_SQRT1_2],
    'south-east' => [-M_SQRT1_2, M_SQRT1_2], 'steep' => [0.894, 0.447], 'flat' => [0.447, -0.894]]);

it('finds no way out of a ring of land that slants, however thin: no corner is cut', function (float $wide, float $high): void {
    $squeeze = cos(deg2rad(50));
    $ring = static fn (float $by): array => array_map(static fn (array $p): array => [$p[0] * ($wide + $by) / $squeeze,
        50 + $p[1] * ($high + $by * $high / $wide)], [[1, 0], [0, 1], [-1, 0], [0, -1], [1, 0]]);
    // Cells are half a km: as thick as one of them and a little, from west to east and from south to north.
    $thick = 0.0055 * max(1, $wide / $high);
    $coast = Coastline::ofRings([$ring(0.0), $ring($thick)]);
    expect(SeaWay::between($coast, 50, 0, 50, 0.3))->toBeNull()->and(SeaWay::between($coast, 50, 0.3, 50, 0))->toBeNull()
        ->and(SeaWay::between(Coastline::ofRings([$ring($thick)]), 50, 0.15, 50, 0.3)?->km)->toBeWithinShare(0.15 * 111.195 * $squeeze,
            0.04);
})->with([[0.06, 0.06], [0.06, 0.12], [0.08, 0.04], [0.05, 0.15]]);

it('starts from the nearest water where a place lies a little ashore', function (float $lat, float $lon, float $seaLat, float $seaLon): void {
    $way = SeaWay::between(Coastline::ofRings([island(50, 0, 0.08)]), $lat, $lon, 50.0, 0.4);
    expect(hypot(($way?->points[0][0] - $seaLon) * cos(deg2rad(50)), $way?->points[0][1] - $seaLat))->toBeLessThan(0.012);
})->with([[50.07, 0.0, 50.082, 0.0], [49.93, 0.0, 49.918, 0.0], [50.0, 0.065, 50.0, 0.082], [50.0, -0.065, 50.0, -0.082]]);

it('takes the short way over the cut of the map', function (): void {
    $across = SeaWay::between(Coastline::of([]), 10.0, 179.9, 10.05, -179.8);
    expect($across?->km)->toBeWithinShare(hypot(0.3 * cos(deg2rad(10)), 0.05) * 111.195, 0.04)
        ->and(SeaWay::between(Coastline::of([]), 10.05, -179.8, 10.0, 179.9)?->km)->toBeWithinShare($across?->km, 0.02);
});
