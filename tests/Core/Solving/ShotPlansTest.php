<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\Picture;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\BracketStep;
use GentlePour\Solving\FrameMean;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Question;
use GentlePour\Solving\Shot;
use GentlePour\Solving\ShotPlans;
use GentlePour\Solving\ShotRole;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;

function plain(float $min = 0.5, float $max = 4): Question
{
    return question(
        bag([nd('Three', 3), nd('Six', 6), nd('Ten', 10), Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(1.5))]), $min,
        $max,
    );
}

it('brackets by time with everything else as it is', function (): void {
    $q = plain();
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    $plan = ShotPlans::bracketByTime($q, $way, 2);

    expect($plan->shots)->toHaveCount(5);
    foreach ($plan->shots as $i => $shot) {
        expect($shot->way->exact->stopsFrom($way->exact)->value)->toBeAbout($i - 2, 1e-9)
            ->and($shot->way->aperture)->toEqual($way->aperture)
            ->and($shot->role)->toBe(ShotRole::Bracket);
    }
});

it('brackets by aperture at equal blur', function (): void {
    $q = plain();
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    $plan = ShotPlans::bracketByAperture($q, $way, 1);

    expect($plan->shots)->toHaveCount(3);
    foreach ($plan->shots as $i => $shot) {
        expect($shot->way->shutter->seconds)->toBe($way->shutter->seconds)
            ->and($shot->way->aperture->stopsFrom($way->aperture)->value)->toBeAbout(1 - $i, 1e-9);
    }
});

it('brackets by thirds, halves and full stops, by time and by aperture, and names each', function (BracketStep $step, string $first, string $last): void {
    $q = plain();
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    foreach ([ShotPlans::bracketByTime($q, $way, 2, $step)->shots,
        ShotPlans::bracketByAperture($q, $way, 1, $step)->shots] as $by => $shots) {
        expect($shots)->toHaveCount($by === 0 ? 5 : 3);
        foreach ($shots as $i => $shot) {
            $asked = ($i - intdiv(count($shots), 2)) * $step->stops();
            $got = $by === 0 ? $shot->way->exact->stopsFrom($way->exact)->value : -$shot->way->aperture->stopsFrom($way->aperture)->value;
            expect($got)->toBeAbout($asked, $by === 0 ? 1e-9 : 0.02);
        }
    }
    $time = ShotPlans::bracketByTime($q, $way, 2, $step)->shots;
    expect($time[0]->purpose)->toBe($first.' by time')->and($time[4]->purpose)->toBe($last.' by time');
})->with([[BracketStep::Third, '−⅔', '+⅔'], [BracketStep::Half, '−1', '+1'], [BracketStep::Full, '−2', '+2']]);

it('writes steps as stops', function (): void {
    expect(array_map(BracketStep::Third->words(...), [-4, -3, -1, 1, 2, 4]))->toBe(['−1⅓', '−1', '−⅓', '+⅓', '+⅔', '+1⅓'])
        ->and(array_map(BracketStep::Half->words(...), [-3, 1, 2, 4]))->toBe(['−1½', '+½', '+1', '+2']);
});

it('brackets the base frame bare and with the polariser, at the reading’s own aperture and ISO (common practice)', function (): void {
    $q = plain();
    $plan = ShotPlans::bracketOfBase($q, 1);
    $reading = $q->reading->exposure;
    expect(array_map(fn (Shot $s): string => $s->purpose, $plan->shots))->toBe([
        'base frame, bare, −1', 'base frame, bare', 'base frame, bare, +1',
        'base frame, with Pola, −1', 'base frame, with Pola', 'base frame, with Pola, +1',
    ])->and($plan->shots[1]->way->shutter->seconds)->toBeWithinStops($reading->shutter->seconds, 1e-6)
        ->and($plan->shots[4]->way->exact->stopsFrom($plan->shots[1]->way->exact)->value)->toBeAbout(1.5, 1e-6);
    foreach ($plan->shots as $shot) {
        expect([$shot->way->aperture->number, $shot->way->iso->speed, $shot->role])->toEqual([$reading->aperture->number,
            $reading->iso->speed, ShotRole::Bracket]);
    }
    expect(ShotPlans::bracketOfBase(question(bag([nd('Six', 6)]), 1, 4), 1)->shots)->toHaveCount(3)
        ->and(fn () => ShotPlans::bracketOfBase($q, 5))->toBeRefused('bracket', 'each');
});

