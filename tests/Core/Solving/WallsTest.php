<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Filter;
use GentlePour\Kit\Lens;
use GentlePour\Solving\Averaging;
use GentlePour\Solving\Pin;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Question;
use GentlePour\Solving\Remedies;
use GentlePour\Solving\Remedy;
use GentlePour\Solving\RemedyKind;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;

// Remedies by hand. f/11 for 1/60 s at ISO 100 is EV 13 by the exact stops of the dial: through six stops 1 s at f/11, 4 s at f/22.

/** One aperture and one ISO: each stack gives one time. */
function fixedAt(float $fNumber, float $min, float $max, Filter ...$filters): Question
{
    $lens = new Lens(24, Aperture::named($fNumber), Aperture::named($fNumber), 77);

    return question(bag(array_values($filters), isoMax: 100, isoLow: null)->with(lens: $lens), $min, $max);
}

function walled(Question $q, WallKind $kind, float $seconds, string $why): Question
{
    return new Question($q->reading, $q->bias, $q->target, $q->bag, otherWalls: [new Wall($kind, ShutterTime::ofSeconds($seconds), $why)]);
}

function pinned(Question $q, Pins $pins): Question
{
    return $q->pinning($pins);
}

it('says of a wall within the look that no setting comes before it, and how far behind it the first one is', function (): void {
    $remedy = Remedies::for(walled(fixedAt(22, 1, 8, nd('Six', 6)), WallKind::Wind, 1.5, 'gusts'))[0];
    expect($remedy->kind)->toBe(RemedyKind::Wind)->and($remedy->detail)->toBe('Gusts: no setting comes before it.')
        ->and($remedy->stops)->toBeAbout(log(4 / 1.5, 2), 1e-9)->and($remedy->seconds)->toBe(4.0)->and($remedy->walls)->toBe([WallKind::Wind]);
});

it('says of a wall short of the look by how much it is, and what the look asks for', function (): void {
    $six = fixedAt(22, 1, 8, nd('Six', 6));
    $remedy = Remedies::for(walled($six, WallKind::GetOff, 2 ** -0.5, 'off it by 6:00'))[0];
    expect($remedy->detail)->toBe('Off it by 6:00: 0.5 stops short of the look, which asks for 1 s.')->and($remedy->stops)->toBeAbout(0.5, 1e-9);
    // A limit of one's own is the only one that can be set otherwise: to the shortest time that would do, whatever one likes best.
    $limit = Remedies::for(question(bag([nd('Six', 6)], isoLow: null), 1, 4, longest: 2 ** -0.5))[0];
    expect($limit->detail)->toBe('Your limit of 0.71 s is 0.5 stops short of the look, which asks for 1 s. A limit of 1 s would do.')
        ->and($limit->stops)->toBeAbout(0.5, 1e-9)->and($limit->seconds)->toBe(1.0);
});

it('leaves a wall alone behind which there is nothing either', function (): void {
    // 4 s is all there is: the wall at 10 s has nothing to do with it.
    expect(kinds(Remedies::for(walled(fixedAt(22, 8, 16, nd('Six', 6)), WallKind::Wind, 10, 'gusts'))))->toBe(['filter', 'wait', 'average', 'nearest']);
});

it('asks of a wall and what it takes besides the greater of the two', function (): void {
    // The release is 2.9 stops short; eight more are missing of filter.
    $pair = Remedies::for(question(bag([nd('Three', 3)], release: false), 240, 480))[0];
    expect($pair->stops)->toBeAbout(log(240, 2), 0.01)->and($pair->and?->stops)->toBeAbout(log(240, 2), 0.01);
    // Through ten stops nothing is missing but half a stop, and the release three.
    $other = Remedies::for(question(bag([nd('Ten', 10)], release: false, isoLow: null), 64 * 2 ** 0.5, 128))[0];
    expect($other->stops)->toBeAbout(log(64 * 2 ** 0.5 / 32, 2), 0.03)->and($other->and?->stops)->toBeAbout(0.5, 0.01);
});

