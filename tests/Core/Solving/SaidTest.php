<?php

declare(strict_types=1);

// What the solver says in words, to the letter: a photographer acts on these sentences. The numbers in them follow by hand from the reading of
// 1/60 f/11 (or the one named) by counting stops; the words are ours.

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Flow;
use GentlePour\Motion\Framing;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\Picture;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\DialRounding;
use GentlePour\Solving\Habits;
use GentlePour\Solving\Improvements;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\NoiseReductionHabit;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Question;
use GentlePour\Solving\Remedy;
use GentlePour\Solving\RemedyKind;
use GentlePour\Solving\Shot;
use GentlePour\Solving\ShotPlan;
use GentlePour\Solving\ShotPlans;
use GentlePour\Solving\ShotRole;
use GentlePour\Solving\Term;
use GentlePour\Solving\Wall;
use GentlePour\Solving\WallKind;
use GentlePour\Solving\Way;

/** @return list<string> */
function improved(Question $question, Filter ...$atHome): array
{
    return array_map(
        static fn (GentlePour\Solving\Remedy $r): string => sprintf('%s %.1f %s', $r->kind->value, $r->stops, $r->detail),
        Improvements::of($question, array_values($atHome)),
    );
}

/** @return list<string> */
function purposes(ShotPlan $plan): array
{
    return array_map(
        static fn (Shot $s): string => "{$s->purpose} | {$s->way->aperture->label()} {$s->way->shutterLabel()} {$s->way->filters->label()}",
        $plan->shots,
    );
}

/** @param  list<Term>  $terms */
function wayOf(array $terms, float $seconds = 8, ?FilterStack $filters = null): Way
{
    return new Way(
        ShutterTime::ofSeconds($seconds), ShutterTime::ofSeconds($seconds), Aperture::named(8), Iso::of(100), $filters
            ?? FilterStack::empty(),
        Stops::zero(), false, ShutterTime::onDial(15), $terms, [],
    );
}

function wholeBag(): Bag
{
    return bag([nd('Three', 3), nd('Six', 6), nd('Ten', 10), Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(1.5))]);
}

it('names what to pack, what to buy and what it would give, the greatest gain first', function (): void {
    $short = question(bag([nd('Three', 3)]), 10, 40, '1/30');
    $six = 'buy 20.0 A filter of 6 stops would be worth having. It would be 15 s f/11 ISO 100 with new 6 stops + Three.';
    $ten = 'buy 20.0 A filter of 10 stops would be worth having. It would be 20 s f/9 ISO 100 with new 10 stops.';
    $fifteen = 'buy 20.0 A filter of 15 stops would be worth having. It would be 20 s f/4 ISO 640 with new 15 stops.';

    expect(improved($short))->toBe([$six, $ten, $fifteen])
        ->and(improved($short, nd('Mine', 10)))->toBe(
            ['pack 20.0 Pack “Mine”, which is at home. It would be 20 s f/9 ISO 100 with Mine.', $six, $fifteen],
        );
});

it('buys none of a strength that is there, packed or at home, within seven tenths of a stop', function (float $stops, bool $offered): void {
    $bought = array_filter(
        improved(question(bag([nd('Three', 3)]), 10, 40, '1/30'), nd('Mine', $stops)),
        static fn (string $said): bool => str_contains($said, 'A filter of 10 stops'),
    );
    expect($bought !== [])->toBe($offered);
})->with([[10.0, false], [9.31, false], [10.69, false], [9.29, true], [10.71, true]]);

it('never counts a polariser of six stops’ name as a grey filter, nor buys under a name that is taken', function (): void {
    $odd = bag([nd('New 10 stops', 3), Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(3))]);
    expect(implode(' ', improved(question($odd, 10, 40, '1/30'))))->toContain('with new 10 stops’.');
});

it('buys a slotted filter for a holder and a threaded one without', function (): void {
    // Without a holder nothing stacks in slots; a thread still goes on, so six stops reach the window only by a wide dial.
    expect(improved(question(bag([nd('Three', 3)], slots: 0), 10, 40, '1/30'))[0])->toContain('13 s f/20 ISO 50 with new 6 stops.')
        ->and(improved(question(bag([nd('Three', 3)], slots: 1), 10, 40, '1/30'))[0])->toContain('with new 6 stops.');
});

it('says less than four tenths of a stop to nobody', function (): void {
    expect(improved(question(bag([nd('Ten', 10)]), 10, 40, '1/30')))->toBe([])
        ->and(improved(question(bag([nd('Ten', 10)], release: false), 30, 240, '1/15')))->toBe(
            ['release 0.8 Take the release. It would be 1:21 f/13 ISO 100 with Ten.'],
        );
});

