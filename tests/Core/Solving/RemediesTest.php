<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\FrameMean;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Question;
use GentlePour\Solving\Remedy;
use GentlePour\Solving\RemedyKind;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;

// Remedies are promises: each is carried out here by hand, from the numbers that it says, and must then give an answer.

/** @param  array<string, mixed>  $changes  of the question's parts by their names */
function asked(Question $q, array $changes): Question
{
    return new Question(...$changes + [
        'reading' => $q->reading, 'bias' => $q->bias, 'target' => $q->target, 'bag' => $q->bag, 'longest' => $q->longest,
        'drift' => $q->drift,
        'habits' => $q->habits, 'otherWalls' => $q->otherWalls, 'sharp' => $q->sharp, 'staying' => $q->staying, 'pins' => $q->pins,
        'insists' => $q->insists,
    ]);
}

/** @param  array<string, mixed>  $changes */
function repacked(Bag $bag, array $changes): Bag
{
    return new Bag(...$changes + [
        'camera' => $bag->camera, 'lens' => $bag->lens, 'filters' => $bag->filters, 'slots' => $bag->slots, 'release' => $bag->release,
        'rings' => $bag->rings, 'adapters' => $bag->adapters,
    ]);
}

function cameraWith(Camera $c, ?float $moreIso = null, bool $mains = false): Camera
{
    return new Camera(
        $c->sensor, $c->isoBase, $c->isoLow, $moreIso === null ? $c->isoMax : Iso::of($c->isoMax->speed * 2 ** $moreIso), $c->longestTimed,
        $mains ? null : $c->batteryMinutes, $c->reciprocity,
    );
}

function wallGone(Question $q, WallKind $kind, ?float $seconds): Question
{
    $others = array_values(array_filter($q->otherWalls, static fn (Wall $w): bool => $w->kind !== $kind));

    return match ($kind) {
        WallKind::Release => asked($q, ['bag' => repacked($q->bag, ['release' => true])]),
        WallKind::Longest => asked($q, ['longest' => $seconds === null ? null : ShutterTime::ofSeconds($seconds)]),
        WallKind::Battery => asked($q, ['bag' => repacked($q->bag, ['camera' => cameraWith($q->bag->camera, mains: true)])]),
        WallKind::Light => asked($q, ['drift' => null]),
        WallKind::Wind, WallKind::GetOff => asked($q, ['otherWalls' => $others]),
    };
}

/** The question as it stands once a remedy has been carried out. */
function carriedOut(Question $q, Remedy $remedy): Question
{
    foreach ($remedy->walls as $wall) {
        $q = wallGone($q, $wall, $remedy->seconds);
    }
    if ($remedy->and !== null) {
        return carriedOut($q, $remedy->and);
    }
    $bag = $q->bag;

    return match ($remedy->kind) {
        RemedyKind::Release, RemedyKind::Limit, RemedyKind::Battery, RemedyKind::Light, RemedyKind::Wind, RemedyKind::GetOff => $q,
        RemedyKind::Filter => asked($q, ['bag' => repacked($bag, ['filters' => [
            ...$bag->filters, Filter::of('bought', FilterKind::NeutralDensity, $bag->holderFits() ? Mount::Slot : Mount::Thread,
                Stops::of((float) $remedy->amount)),
        ]])]),
        RemedyKind::Fit => asked($q, ['bag' => repacked($bag, ['filters' => array_map(
            static fn (Filter $f): Filter => $f->name !== $remedy->filter?->name ? $f
                : Filter::of($f->name, $f->kind, Mount::Thread, $f->stops(), $f->stops(), $f->lightest, null, $f->cast), $bag->filters,
        )])]),
        RemedyKind::Wait => asked($q,
            ['reading' => new Reading($q->reading->exposure, Stops::of((float) $remedy->ev100 - $q->reading->exposure->ev100()))]),
        RemedyKind::Leave => asked($q, ['pins' => new Pins(without: [...$q->pins->without, $remedy->filter ?? throw new LogicException])]),
        RemedyKind::Iso => asked($q, ['bag' => repacked($bag, ['camera' => cameraWith($bag->camera, $remedy->amount)])]),
        RemedyKind::Aperture => asked($q, ['bag' => repacked($bag, ['lens' => new Lens(
            $bag->lens->focalLengthMm, Aperture::of($bag->lens->widest->number * 2 ** (-$remedy->amount / 2)), $bag->lens->smallest,
            $bag->lens->threadMm, $bag->lens->preferred,
        )])]),
        RemedyKind::Average => asked($q, ['target' => FrameMean::of($q->target, (int) $remedy->frames)]),
        RemedyKind::Nearest => asked($q, [
            'target' => ShutterWindow::of($time = ShutterTime::ofSeconds((float) $remedy->seconds), $time), 'pins' => new Pins($time),
        ]),
        RemedyKind::Window => asked($q, ['target' => ShutterWindow::of(
            ShutterTime::ofSeconds(min($q->target->min->seconds, (float) $remedy->seconds)),
            ShutterTime::ofSeconds(max($q->target->max->seconds, (float) $remedy->seconds)),
        )]),
        RemedyKind::Pin => asked($q, ['pins' => $q->pins->lettingGoOf($remedy->pin ?? throw new LogicException)]),
        RemedyKind::Pack, RemedyKind::Buy => throw new LogicException('An improvement is no remedy.'),
    };
}

