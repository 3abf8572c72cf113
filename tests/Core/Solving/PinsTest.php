<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\SolveDocument;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Solving\Averaging;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Pin;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Question;
use GentlePour\Solving\RemedyKind;
use GentlePour\Solving\Strip;
use GentlePour\Solving\StripMark;
use GentlePour\Solving\WallKind;
use GentlePour\Solving\Way;

function pola(): Filter
{
    return Filter::of('Pola', FilterKind::Polariser, Mount::Thread, Stops::of(1.5), threadMm: 77);
}

function soft(): Filter
{
    return Filter::of('Soft', FilterKind::Graduated, Mount::Slot, Stops::of(3));
}

/** @param  list<Filter>  $on */
function readingOf(string $shutter, float $aperture, float $iso, array $on = []): Reading
{
    return new Reading(
        new Exposure(Aperture::named($aperture), ShutterTime::parse($shutter), Iso::named($iso)),
        Stops::of(array_sum(array_map(static fn (Filter $f): float => $f->stops()->value ?? 0.0, $on))),
    );
}

/** @param  list<Filter>  $on */
function held(
    Bag $bag, Reading $reading, array $on = [], Pins $pins = new Pins, float $bias = 0, float $min = 0.00025, float $max = 3600,
    ?float $best = null, bool $insists = false,
): Question {
    return new Question(
        $reading, Stops::of($bias),
        ShutterWindow::of(
            ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max), $best === null ? null : ShutterTime::ofSeconds($best),
        ),
        $bag, staying: $on, pins: $pins, insists: $insists,
    );
}

/** @return list<string> */
function stripOf(Question $q): array
{
    return array_map(static fn (StripMark $m): string => $m->filters->label().': '.$m->shutterLabel(), Strip::of($q));
}

function mark(Question $q, string $label): StripMark
{
    return array_values(array_filter(Strip::of($q), static fn (StripMark $m): bool => $m->filters->label() === $label))[0]
        ?? throw new LogicException("No {$label} on the strip: ".implode(', ', stripOf($q)));
}

it('answers the old question, this reading and this glass, as it is answered by hand (common practice)', function (
    string $shutter, float $aperture, float $iso, array $on, string $stack, float $bias, float $seconds, string $label,
): void {
    $bag = bag([pola(), soft(), nd('Ten', 10), nd('Fifteen', 15)]);
    $mark = mark(held($bag, readingOf($shutter, $aperture, $iso, $on), $on, bias: $bias), $stack);

    // Within a sixth of a stop of what a hand reckons, and with nothing else touched.
    expect($mark->shutter->seconds)->toBeWithinStops($seconds, 1 / 6)
        ->and($mark->shutterLabel())->toBe($label)
        ->and($mark->aperture->label())->toBe(Aperture::named($aperture)->label())
        ->and($mark->iso->label())->toBe(Iso::named($iso)->label())
        ->and($mark->wall)->toBeNull();
})->with([
    'ten on a polariser that stays' => ['1/60', 8, 160, [pola()], 'Pola + Ten', 0.0, 15 * 1.0667, '15 s'],
    'ten, graduated filter left on' => ['1/5', 13, 100, [soft()], 'Ten + Soft', 0.0, 200, '3:25'],
    'ten, polariser, two minutes' => ['1/8', 16, 100, [pola()], 'Pola + Ten', 0.0, 120, '2:10'],
    'half a stop less' => ['1/8', 16, 100, [pola()], 'Pola + Ten', -0.5, 90, '1:31'],
    'a stop less' => ['1/8', 16, 100, [pola()], 'Pola + Ten', -1.0, 60, '1:04'],
    'ten at ISO 64' => ['1/25', 10, 64, [], 'Ten', 0.0, 40, '40 s'],
    'ten, read off a card as 23 to 24' => ['1/40', 16, 100, [], 'Ten', 0.0, 25, '25 s'],
    'a third less' => ['1/40', 16, 100, [], 'Ten', -1 / 3, 20, '20 s'],
    'ten on 1/25' => ['1/25', 16, 100, [], 'Ten', 0.0, 40, '40 s'],
    'fifteen on a polariser' => ['1/125', 6.3, 100, [pola()], 'Pola + Fifteen', 0.0, 260, '4:15'],
]);

it('answers at pinned aperture and ISO: five stops from f/8 ISO 200 to f/22 ISO 50 make 1/6 of 1/200 (common practice)', function (): void {
    $pins = new Pins(aperture: Aperture::named(22), iso: Iso::named(50));
    $mark = mark(held(bag([nd('Ten', 10)]), readingOf('1/200', 8, 200), pins: $pins), 'no filter');

    expect($mark->shutterLabel())->toBe('1/6')->and($mark->aperture->label())->toBe('f/22')->and($mark->iso->label())->toBe('50');
});

