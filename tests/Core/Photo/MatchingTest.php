<?php

declare(strict_types=1);

use GentlePour\Photo\CameraClock;
use GentlePour\Photo\Candidate;
use GentlePour\Photo\Matching;
use GentlePour\Photo\ShotSettings;

// Which frame a file shows. The spans are judgement; that clocks stand in other zones, and wander, is common practice.

const OPENED_AT = 1_760_000_000.0;

function shotAs(float $shutterS, float $aperture = 8.0, float $iso = 100.0): ShotSettings
{
    return new ShotSettings(aperture: $aperture, shutterS: $shutterS, iso: $iso);
}

function candidateAt(int $id, ?float $opened, float $shutterS = 30.0, ?float $baseS = 1 / 8, bool $hasPicture = false): Candidate
{
    return new Candidate($id, ($opened ?? OPENED_AT) - 120, $opened, shotAs($shutterS), $baseS === null ? null : shotAs($baseS),
        $hasPicture);
}

it('reads a camera’s clock with its zone, its parts of a second and its century, or not at all', function (string $at, ?float $unix): void {
    expect(CameraClock::unix($at))->toBe($unix);
})->with([
    'without a zone' => ['2026-11-27T08:00:00', 1_795_766_400.0], 'with one' => ['2026-11-27T08:00:00+01:00', 1_795_762_800.0],
    'west' => ['2026-11-27T08:00:00-03:30', 1_795_779_000.0], 'parts' => ['2026-11-27T08:00:00.25+00:00', 1_795_766_400.25],
    'no such day' => ['2026-02-30T08:00:00', null], 'no such hour' => ['2026-02-03T25:00:00', null],
    'no such century' => ['1066-10-14T09:00:00', null],
    'far ahead' => ['2100-01-01T00:00:00', null], 'nothing' => ['', null], 'more' => ['2026-11-27T08:00:00Z and more', null],
]);

it('knows whether a clock says its zone', function (): void {
    expect(CameraClock::knowsItsZone('2026-11-27T08:00:00+01:00'))->toBeTrue()
        ->and(CameraClock::knowsItsZone('2026-11-27T08:00:00'))->toBeFalse()
        ->and(CameraClock::unix(null))->toBeNull();
});

it('matches the first file of a camera by its settings, and learns its clock from it, in whatever zone that stands', function (float $off): void {
    $match = Matching::of(shotAs(30.4), OPENED_AT - $off, null, [candidateAt(1, OPENED_AT), candidateAt(2, OPENED_AT + 400, 4.0)]);
    expect($match?->id)->toBe(1)->and($match?->isBase)->toBeFalse()->and($match?->offsetS)->toBeAbout($off, 1e-6);
})->with([0.0, 3600.0, -7 * 3600.0, 5.5 * 3600 + 47]);

it('takes of two alike frames the one that leaves the clock nearest to a quarter of an hour', function (): void {
    $match = Matching::of(shotAs(30.0), OPENED_AT - 3605, null, [candidateAt(1, OPENED_AT - 420), candidateAt(2, OPENED_AT)]);
    expect($match?->id)->toBe(2)->and($match?->offsetS)->toBeAbout(3605.0, 1e-6);
});

it('goes by time alone once the clock is known, whatever the dials said', function (): void {
    $frames = [candidateAt(1, OPENED_AT), candidateAt(2, OPENED_AT + 600)];
    $match = Matching::of(shotAs(31.0, 11.0, 200.0), OPENED_AT + 600 - 3600 + 4, 3600.0, $frames);
    // The clock has wandered by four seconds: that is learned, too.
    expect($match?->id)->toBe(2)->and($match?->offsetS)->toBeAbout(3596.0, 1e-6);
    expect(Matching::of(shotAs(30.0), OPENED_AT + 149, 0.0, $frames)?->id)->toBe(1)
        ->and(Matching::of(shotAs(30.0), OPENED_AT + 151, 0.0, [$frames[0]]))->toBeNull()
        // Open twice as long and more it is another frame.
        ->and(Matching::of(shotAs(61.0), OPENED_AT, 0.0, [$frames[0]]))->toBeNull()
        ->and(Matching::of(shotAs(59.0), OPENED_AT, 0.0, [$frames[0]])?->id)->toBe(1);
});

it('gives no frame a second picture, and a base to the frame that it was read for', function (): void {
    expect(Matching::of(shotAs(30.0), OPENED_AT, 0.0, [candidateAt(1, OPENED_AT, hasPicture: true)]))->toBeNull();
    $frames = [candidateAt(1, OPENED_AT, hasPicture: true), candidateAt(2, OPENED_AT + 1000, baseS: 1 / 4)];
    $base = Matching::of(shotAs(1 / 8), OPENED_AT - 90, 0.0, $frames);
    expect($base?->id)->toBe(1)->and($base?->isBase)->toBeTrue()->and($base?->offsetS)->toBe(0.0)
        ->and(Matching::of(shotAs(1 / 4), OPENED_AT - 90, 0.0, $frames)?->id)->toBe(2)
        // An hour before, ten minutes after, and no more.
        ->and(Matching::of(shotAs(1 / 8), OPENED_AT - 3601, 0.0, [$frames[0]]))->toBeNull()
        ->and(Matching::of(shotAs(1 / 8), OPENED_AT + 601, 0.0, [$frames[0]]))->toBeNull()
        ->and(Matching::of(shotAs(1 / 15), OPENED_AT - 90, 0.0, [$frames[0]]))->toBeNull()
        ->and(Matching::of(shotAs(1 / 8), OPENED_AT - 90, null, [candidateAt(3, OPENED_AT)])?->isBase)->toBeTrue();
});

it('finds a frame that was planned and not counted, within half a day', function (): void {
    $planned = [candidateAt(7, null)];
    expect(Matching::of(shotAs(30.0), OPENED_AT + 3600, 0.0, $planned)?->id)->toBe(7)
        ->and(Matching::of(shotAs(30.0), OPENED_AT + 13 * 3600, 0.0, $planned))->toBeNull()
        ->and(Matching::of(shotAs(30.0), OPENED_AT - 400, 0.0, $planned))->toBeNull()
        ->and(Matching::of(shotAs(8.0), OPENED_AT + 3600, 0.0, $planned))->toBeNull()
        ->and(Matching::of(shotAs(30.0), OPENED_AT, null, $planned)?->offsetS)->toBeNull();
});

it('finds nothing where the file does not say how it was exposed, and the clock is not known', function (): void {
    expect(Matching::of(new ShotSettings, OPENED_AT, null, [candidateAt(1, OPENED_AT)]))->toBeNull()
        ->and(Matching::of(new ShotSettings, OPENED_AT, 0.0, [candidateAt(1, OPENED_AT)])?->id)->toBe(1)
        ->and(Matching::of(shotAs(30.0), OPENED_AT + 15 * 3600, null, [candidateAt(1, OPENED_AT)]))->toBeNull();
});