it('says which frames of a bracket cannot be had, instead of leaving them out in silence', function (): void {
    $q = question(bag([nd('Ten', 10)], release: false), 8, 32, '1/30');
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    $plan = ShotPlans::bracketByTime($q, $way, 2);

    expect(count($plan->shots) + count($plan->left))->toBe(5)
        ->and($plan->left)->not->toBe([])
        ->and(implode(' ', $plan->left))->toContain('no release');
    foreach ($plan->shots as $shot) {
        expect($shot->way->shutter->seconds)->toBeLessThanOrEqual(32.01);
    }
});

it('climbs a ladder of looks, each in its band', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 8);
    $bands = LookBands::of(Flow::of(4, 0.25, $framing), $framing);
    $plan = ShotPlans::ladder(plain(), $bands);
    foreach ($plan->shots as $shot) {
        $look = explode(':', $shot->purpose)[0];
        expect($bands->at($shot->way->shutter->seconds)->look->value)->toBe($look);
    }
    expect(count($plan->shots) + count($plan->left))->toBe(count($bands->bands));
});

it('takes several frames for one: the same blur, n times the time', function (): void {
    $q = question(bag([]), 0.8, 1.2, '1/4');
    $plan = ShotPlans::average($q, 8);

    expect($plan->shots)->toHaveCount(8)->and($plan->shots[0]->way->filters->count())->toBe(0)
        ->and(8 * $plan->shots[0]->way->shutter->seconds)->toBeWithinStops(1.0, 0.31)
        ->and(fn () => ShotPlans::average($q, 1))->toBeRefused('frames', 'frames');
});

it('counts the gaps between averaged frames honestly: they show once the texture has moved on by its grain', function (): void {
    $cascade = Flow::of(4, 0.25, new Framing(new Sensor(36, 24), 24, 8));

    // 0.25 m at 4 m/s is a sixteenth of a second.
    expect(FrameMean::gapShows($cascade, 0.05))->toBeFalse()->and(FrameMean::gapShows($cascade, 0.2))->toBeTrue()
        ->and(FrameMean::totalS(8, 0.5, 0.25))->toBeAbout(5.75, 1e-9)
        ->and(fn () => FrameMean::gapShows($cascade, -1))->toBeRefused('gap', 'gap_s');
});

it('pairs a frame with one that holds still what stirs, with the polariser and without, and with a dark one', function (): void {
    $q = plain();
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    $still = ShutterTime::ofSeconds(1 / 100);
    $freeze = ShotPlans::freeze($q, $way, $still, 'foliage');
    $dark = ShotPlans::darkFrame($way);
    $pair = ShotPlans::polariserPair($q);

    expect($freeze->shots[0]->role)->toBe(ShotRole::Companion)
        ->and($freeze->shots[0]->way->shutter->seconds)->toBeLessThanOrEqual(1 / 100 * 1.0001)
        ->and($freeze->shots[1]->way->shutter->seconds)->toBe($way->shutter->seconds)
        ->and($dark->shots[1]->role)->toBe(ShotRole::Dark)
        ->and($dark->shots[1]->way->filters->count())->toBe(0)
        ->and($dark->shots[1]->way->shutter->seconds)->toBe($way->shutter->seconds)
        ->and(array_map(static fn (Shot $s): bool => $s->way->filters->has(FilterKind::Polariser), $pair->shots))->toBe([true, false]);
});

it('gives two frames to blend where one cannot be had', function (): void {
    $picture = Picture::of([lookTarget('backwash', 0.25, 0.5), lookTarget('clouds', 20, 60)]);
    $plan = ShotPlans::blend(plain(), $picture->frames());

    expect($plan->shots)->toHaveCount(2)
        ->and($plan->shots[0]->way->shutter->seconds)->toBeLessThanOrEqual(0.51)
        ->and($plan->shots[1]->way->shutter->seconds)->toBeGreaterThanOrEqual(19.9);
});

it('reckons the time a list takes, twice over with noise reduction in the camera', function (): void {
    $q = plain(20, 40);
    $plan = ShotPlans::darkFrame(BackSolver::solve($q)->best() ?? throw new LogicException);
    $open = $plan->shots[0]->way->shutter->seconds;

    expect($plan->totalS(NoiseReductionHabit::InCamera) - $plan->totalS(NoiseReductionHabit::Later))->toBeAbout(2 * $open, 1e-6)
        ->and($plan->totalS(NoiseReductionHabit::Later))->toBeGreaterThan(2 * $open);
});

