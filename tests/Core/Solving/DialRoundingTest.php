<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Sensor;
use GentlePour\Solving\DialRounding;

// From an exact time to one that can be had: on the dial as far as the camera times, beyond it as one counts.

/** Of a camera that times up to so many thirds of a stop from a second. */
function dialUpTo(int $thirds, bool $release = true): DialRounding
{
    $camera = new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(1600), ShutterTime::onDial($thirds));

    return new DialRounding(new Bag($camera, new Lens(24, Aperture::named(4), Aperture::named(22), 77), [], 2, $release));
}

it('takes the next third of the dial, half-way the shorter, and half a step beyond the last the last', function (): void {
    $dial = dialUpTo(15);
    expect(array_map($dial->stops(...), [0.0, 0.16, 0.17, 1 / 6, -0.5, 4.9, 5.0, 5.1, 5 + 1 / 6]))
        ->toBe([0.0, 0.0, 1 / 3, 0.0, -2 / 3, 5.0, 5.0, 5.0, 5.0])
        // 36 s is the first that is counted; without a release there is none.
        ->and($dial->seconds(36.2))->toBe([2 ** log(36, 2), true])->and($dial->seconds(35.9))->toBe([32.0, false])
        ->and(dialUpTo(15, release: false)->seconds(36.2))->toBeNull()->and(dialUpTo(15, release: false)->seconds(35.9))->toBe([32.0, false])
        ->and($dial->isBulb(5.0))->toBeFalse()->and($dial->isBulb(5.0001))->toBeTrue();
});

it('has nothing shorter or longer than there is, nor of what is no time', function (): void {
    $dial = dialUpTo(15);
    $shortest = log(ShutterTime::SHORTEST_S, 2);
    $longest = log(ShutterTime::LONGEST_S, 2);
    expect(array_map($dial->seconds(...), [0.0, -1.0, INF, NAN, ShutterTime::SHORTEST_S / 2, 2 * ShutterTime::LONGEST_S]))->each->toBeNull()
        ->and($dial->stops($shortest))->not->toBeNull()->and($dial->stops($longest))->not->toBeNull()
        ->and($dial->stops($shortest - 1e-6))->toBeNull()->and($dial->stops($longest + 1e-6))->toBeNull()
        ->and($dial->seconds(0.5))->toBe([0.5, false]);
});

it('knows the last time before a wall: as found by trying every time there is', function (int $timedThirds, bool $release): void {
    $dial = dialUpTo($timedThirds, $release);
    // Every time that comes of an exact one, for the longest that is asked here.
    $had = [];
    for ($stops = -6.0; $stops < 9.5; $stops += 0.0004) {
        $time = $dial->stops($stops);
        $time === null || $had[(string) $time] = $time;
    }
    sort($had);
    mt_srand($timedThirds);
    for ($i = 0; $i < 400; $i++) {
        $wall = mt_rand(-5000, 9000) / 1000;
        $last = max(array_filter($had, static fn (float $time): bool => $time <= $wall + 1e-9));
        expect($dial->before($wall))->toBeAbout($last, 1e-9, "before {$wall}");
    }
    // A wall that is a time itself leaves that one.
    foreach ([0.0, 1.0, ...$release ? [log(45, 2), log(100, 2), log(120, 2), log(125, 2), log(300, 2)] : []] as $itself) {
        expect($dial->before($itself))->toBeAbout($itself, 1e-9);
    }
})->with(['to half a minute' => 15, 'to a quarter of one' => 12, 'to eight seconds' => 9, 'to a second' => 3])
    ->with(['with a release' => true, 'without' => false]);
