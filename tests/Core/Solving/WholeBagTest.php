<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Kit\Stacks;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Habits;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\Improvements;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Question;
use GentlePour\Solving\Ranking;
use GentlePour\Solving\Term;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use GentlePour\Solving\Warnings;
use GentlePour\Solving\Way;

/** Steady seconds that an open time gathers in this light on this material, by the closed forms and apart from the solver. */
function gathered(Question $q, float $open): float
{
    $a = ($q->drift->stopsPerMinute ?? 0.0) * M_LN2 / 60;
    $steady = abs($a) < 1e-12 ? $open : (exp($a * $open) - 1) / $a;

    return $steady > 1 ? $steady ** (1 / $q->bag->camera->reciprocity) : $steady;
}

it('obeys every hard rule and wall with thousands of bags, and is exact to a hundredth of a stop before rounding', function (int $from): void {
    $ways = 0;
    for ($seed = $from; $seed < $from + 500; $seed++) {
        $q = anyQuestion($seed);
        $wanted = 100 * 2 ** $q->bias->value / 2 ** $q->reading->ev100();
        $answer = BackSolver::solve($q, 12);
        if ($answer->ways === [] && $answer->remedies === []) {
            throw new RuntimeException("Seed {$seed}: neither ways nor remedies.");
        }
        foreach ([...$answer->ways, ...$answer->byStack] as $way) {
            $ways++;
            $off = log(
                gathered($q, $way->exact->seconds) / $way->aperture->number ** 2 * $way->iso->speed / 2 ** $way->stack->value / $wanted, 2,
            );
            $kinds = array_count_values(array_map(static fn (Filter $f): string => $f->kind->value, $way->filters->filters));
            $slotted = count(array_filter($way->filters->filters, static fn (Filter $f): bool => $f->mount === Mount::Slot));
            $screwed = count($way->filters->filters) - $slotted;
            $holderGoes = $q->bag->adapters === [] || in_array(77.0, $q->bag->adapters, true) || (
                in_array(82.0, $q->bag->adapters, true) && $q->bag->rings !== []
            );
            $threads = array_filter($way->filters->filters, static fn (Filter $f): bool => $f->mount === Mount::Thread
                && ! in_array($f->threadMm, $q->bag->rings === [] ? [77.0] : [77.0, 82.0], true));
            $problem = match (true) {
                abs($off) > 0.01 => sprintf('exposure off by %.3f stops', $off),
                abs(log($way->shutter->seconds / $way->exact->seconds, 2)) > 1 / 6 + 1e-6 => 'rounded by more than a sixth',
                ! $q->target->contains($way->shutter) => 'outside of the window',
                array_filter(
                    $q->walls(), static fn (Wall $w): bool => $way->shutter->seconds > $w->longest->seconds * (1 + 1e-6),
                ) !== [] => 'over a wall',
                $way->bulb && ! $q->bag->release => 'bulb without a release',
                $slotted > $q->bag->slots => 'more filters than slots',
                $slotted - count($q->staying) > 0 && ! $holderGoes => 'a holder that does not go before the lens',
                $screwed > 2 => 'more than two screwed in',
                ($kinds['variable'] ?? 0) > 1 || ($kinds['polariser'] ?? 0) > 1 => 'two of a kind that goes once',
                isset($kinds['variable'], $kinds['polariser']) => 'a variable filter with a polariser',
                $threads !== [] => 'a thread that nothing bridges',
                $way->filters->crossed && ($kinds['graduated'] ?? 0) !== 2 => 'crossed, and not two',
                ! $way->filters->crossed && ($kinds['graduated'] ?? 0) !== count($q->staying) => 'graduated filters come and go',
                in_array(
                    null,
                    array_map(
                        static fn (Filter $f): ?Stops => $f->kind === FilterKind::Graduated ? Stops::zero() : $f->stops(),
                        $way->filters->filters,
                    ),
                    true,
                ) => 'a density nobody knows',
                abs(
                    $way->score() - array_sum(array_map(static fn (Term $t): float => $t->stops, $way->terms)),
                ) > 1e-9 => 'a score that is not its terms',
                default => null,
            };
            if ($problem !== null) {
                throw new RuntimeException(
                    "Seed {$seed}: {$problem} in {$way->filters->label()} {$way->shutterLabel()} {$way->aperture->label()}",
                );
            }
        }
    }
    expect($ways)->toBeGreaterThan(500);
})->with([1, 501, 1001, 1501]);