it('goes to f/9 for 30 s, where 40 s at f/10 would take a release (common practice)', function (): void {
    $ten = nd('Ten', 10);
    $bag = bag([$ten], release: false);
    $reading = readingOf('1/25', 10, 64);
    $pins = new Pins(shutter: ShutterTime::parse('30'), iso: Iso::named(64), with: [$ten]);
    $thirty = ShutterTime::parse('30');
    $way = BackSolver::best(held($bag, $reading, pins: $pins, min: $thirty->seconds, max: $thirty->seconds));

    expect([$way?->shutterLabel(), $way?->aperture->label(), $way?->iso->label()])->toBe(['30 s', 'f/9', '64'])
        ->and(mark(held($bag, $reading), 'Ten')->wall?->kind)->toBe(WallKind::Release);
});

it('answers for the longest exposure of all, a day, and says so where the glass is not there', function (): void {
    $day = ShutterTime::LONGEST_S;
    // 1/60 of the dial is 2^-6 s: 86,400 of 64ths.
    $strong = bag([nd('Night', log($day * 64, 2))]);
    $asked = question($strong, $day / 2, $day);
    $none = question(bag([nd('Six', 6)]), $day, $day);

    expect(BackSolver::best($asked->with($asked->target, insists: true)))->not->toBeNull()
        ->and(mark($asked, 'Night')->exact->seconds)->toBe($day)->and(BackSolver::best($none))->toBeNull()
        ->and(ShutterTime::ofStops(log($day, 2))->seconds)->toBe($day)
        ->and(fn () => ShutterTime::ofStops(log(1.001 * $day, 2)))->toThrow(GentlePour\InvalidValue::class);
});

it('lays every stack of the bag in order of stops, and leaves out what no night is long enough for', function (): void {
    $q = held(bag([nd('Ten', 10), nd('Three', 3), nd('Six', 6), nd('Twenty', 20)]), readingOf('1/60', 11, 100));

    expect(stripOf($q))->toBe([
        'no filter: 1/60', 'Three: 1/8', 'Six: 1 s', 'Six + Three: 8 s', 'Ten: 15 s', 'Ten + Three: 2:10', 'Ten + Six: 17:05',
        'Twenty: 4:33:05',
    ]);
});

it('stands on the strip what the walls say: the nearest that a time passes', function (): void {
    $q = question(bag([nd('Ten', 10), nd('Six', 6)]), 1, 2, longest: 10);
    expect(array_map(static fn (StripMark $m): ?string => $m->wall?->kind->value, Strip::of($q)))->toBe([null, null, 'longest', 'longest'])
        ->and(Strip::of(question(bag([]), 1, 2, '1/60', 30.0)))->toBe([]);
});

it('keeps what was on for the reading on, and takes off what is pinned off', function (): void {
    $bag = bag([pola(), nd('Six', 6)]);
    $reading = readingOf('1/60', 11, 100, [pola()]);

    expect(stripOf(held($bag, $reading, [pola()])))->toBe(['Pola: 1/60', 'Pola + Six: 1 s'])
        // A stop and a half brighter without it.
        ->and(stripOf(held($bag, $reading, [pola()], new Pins(without: [pola()]))))->toBe(['no filter: 1/200', 'Six: 0.3 s'])
        ->and(stripOf(held($bag, $reading, [pola()], new Pins(with: [nd('Six', 6)]))))->toBe(['Pola + Six: 1 s']);
});

it('has no stack where what must be on cannot be', function (): void {
    $big = Filter::of('Big', FilterKind::NeutralDensity, Mount::Thread, Stops::of(6), threadMm: 82);
    $reading = readingOf('1/60', 11, 100);
    expect(Strip::of(held(bag([nd('A', 3), nd('B', 6)], slots: 1), $reading, pins: new Pins(with: [nd('A', 3), nd('B', 6)]))))->toBe([])
        ->and(Strip::of(held(bag([$big]), $reading, pins: new Pins(with: [$big]))))->toBe([])
        ->and(Strip::of(held(bag([nd('A', 3)]), $reading, pins: new Pins(with: [nd('A', 3)]))))->toHaveCount(1);
});