it('gives the three dearest reasons and the aperture’s, in a sentence', function (): void {
    $terms = [
        new Term('shutter', 0.2, 'a little short'), new Term('filters', 1.0, 'one filter'), new Term('iso', 0.6, 'base ISO'),
        new Term('aperture', 0.0, 'f/8 is where you like it'), new Term('light', 0.1, 'never said'),
    ];
    expect(wayOf($terms)->why())->toBe('One filter, base ISO, a little short, f/8 is where you like it.')
        ->and(wayOf([new Term('aperture', 0.3, 'f/13 is small')])->why())->toBe('f/13 is small.')
        ->and(wayOf($terms)->key())->toBe('no filter|f/8|100')
        ->and(wayOf($terms)->score())->toBeAbout(1.9, 1e-12);
});

it('says how an ISO off base is paid for', function (): void {
    $iso = static fn (Question $q, float $value): array => array_values(array_filter(array_map(
        static fn (Way $w): ?string => abs($w->iso->speed - $value) < 0.5
            ? implode('', array_map(static fn (Term $t): string => $t->name === 'iso' ? $t->why : '', $w->terms))
            : null,
        BackSolver::solve($q, 400)->ways,
    )));
    expect($iso(question(bag([nd('Six', 6)]), 3, 4), 50)[0])->toBe('extended ISO 50 gives away highlight room')
        ->and($iso(question(bag([nd('Ten', 10)]), 1, 4), 200)[0])->toBe('ISO 200, 1.0 stops above base, and you keep it low')
        ->and($iso(question(bag([nd('Ten', 10)]), 1, 4, habits: new Habits(iso: IsoHabit::Raised)), 200)[0])
        ->toBe('ISO 200, 1.0 stops above base, raised freely as you like');
});

it('halves only what the clock rules, and only from two seconds on', function (WallKind $kind, float $seconds, float $then): void {
    $wall = (new Wall($kind, ShutterTime::ofSeconds($seconds), 'off the ledge'))->doubled();
    expect($wall->longest->seconds)->toBe($then)
        ->and($wall->why)->toBe($then < $seconds ? 'off the ledge, half of it with noise reduction' : 'off the ledge');
})->with([
    [WallKind::GetOff, 600.0, 300.0], [WallKind::GetOff, 2.0, 2.0], [WallKind::GetOff, 2.1, 1.05], [WallKind::Wind, 600.0, 600.0],
]);

it('says how long the battery lasts', function (bool $inCamera, float $seconds, string $why): void {
    $camera = new Camera(
        new Sensor(36, 24, 6000), Iso::of(100), null, Iso::of(1600), ShutterTime::onDial(15), batteryMinutes: 90.0,
    );
    $bag = new Bag($camera, new Lens(24, Aperture::named(4), Aperture::named(22), 77), [], 2, true);
    $habits = new Habits(noiseReduction: $inCamera ? NoiseReductionHabit::InCamera : NoiseReductionHabit::Later);
    $wall = question($bag, 1, 2, habits: $habits)->walls()[0];

    expect($wall->kind)->toBe(WallKind::Battery)->and($wall->longest->seconds)->toBe($seconds)->and($wall->why)->toBe($why);
})->with([
    [false, 5400.0, 'the battery lasts 1:30:00'], [true, 2700.0, 'the battery lasts 45:00, with noise reduction'],
]);

it('adds up a list: eight seconds a frame, forty-five to change filters, a dark frame from a second on (common practice)', function (): void {
    $ten = FilterStack::of([nd('Ten', 10)]);
    $plan = static fn (Way ...$ways): ShotPlan => new ShotPlan('', array_map(
        static fn (Way $w): Shot => new Shot(ShotRole::Bracket, '', $w), array_values($ways),
    ));
    $total = static fn (ShotPlan $plan): array => [$plan->totalS(NoiseReductionHabit::Later), $plan->totalS(NoiseReductionHabit::InCamera)];

    expect($total($plan()))->toBe([0.0, 0.0])
        ->and($total($plan(wayOf([], 20))))->toBe([28.0, 48.0])
        ->and($total($plan(wayOf([], 1))))->toBe([9.0, 10.0])
        ->and($total($plan(wayOf([], 0.5))))->toBe([8.5, 8.5])
        ->and($total($plan(wayOf([], 20, $ten), wayOf([], 20, $ten))))->toBe([56.0, 96.0])
        ->and($total($plan(wayOf([], 20, $ten), wayOf([], 20))))->toBe([101.0, 141.0]);
});

