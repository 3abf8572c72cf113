<?php

declare(strict_types=1);

use GentlePour\Coast\Coastline;
use GentlePour\Coast\SeaWay;

/** A square island of so many degrees around a point. */
function island(float $lat, float $lon, float $half): array
{
    return [[$lon - $half, $lat - $half], [$lon + $half, $lat - $half], [$lon + $half, $lat + $half], [$lon - $half, $lat + $half], [$lon - $half, $lat - $half]];
}

it('tells land from water, lakes from land and islands in lakes from lakes', function (): void {
    $coast = Coastline::ofRings([island(50.5, 0, 2), island(50.5, 0, 1), island(50.5, 0, 0.3)]);
    foreach ([[50.5, 1.5, true], [50.5, 0.6, false], [50.5, 0.1, true], [50.5, 2.1, false], [52.4, 0, true], [52.6, 0, false], [48.6, -1.9, true], [48.4, 0, false]] as [$lat, $lon, $land]) {
        expect($coast->isLand($lat, $lon))->toBe($land, "{$lat} {$lon}");
    }
    expect($coast->land(50.6, -3, 3))->toHaveCount(3)->and($coast->land(50.6, -3, 3)[0])->toBe([-2.0, -1.0])->and($coast->isEmpty())->toBeFalse()->and(Coastline::of([])->isEmpty())->toBeTrue();
});

it('reaches over the cut of the map', function (): void {
    $coast = Coastline::ofRings([[[178.0, 10.2], [180.0, 10.2], [180.0, 10.8], [178.0, 10.8], [178.0, 10.2]], [[-180.0, 10.2], [-179.0, 10.2], [-179.0, 10.8], [-180.0, 10.8], [-180.0, 10.2]]]);
    expect($coast->land(10.5, 177, 182))->toBe([[178.0, 180.0], [180.0, 181.0]])->and($coast->land(10.5, -182, -178.5))->toBe([[-182.0, -180.0], [-180.0, -179.0]]);
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
    expect(SeaWay::between($wall, 50.02, 0.101, 50.02, 0.17)?->km)->not->toBeNull()->and(SeaWay::between(Coastline::ofRings([island(50, 0, 0.5)]), 50, 0, 50, 0.7))->toBeNull();
});