it('leaves out of a bracket what lies over the wall, and keeps what stands on it', function (): void {
    // Eight seconds, bracketed by a stop each way, under a limit of sixteen and of fifteen seconds.
    $frames = function (float $longestS): array {
        $q = question(bag([nd('Ten', 10)]), 6, 10, longest: $longestS);
        $way = BackSolver::solve($q)->best() ?? throw new LogicException;
        $plan = ShotPlans::bracketByTime($q, $way->changed(ShutterTime::ofSeconds(8), ShutterTime::ofSeconds(8), $way->aperture, false), 1);

        return [array_map(fn (Shot $s): float => $s->way->shutter->seconds, $plan->shots), $plan->left];
    };
    expect($frames(16))->toBe([[4.0, 8.0, 16.0], []])
        ->and($frames(15.9)[0])->toBe([4.0, 8.0])->and($frames(15.9)[1][0])->toStartWith('+1: ');
});

it('brackets by the light that is gathered, on film and in light that drifts, integrated step by step', function (float $film, ?float $drift, BracketStep $step): void {
    $bare = question(bag([nd('Six', 6), nd('Ten', 10)]), 20, 60);
    $camera = $bare->bag->camera;
    $q = new Question(
        $bare->reading, $bare->bias, $bare->target, $bare->bag->with(
            camera: new Camera($camera->sensor, $camera->isoBase, $camera->isoLow, $camera->isoMax, $camera->longestTimed, null, $film),
        ), null, $drift === null ? null : DriftingLight::of($drift),
    );
    $way = BackSolver::best($q) ?? throw new LogicException;
    // What reaches the film while it is open, summed by thousandths, and what it makes of that by Schwarzschild's law.
    $light = function (float $open) use ($film, $drift): float {
        $sum = 0.0;
        for ($i = 0; $i < 20000; $i++) {
            $sum += 2 ** (($drift ?? 0.0) * ($i + 0.5) * $open / 20000 / 60) * $open / 20000;
        }

        return $sum > 1 ? $sum ** (1 / $film) : $sum;
    };
    $shots = ShotPlans::bracketByTime($q, $way, 2, $step)->shots;
    expect(count($shots))->toBeGreaterThan(2);
    foreach ($shots as $shot) {
        $steps = array_search(explode(' ', $shot->purpose)[0], array_map($step->words(...), array_combine(range(-2, 2), range(-2, 2))),
            true);
        $stops = $steps === false ? 0.0 : $steps * $step->stops();
        expect(log($light($shot->way->exact->seconds) / $light($way->exact->seconds), 2))->toBeAbout($stops, 1e-4);
    }
})->with([
    'film' => [1.31, null], 'film in fading light' => [1.31, -0.2], 'a sensor in fading light' => [1.0, -0.4],
    'a sensor at dawn' => [1.0, 0.4],
])->with([BracketStep::Full, BracketStep::Third]);

it('leaves a frame of a bracket out for which the light fails before', function (): void {
    $bare = question(bag([nd('Six', 6), nd('Ten', 10)]), 20, 60);
    $q = new Question($bare->reading, $bare->bias, $bare->target, $bare->bag, null, DriftingLight::of(-2.2));
    $plan = ShotPlans::bracketByTime($q, BackSolver::best($q) ?? throw new LogicException, 2);

    expect(implode(' ', $plan->left))->toContain('+2: the light fails before');
});

it('sets a variable filter for the last time before a wall where the target lies behind it', function (float $wallS, float $timeS): void {
    $variable = Filter::of('Vario', FilterKind::Variable, Mount::Slot, Stops::of(12), lightest: Stops::of(4));
    $q = question(bag([$variable], isoMax: 100, isoLow: null), 2, 60);
    $way = BackSolver::best(new Question($q->reading, $q->bias, $q->target->aimedAt(ShutterTime::ofSeconds(50)), $q->bag,
        ShutterTime::ofSeconds($wallS)));

    expect($way?->shutter->seconds)->toBeAbout($timeS, 1e-6);
})->with([[12.0, 2 ** (10 / 3)], [33.5, 32.0], [47.2, 47.0]]);

/** f/11 and ISO 100 alone, in the light of EV 13: 1/64 s and nothing else. */
function onlyOneTime(Filter ...$filters): Question
{
    $lens = new Lens(24, Aperture::named(11), Aperture::named(11), 77);

    return question(bag(array_values($filters), isoMax: 100, isoLow: null)->with(lens: $lens), 0.5, 4);
}