it('keeps every remedy under every wall: carried out, it gives an answer (a thousand bags, lights and walls by chance)', function (int $from): void {
    $tried = [];
    for ($seed = $from, $end = $from + (getenv('PEST_MUTATION_TESTING') === false ? 250 : 60); $seed < $end; $seed++) {
        $q = anyQuestion($seed);
        $one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        // Filters of the reading that stay on, light that drifts, and walls of every kind.
        $solid = array_values(array_filter($q->bag->filters, static fn (Filter $f): bool => $f->setsTheTime()
            && $f->mount === Mount::Slot));
        $walls = [
            [], [new Wall(WallKind::Wind, ShutterTime::ofSeconds(mt_rand(1, 200)), 'wind')],
            [new Wall(WallKind::GetOff, ShutterTime::ofSeconds(mt_rand(1, 400)), 'get off by 6:00')],
            [new Wall(WallKind::Wind, ShutterTime::ofSeconds(30), 'wind'),
                new Wall(WallKind::GetOff, ShutterTime::ofSeconds(20), 'get off by 6:00')],
        ];
        $q = asked($q, [
            'otherWalls' => $one($walls), 'drift' => $one([null, DriftingLight::of(-0.4), DriftingLight::of(0.3)]),
            'longest' => $one([null, ShutterTime::ofSeconds(mt_rand(1, 90))]),
            'staying' => $solid === [] || ! $q->bag->holderFits() ? [] : $one([[], [$solid[0]]]),
        ]);
        $answer = BackSolver::solve($q, 4);
        if ($answer->ways !== []) {
            continue;
        }
        expect($answer->remedies)->not->toBe([]);
        foreach ($answer->remedies as $remedy) {
            expect($remedy->detail)->not->toContain('1.00 stops')->not->toContain(' 1 stops')->not->toContain('-')
                ->and($remedy->stops)->toBeGreaterThanOrEqual(0.0);
            if ($remedy->kind === RemedyKind::Window && $remedy->seconds === null) {
                // Nothing at all can be had: then no other time can either.
                expect(BackSolver::solve(asked($q, ['target' => ShutterWindow::any($q->target->best)]), 1)->ways)->toBe([]);

                continue;
            }
            $tried[$remedy->kind->value] = ($tried[$remedy->kind->value] ?? 0) + 1;
            expect(BackSolver::solve(carriedOut($q, $remedy), 1)->ways)->not
                ->toBe([], "seed {$seed}: {$remedy->kind->value}: {$remedy->detail}");
        }
    }
    getenv('PEST_MUTATION_TESTING') !== false
        ?: expect(array_sum($tried))->toBeGreaterThan(100)->and(array_keys($tried))->toContain('filter', 'wait', 'nearest', 'limit',
            'average', 'iso');
})->with([50000, 51000, 52000, 53000]);