it('leaves out nothing better: brute force over the same bags finds none below its best score', function (): void {
    $compared = 0;
    for ($seed = 5000; $seed < 5160; $seed++) {
        $q = anyQuestion($seed);
        $scale = new Ranking($q);
        $wall = $q->walls()[0]->longest->seconds ?? INF;
        $least = INF;
        foreach (Stacks::of($q->bag, $q->staying) as $stack) {
            if ($stack->isVariable()) {
                continue;
            }
            foreach ($q->bag->camera->isos() as $iso) {
                foreach ($q->bag->lens->apertures() as $aperture) {
                    $bare = $aperture->number ** 2 * 2 ** $stack->darkest->value * 100 / $iso->speed * 2 ** $q->bias->value / 2 ** $q->reading->ev100();
                    $filmed = $bare > 1 ? $bare ** $q->bag->camera->reciprocity : $bare;
                    $a = ($q->drift->stopsPerMinute ?? 0.0) * M_LN2 / 60;
                    $exact = abs($a) < 1e-12 ? $filmed : ($a * $filmed <= -1 ? INF : log(1 + $a * $filmed) / $a);
                    if (! is_finite($exact) || $exact < ShutterTime::SHORTEST_S || $exact > ShutterTime::LONGEST_S) {
                        continue;
                    }
                    $longestThirds = (int) round(3 * log($q->bag->camera->longestTimed->seconds, 2));
                    $timed = 3 * log($exact, 2) <= $longestThirds + 0.5;
                    $shutter = $timed
                        ? 2 ** (min($longestThirds, round(3 * log($exact, 2) - 1e-9)) / 3)
                        : ShutterTime::ofSeconds($exact)->counted()->seconds;
                    if ((! $timed && ! $q->bag->release) || ! $q->target->contains(ShutterTime::ofSeconds($shutter))
                        || $shutter > $wall * (1 + 1e-9)) {
                        continue;
                    }
                    $least = min(
                        $least,
                        array_sum(
                            array_map(
                                static fn (Term $t): float => $t->stops, $scale->terms($stack, $iso, $aperture, $shutter, $exact, ! $timed),
                            ),
                        ),
                    );
                }
            }
        }
        $best = BackSolver::solve($q, 5)->best()?->score() ?? INF;
        if ($best > $least + 0.02) {
            throw new RuntimeException("Seed {$seed}: brute force has {$least}, the solver {$best}.");
        }
        $compared += is_finite($least) ? 1 : 0;
    }
    expect($compared)->toBeGreaterThan(50);
});

it('never loses a way when the window is widened, nor gains by leaving something at home', function (): void {
    for ($seed = 8000; $seed < 8150; $seed++) {
        $q = anyQuestion($seed);
        $answer = BackSolver::solve($q, 5);
        $wide = $q->with(ShutterWindow::of(
            ShutterTime::ofSeconds(max(ShutterTime::SHORTEST_S, $q->target->min->seconds / 2)),
            ShutterTime::ofSeconds(min(ShutterTime::LONGEST_S, $q->target->max->seconds * 2)), $q->target->best,
        ));
        $less = $q->packing(
            new Bag(
                $q->bag->camera, $q->bag->lens, array_slice($q->bag->filters, 0, -1), $q->bag->slots, $q->bag->release, $q->bag->rings,
                $q->bag->adapters,
            ),
        );
        $bare = $q->packing(
            new Bag($q->bag->camera, $q->bag->lens, $q->bag->filters, $q->bag->slots, false, $q->bag->rings, $q->bag->adapters),
        );
        $best = $answer->best()?->score() ?? INF;
        expect(BackSolver::solve($wide, 5)->count)->toBeGreaterThanOrEqual($answer->count)
            ->and(BackSolver::solve($less, 5)->best()?->score() ?? INF)->toBeGreaterThanOrEqual($best - 1e-9)
            ->and(BackSolver::solve($bare, 5)->best()?->score() ?? INF)->toBeGreaterThanOrEqual($best - 1e-9);
    }
});

it('gives the best for each stack of filters, best first', function (): void {
    $answer = BackSolver::solve(question(bag([nd('Three', 3), nd('Six', 6), nd('Ten', 10)]), 0.5, 8));
    $labels = array_map(static fn (Way $w): string => $w->filters->label(), $answer->byStack);

    expect($labels)->toBe(array_values(array_unique($labels)))->and(count($labels))->toBeGreaterThan(2);
    foreach ($answer->byStack as $i => $way) {
        expect($way->score())->toBeGreaterThanOrEqual(($answer->byStack[$i - 1] ?? $way)->score() - 0.01);
    }
});