it('moves nothing that is pinned, over bags and pins by chance', function (): void {
    $ways = 0;
    for ($seed = 20000; $seed < 20400; $seed++) {
        $q = anyQuestion($seed);
        $lens = $q->bag->lens->apertures();
        $isos = $q->bag->camera->isos();
        $one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $usable = array_values(array_filter($q->bag->filters, static fn (Filter $f): bool => $f->setsTheTime()));
        $with = $usable === [] || mt_rand(0, 1) === 0 ? [] : [$one($usable)];
        $without = array_values(array_filter($usable, static fn (Filter $f): bool => ! in_array($f, $with, true) && mt_rand(0, 2) === 0));
        $shutter = $one([null, ShutterTime::onDial(mt_rand(-12, 15)), ShutterTime::ofSeconds(mt_rand(40, 400))]);
        $pins = new Pins($shutter, $one([null, $one($lens)]), $one([null, $one($isos)]), $with, $without);
        $pinned = ($shutter === null ? $q : $q->with(ShutterWindow::of($shutter, $shutter)))->pinning($pins);
        $answer = BackSolver::solve($pinned, 10);
        expect($answer->ways === [] && $answer->remedies === [])->toBeFalse();
        foreach ($answer->ways as $way) {
            $ways++;
            expect($shutter === null || abs($way->shutter->seconds / $shutter->seconds - 1) < 1e-9)->toBeTrue("time, seed {$seed}")
                ->and($pins->aperture === null || $way->aperture->label() === $pins->aperture->label())->toBeTrue("aperture, seed {$seed}")
                ->and($pins->iso === null || $way->iso->label() === $pins->iso->label())->toBeTrue("ISO, seed {$seed}")
                ->and(array_diff(Filter::names([...$with, ...$pinned->stayingOn()]), $way->filters->names()))->toBe([])
                ->and(array_intersect(Filter::names($without), $way->filters->names()))->toBe([])
                ->and(abs($way->exposureError()->value))->toBeLessThan(1 / 6 + 1e-6);
        }
        // A pin that is blamed is to blame: without it there is a way.
        foreach (array_filter($answer->remedies, static fn ($r): bool => $r->pin !== null) as $remedy) {
            expect($remedy->kind)->toBe(RemedyKind::Pin)->and($pins->held())->toContain($remedy->pin);
        }
    }
    expect($ways)->toBeGreaterThan(300);
});

it('says which pin to let go and what that gives; where one alone is not enough, which two', function (): void {
    $bag = bag([nd('Six', 6)]);
    $reading = readingOf('1/60', 11, 100);
    $four = ShutterTime::ofSeconds(4);
    $q = held($bag, $reading, pins: new Pins($four, Aperture::named(4), Iso::named(100)), min: 4, max: 4);
    $answer = BackSolver::solve($q);

    // A second at f/11; two stops more by f/22, none by f/4.
    expect($answer->remedies[0]->pin)->toBe(Pin::Aperture)
        ->and($answer->remedies[0]->detail)->toBe('Let go of the aperture: it would be 4 s f/22 ISO 100 with Six.')
        ->and(array_map(static fn ($r): ?Pin => $r->pin, $answer->remedies))->toBe([Pin::Aperture, Pin::Shutter]);

    $two = held($bag, $reading, pins: new Pins($four, Aperture::named(4), Iso::named(100), without: [nd('Six', 6)]), min: 4, max: 4);
    expect(BackSolver::solve($two)->remedies[0]->detail)->toStartWith('Let go of the time: it would be 1/500 f/4 ISO 100 with no filter.');

    $both = held($bag, $reading, pins: new Pins($four, Aperture::named(4), without: [nd('Six', 6)]), min: 4, max: 4);
    $free = BackSolver::solve($both->pinning(new Pins($four, without: [nd('Six', 6)])));
    expect($free->ways)->toBe([])
        ->and(array_map(static fn ($r): string => $r->kind->value, BackSolver::solve($both)->remedies)[0])->toBe('pin');
});

it('outranks every habit by a time that was set by hand: 1/5 is 1/5, not 1/15, with f/22 at hand', function (): void {
    // Bare, in shade: 1/5 takes f/22, far from where the habit is; 1/15 would come at f/11.
    // On a small sensor diffraction speaks against a small aperture, besides habit.
    $camera = new Camera(new Sensor(17.3, 13, 5200), Iso::of(100), null, Iso::of(100), ShutterTime::onDial(15));
    $bag = bag([], isoLow: null, isoMax: 100)->with(camera: $camera);
    $ask = static fn (bool $insists): ?Way => BackSolver::best(
        held($bag, readingOf('1/15', 11, 100), min: 1 / 30, max: 1, best: ShutterTime::parse('1/5')->seconds, insists: $insists),
    );
    expect($ask(false)?->shutterLabel())->not->toBe('1/5')
        ->and($ask(true)?->shutterLabel())->toBeIn(['1/5', '1/6'])->and($ask(true)?->aperture->number)->toBeGreaterThan(17.0);
});