it('goes on with the frames that can be had behind one that cannot', function (): void {
    $target = static fn (string $name): LookTarget => lookTarget($name, 1 / 80, 1 / 50);
    $window = static fn (float $min): ShutterWindow => ShutterWindow::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds(1.5 * $min));
    $plan = ShotPlans::blend(onlyOneTime(), [
        ['window' => $window(60.0), 'targets' => [$target('clouds')]], ['window' => $window(1 / 80), 'targets' => [$target('the fall')]],
    ]);
    expect($plan->left)->toHaveCount(1)->and($plan->left[0])->toStartWith('clouds')->and($plan->shots)->toHaveCount(1)
        ->and($plan->shots[0]->purpose)->toStartWith('the fall');
});

it('brackets the base frame with one polariser, the one that takes the least light', function (): void {
    $pola = static fn (string $name, float $stops): Filter => Filter::of($name, FilterKind::Polariser, Mount::Thread, Stops::of($stops));
    $q = onlyOneTime($pola('Deep', 2), $pola('Able', 1), $pola('Deeper', 3), nd('Six', 6));
    expect(array_map(static fn (Shot $s): string => $s->purpose, ShotPlans::bracketOfBase($q, 1)->shots))->toBe([
        'base frame, bare, −1', 'base frame, bare', 'base frame, bare, +1', 'base frame, with Able, −1', 'base frame, with Able',
        'base frame, with Able, +1',
    ]);
});

it('says of a frame that is too short for the shutter that it is, whatever wall stands beyond', function (): void {
    $q = onlyOneTime();
    $walled = new Question($q->reading, $q->bias, ShutterWindow::of(ShutterTime::ofSeconds(1 / 80), ShutterTime::ofSeconds(1 / 50)), $q->bag,
        otherWalls: [new Wall(WallKind::Wind, ShutterTime::ofSeconds(0.05), 'gusts')]);
    $way = BackSolver::best($walled) ?? throw new LogicException;
    // From 1/8192 s four stops down are 1/131072 s; from 1/64 s two up are 1/16 s.
    $plan = ShotPlans::bracketByTime($walled, $way->changed(ShutterTime::ofSeconds(2 ** -13), ShutterTime::ofSeconds(2 ** -13), $way->aperture, false), 4);
    expect($plan->left)->toBe(['−4: beyond what the shutter can do']);
    expect(ShotPlans::bracketByTime($walled, $way, 2)->left)->toBe(['+2: gusts']);
});

it('names half steps of the aperture as a lens does', function (): void {
    $q = question(bag([]), 1 / 80, 1 / 50);
    $way = BackSolver::best($q->pinning(new Pins(aperture: Aperture::named(8)))) ?? throw new LogicException;
    $numbers = array_map(static fn (Shot $s): string => $s->way->aperture->label(), ShotPlans::bracketByAperture($q, $way, 2, BracketStep::Half)->shots);
    // From memory: 5.6, 6.7, 8, 9.5, 11; the darkest first.
    expect($numbers)->toBe(['f/11', 'f/9.5', 'f/8', 'f/6.7', 'f/5.6']);
});

it('freezes with up to three stops less than what still holds still', function (float $times, bool $had): void {
    $q = onlyOneTime();
    $long = BackSolver::best($q->with(ShutterWindow::any())) ?? throw new LogicException;
    $plan = ShotPlans::freeze($q, $long, ShutterTime::ofSeconds($times / 64), 'leaves');
    expect(count($plan->shots))->toBe($had ? 2 : 1)->and($plan->left === [])->toBe($had);
})->with([[1.0, true], [7.5, true], [9.0, false], [20.0, false], [0.9, false]]);

it('pairs the best way with the polariser and the best without; of what cannot be had it says so', function (): void {
    $q = plain();
    $byStack = BackSolver::solve($q)->byStack;
    $first = static fn (bool $on): string => array_values(array_filter($byStack,
        static fn ($way): bool => $way->filters->has(FilterKind::Polariser) === $on))[0]->filters->label();
    $pair = ShotPlans::polariserPair($q);
    expect(array_map(static fn (Shot $s): string => $s->way->filters->label(), $pair->shots))->toBe([$first(true), $first(false)])
        ->and($pair->left)->toBe([]);
    // 1/64 s is too short for half a second, with the polariser as without; six stops of polariser are enough.
    expect(ShotPlans::polariserPair(onlyOneTime())->left)->toHaveCount(2);
    $deep = ShotPlans::polariserPair(onlyOneTime(Filter::of('Deep', FilterKind::Polariser, Mount::Thread, Stops::of(6))));
    expect($deep->shots)->toHaveCount(1)->and($deep->left)->toBe(['without: reflections and highlights stay: no setting of this bag']);
});