it('lets go of as few pins as will do, and says which', function (Pins $pins, float $min, string $words, Pin $first): void {
    $q = pinned(question(bag([nd('Six', 6)], isoLow: null), $min, 2 * $min), $pins);
    $remedies = Remedies::for($q);
    expect($remedies)->toHaveCount(1)->and($remedies[0]->detail)->toStartWith("Let go of {$words}: it would be ")->and($remedies[0]->pin)->toBe($first);
})->with([
    // f/4 at ISO 1600 is 1/8192 s, through six stops 1/128 s; f/22 is five stops more, ISO 100 four.
    'the first two of three' => [
        fn (): Pins => new Pins(aperture: Aperture::named(4), iso: Iso::of(1600), with: [nd('Six', 6)]), 2.0, 'the aperture and the ISO', Pin::Aperture,
    ],
    'the last two' => [
        fn (): Pins => new Pins(aperture: Aperture::named(22), iso: Iso::of(1600), without: [nd('Six', 6)]), 2.0, 'the ISO and the filters', Pin::Iso,
    ],
    'the first and the last' => [
        fn (): Pins => new Pins(aperture: Aperture::named(4), iso: Iso::of(100), without: [nd('Six', 6)]), 2.0, 'the aperture and the filters',
        Pin::Aperture,
    ],
    'all three' => [
        fn (): Pins => new Pins(aperture: Aperture::named(4), iso: Iso::of(1600), without: [nd('Six', 6)]), 2.0,
        'the aperture and the ISO and the filters', Pin::Aperture,
    ],
]);

it('forgets pins that are not what is in the way', function (): void {
    $free = question(bag([], isoLow: null), 8, 16);
    expect(Remedies::for(pinned($free, new Pins(aperture: Aperture::named(4)))))->toEqual(Remedies::for($free));
});

it('says how narrow a look is that the settings step over', function (): void {
    $details = array_map(static fn (Remedy $r): string => $r->detail, Remedies::for(fixedAt(22, 2 ** 2.05, 2 ** 2.1, nd('Six', 6), nd('Seven', 7))));
    expect($details[0])->toContain('which is only 0.05 stops wide');
});

it('averages the fewest frames that have the blur', function (float $best, int $frames): void {
    // Without a filter f/22 is open for 1/16 s at the most.
    $q = question(bag([], isoLow: null), $best / 2, 2 * $best);
    $average = Averaging::of($q, Averaging::nearest($q));
    expect(Averaging::fewest($q))->toBe($frames)->and($average?->frames)->toBe($frames)->and($average?->stops)->toBeAbout(log($frames, 2), 1e-9)
        ->and($average?->seconds)->toBeAbout($best / $frames, 1e-9);
})->with([[0.5, 8], [0.525, 9], [0.15, 3], [2.0, 32], [3.9, 63], [4.0, 64]]);

it('averages nothing that one frame has, nor what no number of frames has', function (float $best): void {
    expect(Averaging::fewest(question(bag([], isoLow: null), $best / 2, 2 * $best)))->toBeNull();
})->with([1 / 16, 1 / 8, 4.1, 60.0]);

it('says what keeps the time from being what constant light on a sensor takes', function (float $drift, float $film, string $words): void {
    $q = question(bag([]), 1, 2, drift: $drift);
    $camera = $q->bag->camera;
    $camera = new GentlePour\Kit\Camera($camera->sensor, $camera->isoBase, $camera->isoLow, $camera->isoMax, $camera->longestTimed, null, $film);
    expect($q->packing($q->bag->with(camera: $camera))->gathers())->toBe($words);
})->with([[0.0, 1.0, ''], [-0.4, 1.0, 'drift'], [0.4, 1.0, 'drift'], [0.0, 1.3, 'film'], [-0.4, 1.3, 'drift and film']]);

it('knows of no drift where nobody asked for the light to drift', function (): void {
    $q = question(bag([]), 1, 2);
    expect((new Question($q->reading, $q->bias, $q->target, $q->bag))->gathers())->toBe('')
        ->and((new Question($q->reading, $q->bias, $q->target, $q->bag, drift: DriftingLight::of(0.0)))->gathers())->toBe('');
});