it('refuses pins that cannot be, at their place in the document', function (array $pins, string $sentence, string $field): void {
    expect(static fn () => SolveDocument::answer(new Fields(['pins' => $pins] + solveDocument())))->toBeRefused($sentence, $field);
})->with([
    [['aperture' => 2.8], 'f/4 to f/22', 'pins.aperture'],
    [['iso' => 6400], 'from 50 to 1600', 'pins.iso'],
    [['filters' => ['with' => ['Nine']]], 'Nine', 'pins.filters.with.0'],
    [['filters' => ['without' => ['Six', 'Nine']]], 'Nine', 'pins.filters.without.1'],
    [['filters' => ['with' => ['Six'], 'without' => ['Six']]], 'both on and off', 'pins.filters'],
    [['shutter' => 'soon'], 'soon', 'pins.shutter'],
]);

it('answers strip and pins in the document of the command as the contract has it', function (): void {
    $document = ['pins' => ['shutter' => '30', 'filters' => ['without' => ['Pola']]]] + solveDocument();
    $out = SolveDocument::answer(new Fields($document));

    // ND1000 by the factor engraved on it is 9.97 stops.
    expect(array_unique(array_column($out['solutions'], 'shutter_label')))->toBe(['30 s'])
        ->and(array_merge(...array_column($out['solutions'], 'filters')))->not->toContain('Pola')
        ->and(array_keys($out['strip'][0]))
        ->toBe(['filters', 'stops', 'exact_s', 'shutter_s', 'shutter_label', 'card_label', 'bulb', 'wall'])
        ->and(array_map(static fn (float $stops): float => round($stops, 2), array_column($out['strip'], 'stops')))
        ->toBe([0.0, 6.0, 9.97, 15.97])
        ->and($out['strip'][3])->toMatchArray(['bulb' => true, 'wall' => 'longest']);

    $strip = SolveDocument::answer(new Fields(array_diff_key(solveDocument(), ['target' => 0])));
    expect($strip['solutions'])->toBe([])->and($strip['remedies'])->toBe([])->and(count($strip['strip']))->toBeGreaterThan(4);

    $pins = ['shutter' => '3.2', 'aperture' => 4, 'iso' => 50, 'filters' => ['with' => ['Six'], 'without' => ['Ten', 'Pola']]];
    $tight = SolveDocument::answer(new Fields(['pins' => $pins] + solveDocument()));
    expect($tight['solutions'])->toBe([])->and($tight['remedies'][0])->toMatchArray(['kind' => 'pin', 'pin' => 'aperture']);
});

it('counts no frames to average where no stack is left', function (): void {
    $big = Filter::of('Big', FilterKind::NeutralDensity, Mount::Thread, Stops::of(6), threadMm: 82);
    $none = held(bag([$big, nd('Six', 6)]), readingOf('1/60', 11, 100), pins: new Pins(with: [$big]), min: 1, max: 4);
    expect(Averaging::fewest($none))->toBeNull()
        ->and(BackSolver::solve($none)->remedies[0]->detail)->toStartWith('Let go of the filters: ');
});

it('asks at the nearest that lens and camera set, where the reading was taken with others', function (): void {
    $bag = bag([nd('Six', 6)], isoLow: null);
    $mark = mark(held($bag, readingOf('1/60', 2.8, 50)), 'Six');
    // 1/60 at f/2.8 and ISO 50 is 1/60 at f/4 and ISO 100: a stop less light, a stop more speed.
    expect([$mark->aperture->label(), $mark->iso->label(), $mark->shutterLabel()])->toBe(['f/4', '100', '1 s']);
    $way = BackSolver::solve(held($bag, readingOf('1/60', 2.8, 50), min: 0.9, max: 1.1, best: 1))->byStack[0];
    expect([$way->aperture->label(), $way->iso->label(), $way->shutterLabel()])->toBe(['f/4', '100', '1 s']);
});

it('takes no filter twice, in the reading or among the pins', function (string $path, array $document): void {
    expect(static fn () => SolveDocument::answer(new Fields($document + solveDocument())))->toBeRefused('named twice', $path);
})->with([
    ['pins.filters.with.1', ['pins' => ['filters' => ['with' => ['Six', 'Six']]]]],
    ['reading.filters.1', ['reading' => ['aperture' => 11, 'shutter' => '1/80', 'iso' => 100, 'filters' => ['Six', 'Six']]]],
]);