it('names each frame of a bracket, and each that cannot be had', function (): void {
    $q = question(wholeBag(), 0.5, 4);
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    $time = ShotPlans::bracketByTime($q, $way, 2);
    $aperture = ShotPlans::bracketByAperture($q, $way, 4);

    expect($time->title)->toBe('Bracket of 5 by time')->and($aperture->title)->toBe('Bracket of 9 by aperture')
        ->and(purposes($time))->toBe([
            '−2 by time | f/13 0.3 s Six', '−1 by time | f/13 0.6 s Six', 'as worked out | f/13 1.3 s Six',
            '+1 by time | f/13 2.5 s Six', '+2 by time | f/13 5 s Six',
        ])
        ->and(purposes($aperture))->toBe([
            '−1 by aperture, same blur | f/18 1.3 s Six', 'as worked out | f/13 1.3 s Six', '+1 by aperture, same blur | f/9 1.3 s Six',
            '+2 by aperture, same blur | f/6.3 1.3 s Six', '+3 by aperture, same blur | f/4.5 1.3 s Six',
        ])
        ->and($aperture->left)->toBe([
            '−4: the lens does not reach f/51', '−3: the lens does not reach f/36', '−2: the lens does not reach f/25',
            '+4: the lens does not reach f/3.2',
        ]);
});

it('brackets by aperture to the very ends of the lens', function (): void {
    $q = question(wholeBag(), 0.5, 4);
    $at = static fn (float $number): Way => wayOf([])->changed(
        ShutterTime::ofSeconds(1), ShutterTime::ofSeconds(1), Aperture::named($number), false,
    );
    expect(purposes(ShotPlans::bracketByAperture($q, $at(5.6), 1))[2])->toStartWith('+1 by aperture, same blur | f/4 ')
        ->and(purposes(ShotPlans::bracketByAperture($q, $at(16), 1))[0])->toStartWith('−1 by aperture, same blur | f/22 ')
        ->and(ShotPlans::bracketByAperture($q, $at(5), 1)->left)->toBe(['+1: the lens does not reach f/3.5'])
        ->and(ShotPlans::bracketByAperture($q, $at(18), 1)->left)->toBe(['−1: the lens does not reach f/25'])
        ->and(static fn () => ShotPlans::bracketByTime($q, $at(8), 5))->toBeRefused('bracket', 'each')
        ->and(static fn () => ShotPlans::bracketByAperture($q, $at(8), 0))->toBeRefused('bracket', 'each');
});

it('names the rungs of a ladder, and goes on after one that cannot be had', function (): void {
    $framing = new Framing(new Sensor(36, 24), 24, 8);
    $bare = ShotPlans::ladder(question(bag([]), 0.5, 4), LookBands::of(Flow::of(4, 0.25, $framing), $framing));
    expect($bare->title)->toBe('Ladder of looks')
        ->and(purposes($bare)[0])->toStartWith('held: every drop sharp | ')
        ->and($bare->left)->toBe(
            ['silk at 1.3 s: no setting of this bag', 'mist at 8.8 s: no setting of this bag', 'glass at 51 s: no setting of this bag'],
        );
    // In the dark the bright end is what is missing, and the ladder starts higher.
    $dark = ShotPlans::ladder(question(bag([]), 0.5, 4, '2'), LookBands::of(Flow::of(4, 0.25, $framing), $framing));
    expect($dark->left[0])->toStartWith('held at ')->and($dark->shots)->not->toBe([]);
});

it('says whom each frame of a blend is for', function (): void {
    $picture = Picture::of([lookTarget('backwash', 0.25, 0.5), lookTarget('spray', 0.3, 0.5), lookTarget('clouds', 20, 60)]);
    $plan = ShotPlans::blend(question(wholeBag(), 0.5, 4), $picture->frames());
    expect(array_map(static fn (Shot $s): string => $s->purpose, $plan->shots))->toBe(['backwash silk and spray silk', 'clouds silk'])
        ->and($plan->title)->toBe('Frames to blend');

    $bare = ShotPlans::blend(question(bag([]), 0.5, 4, '1/4'), $picture->frames());
    expect(array_map(static fn (Shot $s): string => $s->purpose, $bare->shots))->toBe(['backwash silk and spray silk'])
        ->and($bare->left)->toBe(['clouds silk at 35 s: no setting of this bag']);
});