it('averages only where there is time and light for all of the frames', function (): void {
    $bright = fn (array $changes): array => kinds(BackSolver::solve(asked(question(bag([nd('Three', 3)]), 20, 60), $changes))->remedies);
    expect($bright([]))->toContain('average')
        // Thirty-five frames of a second are half a minute of battery, of light and of dry rock.
        ->and($bright(['otherWalls' => [new Wall(WallKind::GetOff, ShutterTime::ofSeconds(10), 'get off by 6:00')]]))->not
        ->toContain('average')
        ->and($bright(['otherWalls' => [new Wall(WallKind::Wind, ShutterTime::ofSeconds(10), 'wind')]]))->toContain('average')
        ->and($bright(['drift' => DriftingLight::of(-3.0)]))->toContain('average')
        // On film each frame would be its own.
        ->and(kinds(BackSolver::solve(asked($film = question(bag([nd('Three', 3)]), 20, 60), ['bag' => repacked($film->bag, [
            'camera' => new Camera($film->bag->camera->sensor, $film->bag->camera->isoBase, null, $film->bag->camera->isoMax,
                $film->bag->camera->longestTimed, null, 1.3),
        ])]))->remedies))->not->toContain('average');
});

it('counts what is missing in stops of filter: on film and in light that grows the open time asks for less of it', function (): void {
    $steady = question(bag([nd('Three', 3)]), 20, 60);
    $film = asked($steady, ['bag' => repacked($steady->bag, ['camera' => new Camera(
        $steady->bag->camera->sensor, $steady->bag->camera->isoBase, $steady->bag->camera->isoLow, $steady->bag->camera->isoMax,
        $steady->bag->camera->longestTimed, null, 1.3,
    )])]);
    $grows = asked($steady, ['drift' => DriftingLight::of(0.6)]);
    $short = fn (Question $q): float => BackSolver::solve($q)->remedies[0]->stops;
    // 20 s on film of p = 1.3 are 20^(1/1.3) = 10.02 s of constant light; with 0.6 stops a minute more of it, (2^0.2 - 1) / (0.01 ln 2) = 21.45 s.
    expect($short($steady))->toBeAbout(log(20, 2), 0.01)->and($short($film))->toBeAbout(log(20 ** (1 / 1.3), 2), 0.01)
        ->and($short($grows))->toBeAbout(log((2 ** 0.2 - 1) / (0.01 * M_LN2), 2), 0.01);
});

it('offers the release and a filter together where either alone does nothing', function (): void {
    $answer = BackSolver::solve(question(bag([nd('Three', 3)], release: false), 240, 480));
    $pair = $answer->remedies[0];

    expect($pair->kind)->toBe(RemedyKind::Release)->and($pair->walls)->toBe([WallKind::Release])
        ->and($pair->and?->kind)->toBe(RemedyKind::Filter)
        ->and($pair->detail)->toBe('Take a release: the camera times 30 s at most, 2.9 stops short of the look. And besides: add a filter of 8 stops: '
            .'the darkest your bag makes is 7.9 stops short of the look, and 8.4 of its middle.');
});

it('names the wall that leaves no setting inside of the look, and not the steps of the dial', function (): void {
    // Two hours wide, and the limit lies just behind its beginning: only the ten-stop filter reaches it, at twice the time.
    $q = asked(question(bag([nd('Ten', 10)], isoMax: 100, isoLow: null), 6.5, 900),
        ['longest' => ShutterTime::ofSeconds(6.6), 'bag' => repacked(
            question(bag([nd('Ten', 10)], isoMax: 100, isoLow: null), 1, 2)->bag,
            ['lens' => new Lens(24, Aperture::named(11), Aperture::named(22))],
        )]);
    $answer = BackSolver::solve($q);

    expect($answer->ways)->toBe([])->and($answer->remedies[0]->kind)->toBe(RemedyKind::Limit)
        ->and($answer->remedies[0]->detail)->not->toContain('step over');
});

it('says a stop as one and stops as many', function (): void {
    $third = ShutterTime::ofSeconds(2 ** 0.05);
    $narrow = asked(question(bag([], isoMax: 100, isoLow: null), 1, 2),
        ['target' => ShutterWindow::of($third, ShutterTime::ofSeconds(2 ** 0.10)), 'bag' => repacked(
            question(bag([], isoMax: 100, isoLow: null), 1, 2)->bag, ['lens' => new Lens(24, Aperture::named(4), Aperture::named(22))],
        )]);
    $details = implode(' ', array_map(static fn (Remedy $r): string => $r->detail, BackSolver::solve($narrow)->remedies));

    expect($details)->not->toContain(' 1 stops')->not->toContain('1.00 stops');
    expect(BackSolver::solve(question(bag([nd('Three', 3)]), 2 ** 0.9, 3 * 2 ** 0.9))->remedies[0]->detail)
        ->toContain('a filter of 1 stop:');
});