it('counts a polariser that was on for the reading as nothing extra (common practice)', function (): void {
    $pola = Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(1.5), threadMm: 77);
    $six = nd('Six', 6);
    $on = new Question(
        new Reading(new Exposure(Aperture::named(11), ShutterTime::onDial(-18), Iso::of(100)), Stops::of(1.5)), Stops::zero(),
        ShutterWindow::of(ShutterTime::ofSeconds(0.9), ShutterTime::ofSeconds(1.1)), bag([$pola, $six]),
    );
    $both = array_values(
        array_filter(
            BackSolver::solve($on)->ways,
            static fn (Way $w): bool => $w->filters->label() === 'Pola + Six' && $w->aperture->label() === 'f/11'
                && $w->iso->label() === '100',
        ),
    );

    // 1/64 s with six stops more is a second: the polariser's light is in the reading already.
    expect($both[0]->exact->seconds)->toBeAbout(1.0, 1e-9);
});

it('leaves a graduated filter of the reading on, in its slot and at no cost (common practice)', function (): void {
    $grad = Filter::of('Soft', FilterKind::Graduated, Mount::Slot, Stops::of(3));
    $stacks = Stacks::of(bag([$grad, nd('Six', 6), nd('Ten', 10)], slots: 2), [$grad]);
    $labels = array_map(static fn (FilterStack $s): string => $s->label(), $stacks);

    expect($labels)->toBe(['Soft', 'Ten + Soft', 'Six + Soft'])->and($stacks[1]->darkest->value)->toBe(10.0);
});

it('crosses two graduated filters as a makeshift: the weaker counts in full, the rest is uneven (common practice)', function (): void {
    $bag = bag(
        [
            Filter::of('Soft', FilterKind::Graduated, Mount::Slot, Stops::of(2)),
            Filter::of('Hard', FilterKind::Graduated, Mount::Slot, Stops::of(3)),
        ],
        isoLow: null, isoMax: 100,
    );
    $way = BackSolver::solve(question($bag, 0.055, 0.07))->best();

    expect($way?->filters->crossed)->toBeTrue()->and($way->stack->value)->toBe(2.0)->and($way->filters->uneven)->toBe(1.0)
        ->and($way->filters->label())->toContain(' × ')
        ->and(implode(' ', array_map(static fn (Term $t): string => $t->why, $way->terms)))->toContain('uneven by 1.0 stops')
        ->and(BackSolver::solve(question(bag($bag->filters, slots: 1, isoLow: null, isoMax: 100), 0.055, 0.07))->best()?->filters->count()
            ?? 0)->toBe(0);
});

it('puts the holder only before a lens that an adapter fits', function (): void {
    $with = fn (array $adapters, array $rings): int => count(
        Stacks::of(new Bag(bag([])->camera, bag([])->lens, [nd('Six', 6)], 2, true, $rings, $adapters)),
    );

    expect($with([], []))->toBe(2)
        ->and($with([77.0], []))->toBe(2)
        ->and($with([82.0], []))->toBe(1)
        ->and($with([82.0], [[77.0, 82.0]]))->toBe(2);
});

it('halves the time left on the clock, and the battery, with noise reduction in the camera', function (): void {
    $bag = new Bag(
        new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(100), ShutterTime::onDial(15), 10.0), bag([])->lens, [], 0, true,
    );
    $walls = static fn (NoiseReductionHabit $noise): array => array_map(static fn (Wall $w): array => [
        $w->kind, $w->longest->seconds,
    ], (new Question(
        new Reading(new Exposure(Aperture::named(11), ShutterTime::onDial(-18), Iso::of(100)), Stops::zero()), Stops::zero(),
        ShutterWindow::of(ShutterTime::ofSeconds(1), ShutterTime::ofSeconds(900)), $bag,
        habits: new Habits(noiseReduction: $noise),
        otherWalls: [
            new Wall(WallKind::GetOff, ShutterTime::ofSeconds(400), 'get off by 7:40'),
            new Wall(WallKind::Wind, ShutterTime::ofSeconds(300), 'wind'),
        ],
    ))->walls());

    expect($walls(NoiseReductionHabit::Later))->toBe([[WallKind::Wind, 300.0], [WallKind::GetOff, 400.0], [WallKind::Battery, 600.0]])
        ->and($walls(NoiseReductionHabit::InCamera))
        ->toBe([[WallKind::GetOff, 200.0], [WallKind::Wind, 300.0], [WallKind::Battery, 300.0]]);
});

it('goes by the lens’s own best apertures, where they are known', function (): void {
    $lens = new Lens(24, Aperture::named(2.8), Aperture::named(22), 77, [Aperture::named(5.6), Aperture::named(6.3)]);
    $q = question(bag([nd('Six', 6)]), 0.2, 0.5);
    $way = BackSolver::solve($q->packing(new Bag($q->bag->camera, $lens, $q->bag->filters, 2, true)))->best();

    expect($way?->aperture->number)->toBeGreaterThan(5.0)->toBeLessThan(7.0)->and($way->why())->toContain('sharpest');
});