it('says so where the mean, the companion or the pair cannot be had', function (): void {
    $q = question(wholeBag(), 0.5, 4);
    $way = BackSolver::solve($q)->best() ?? throw new LogicException;
    $mean = ShotPlans::average(question(bag([]), 80, 120, '1/4'), 2);
    $dark = ShotPlans::freeze(question(bag([]), 0.5, 4, '8'), $way, ShutterTime::ofSeconds(0.01), 'foliage');
    $pair = ShotPlans::polariserPair(question(bag([nd('Six', 6)]), 0.5, 4));

    expect([$mean->title, $mean->shots, $mean->left])->toBe(['Mean of 2 frames', [], ['2 frames of 49 s: no setting of this bag']])
        ->and([count($dark->shots), $dark->left])->toBe([1, ['foliage at 1/100: too dark for this lens and ISO']])
        ->and(ShotPlans::freeze($q, $way, ShutterTime::ofSeconds(0.01), 'foliage')->shots[0]->purpose)->toBe('holds still: foliage')
        ->and([count($pair->shots), $pair->left])->toBe(
            [1, ['with the polariser: no glare on rock and leaves: no setting of this bag']],
        )
        ->and($pair->shots[0]->purpose)->toBe('without: reflections and highlights stay');
});

it('tells by its kind whether a frame teaches a taste, and whether a remedy names another target', function (): void {
    $teaches = array_filter(ShotRole::cases(), static fn (ShotRole $role): bool => $role->tellsTaste());
    expect(array_column($teaches, 'value'))->toBe(['ladder', 'blend'])
        ->and(RemedyKind::Nearest->offersATarget())->toBeTrue()->and(RemedyKind::Filter->offersATarget())->toBeFalse();
});

it('rounds no time that is none', function (): void {
    $dial = new DialRounding(wholeBag());
    expect($dial->seconds(0.0))->toBeNull()->and($dial->seconds(-1.0))->toBeNull()->and($dial->seconds(INF))->toBeNull();
});

it('says why each wall stands, nearest first', function (): void {
    $said = static fn (Question $q): array => array_map(static fn (Wall $w): array => [$w->kind, round($w->longest->seconds, 6), $w->why], $q->walls());
    expect($said(question(bag([], release: false), 1, 4, longest: 20)))->toBe([
        [WallKind::Longest, 20.0, 'your limit: 20 s'], [WallKind::Release, 32.0, 'no release: 30 s at most'],
    ])->and($said(question(bag([]), 1, 4, longest: 240)))->toBe([[WallKind::Longest, 240.0, 'your limit: 4:00']])
        ->and($said(question(bag([]), 1, 4)))->toBe([])
        // Three stops and a third in five minutes: what comes after is a tenth of all.
        ->and($said(question(bag([]), 1, 4, drift: -0.664)))->toBe([[WallKind::Light, 300.0, 'light failing: 3.3 stops down by 5:00']])
        ->and($said(question(bag([]), 1, 4, drift: -0.01)))->toBe([])->and($said(question(bag([]), 1, 4, drift: 0.5)))->toBe([]);
});

it('says how long noise reduction keeps the camera busy, of a frame that is longer than a second', function (): void {
    $busy = static fn (float $seconds, NoiseReductionHabit $habit = NoiseReductionHabit::InCamera): array => array_values(array_filter(
        BackSolver::best(question(bag([nd('Six', 6)]), $seconds, $seconds, habits: new Habits(noiseReduction: $habit)))->warnings ?? [],
        static fn (string $said): bool => str_contains($said, 'Noise reduction'),
    ));
    expect($busy(2 ** (1 / 3)))->toBe(['Noise reduction in the camera keeps it busy for another 1.3 s.'])
        ->and($busy(4))->toBe(['Noise reduction in the camera keeps it busy for another 4 s.'])
        ->and($busy(1))->toBe([])->and($busy(0.5))->toBe([])->and($busy(4, NoiseReductionHabit::Later))->toBe([]);
});

it('says of a filter that it cannot be on and off at once, and of improvements the greatest first', function (): void {
    expect(static fn () => new Pins(with: [nd('Ten', 10), nd('Six', 6)], without: [nd('Six', 6)]))
        ->toThrow(InvalidValue::class, '“Six” cannot be both on and off.');
    $gains = array_map(static fn (Remedy $r): float => $r->stops,
        Improvements::of(question(bag([nd('Three', 3), nd('Two', 2)]), 2, 4), [nd('Ten', 10), nd('Five', 5), nd('Eight', 8)]));
    $sorted = $gains;
    rsort($sorted);
    expect(count($gains))->toBeGreaterThan(2)->and($gains)->toBe($sorted)->and(array_unique($gains))->not->toHaveCount(1);
});