it('stops down for the depth that is asked, and says what would do', function (): void {
    $q = question(bag([nd('Six', 6)], isoMax: 100, isoLow: null), 0.3, 4);
    $deep = new Question($q->reading, $q->bias, $q->target, $q->bag, sharp: SharpRange::of(1.0));
    [$plain, $way] = [BackSolver::solve($q)->best(), BackSolver::solve($deep)->best()];
    // 24 mm sharp from 1 m to the horizon: f^2 / (2 c) is about 10 (closed form).
    expect($deep->depth()->needed(SharpRange::of(1.0)))->toBeAbout(0.024 ** 2 / (2 * hypot(36, 24) / 1500 / 1000), 0.25)
        ->and($way?->aperture->number)->toBeGreaterThanOrEqual(9.9)->and($plain?->score())->toBeLessThanOrEqual($way->score() + 1e-9);
    $shallow = array_values(
        array_filter(BackSolver::solve($deep, 200)->ways, static fn (Way $w): bool => $w->aperture->number < 7),
    )[0] ?? null;
    expect(implode(' ', array_map(static fn (Term $t): string => $t->why, $shallow->terms ?? [])))->toContain('would do');
});

it('says what a small change would gain: the release, a filter at home, one worth buying', function (): void {
    $found = Improvements::of(question(bag([nd('Three', 3)], release: false), 60, 240, '1/8'), [nd('Ten', 10)]);
    expect($found)->toBe([]);

    $found = Improvements::of(question(bag([nd('Three', 3)]), 10, 40, '1/30'), [nd('Ten', 10)]);
    expect(kinds($found))->toContain('pack')->and($found[0]->stops)->toBeGreaterThan(0.4)->and($found[0]->detail)->toContain('It would be');

    $found = Improvements::of(question(bag([nd('Ten', 10)], release: false), 30, 240, '1/15'), []);
    expect(kinds($found))->toContain('release');
});

it('sees the light fail: nine tenths of all it will ever give are gathered by then', function (): void {
    $fading = question(bag([nd('Ten', 10)]), 30, 1200, drift: -0.4);
    $wall = array_values(array_filter($fading->walls(), static fn (Wall $w): bool => $w->kind === WallKind::Light))[0];
    $light = DriftingLight::of(-0.4);
    $all = -60 / (-0.4 * M_LN2);

    expect($light->steadySeconds($wall->longest->seconds) / $all)->toBeAbout(0.9, 0.001)
        ->and(question(bag([]), 1, 2, drift: 0.4)->walls())->toBe([]);
});

it('names the habit in the term it changes', function (): void {
    // A tenth of a stop of bias, so that no time falls on the dial.
    $says = static fn (Habits $habits, float $bias, string $words): bool => str_contains(implode(' ', array_merge(...array_map(
        static fn (Way $w): array => array_map(static fn (Term $t): string => $t->why, $w->terms),
        BackSolver::solve(question(bag([nd('Ten', 10)]), 0.5, 4, bias: $bias, habits: $habits), 200)->ways,
    ))), $words);

    expect($says(new Habits(iso: IsoHabit::Lowest), 0, 'and you keep it low'))->toBeTrue()
        ->and($says(new Habits(iso: IsoHabit::Raised), 0, 'raised freely as you like'))->toBeTrue()
        ->and($says(new Habits, -0.1, 'and you protect highlights'))->toBeTrue()
        ->and($says(new Habits(highlights: HighlightHabit::ExposeRight), 0.1, 'and you expose to the right'))->toBeTrue();
});

it('says what to set a variable filter to: what is left of the stack beside the others', function (): void {
    $variable = Filter::of('Vario', FilterKind::Variable, Mount::Thread, Stops::of(8), lightest: Stops::of(2));
    $stack = FilterStack::of([nd('Three', 3), $variable]);
    $warnings = Warnings::of(question(bag([]), 1, 4), $stack, ShutterTime::ofSeconds(2), false, 7.5);
    expect($warnings)->toBe(['Set “Vario” to 4.5 stops; near its dark end a cross may show.'])
        ->and(Warnings::of(question(bag([]), 1, 4), $stack, ShutterTime::ofSeconds(241), true, 7.5)[1])->toStartWith('Over four minutes')
        ->and(Warnings::of(question(bag([]), 1, 4), $stack, ShutterTime::ofSeconds(240), true, 7.5))->toHaveCount(1);
});
