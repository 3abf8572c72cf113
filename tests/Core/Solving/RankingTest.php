<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\SharpRange;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Solving\ApertureHabit;
use GentlePour\Solving\Habits;
use GentlePour\Solving\HighlightHabit;
use GentlePour\Solving\IsoHabit;
use GentlePour\Solving\Question;
use GentlePour\Solving\Ranking;
use GentlePour\Solving\Term;

// What a way costs, term by term, worked out by hand from the weights that Ranking states; each with the words in which it is explained.

/** @return list<array{string, float, string}> of a way at a second wanted: name, stops to a thousandth and why */
function termsOf(
    ?Question $q = null, ?FilterStack $stack = null, float $iso = 100, float $aperture = 8, float $shutterS = 1, float $exactS = 1,
    bool $bulb = false,
): array {
    $ranking = new Ranking($q ?? question(bag([]), 1, 1));
    $terms = $ranking->terms($stack ?? FilterStack::empty(), Iso::of($iso), Aperture::of($aperture), $shutterS, $exactS, $bulb);

    return array_map(static fn (Term $t): array => [$t->name, round($t->stops, 3), $t->why], $terms);
}

/** @return array{float, string} */
function termOf(string $name, mixed ...$way): array
{
    [[, $stops, $why]] = array_values(array_filter(termsOf(...$way), static fn (array $t): bool => $t[0] === $name));

    return [$stops, $why];
}

it('counts nothing against what is wanted, and says so in five lines', function (): void {
    expect(termsOf())->toBe([
        ['target', 0.0, 'the wanted time'], ['aperture', 0.0, 'f/8 where the lens is sharpest'], ['iso', 0.0, 'base ISO'],
        ['filters', 0.0, 'no filter'], ['bulb', 0.0, 'timed by the camera'],
    ])->and(termOf('bulb', bulb: true))->toBe([0.25, 'bulb, with the release']);
});

it('counts a stop from the wanted time as one, and says to which side', function (): void {
    expect(termOf('target', shutterS: 2, exactS: 2))->toBe([1.0, '1.0 stops longer than the wanted time'])
        ->and(termOf('target', shutterS: 0.25, exactS: 0.25))->toBe([2.0, '2.0 stops shorter than the wanted time'])
        ->and(termOf('target', shutterS: 1.06, exactS: 1.06)[1])->toBe('the wanted time')
        ->and(termOf('target', shutterS: 1.08, exactS: 1.08)[1])->toBe('0.1 stops longer than the wanted time')
        ->and(termOf('target', shutterS: 0.92, exactS: 0.92)[1])->toBe('0.1 stops shorter than the wanted time');
});

it('holds a time that was set by hand to a third of a stop', function (): void {
    $q = question(bag([]), 1, 1);
    $set = new Ranking($q->with($q->target, insists: true));
    expect((new Ranking($q))->targetCost(0.5))->toBe(0.5)->and($set->targetCost(0.3))->toBe(0.3)
        ->and($set->targetCost(1 / 3))->toBe(1 / 3)->and($set->targetCost(1 / 3 + 0.1))->toBeAbout(1 / 3 + 0.1 + 12 * 0.1, 2e-5);
});

it('counts ISO above base by the habit, below base for the highlight room that it gives away', function (): void {
    $raised = question(bag([]), 1, 1, habits: new Habits(iso: IsoHabit::Raised));
    expect(termOf('iso', iso: 400))->toBe([2.0, 'ISO 400, 2.0 stops above base, and you keep it low'])
        ->and(termOf('iso', $raised, iso: 400))->toBe([0.5, 'ISO 400, 2.0 stops above base, raised freely as you like'])
        ->and(termOf('iso', iso: 50))->toBe([0.7, 'extended ISO 50 gives away highlight room'])
        ->and(termOf('iso', iso: 25)[0])->toBe(1.05)
        // Within a hundredth of a stop it is base.
        ->and(termOf('iso', iso: 100.5))->toBe([0.0, 'base ISO'])->and(termOf('iso', iso: 99.5))->toBe([0.0, 'base ISO'])
        ->and(termOf('iso', iso: 101)[0])->toBe(0.014)->and(termOf('iso', iso: 101)[1])->toContain('above base')
        ->and(termOf('iso', iso: 99)[0])->toBe(0.355)->and(termOf('iso', iso: 99)[1])->toContain('gives away');
});

it('counts an aperture from the range in which the person likes to work', function (): void {
    $down = question(bag([]), 1, 1, habits: new Habits(ApertureHabit::StoppedDown));
    $bag = bag([]);
    $own = static fn (ApertureHabit $habit): Question => question($bag->with(
        lens: new Lens(24, Aperture::named(4), Aperture::named(22), 77, [Aperture::named(5.6), Aperture::named(8)])), 1, 1,
        habits: new Habits($habit));
    $f = static fn (float $named): float => Aperture::named($named)->number;
    expect(termOf('aperture', aperture: $f(5.6)))->toBe([1.0, 'f/5.6 is 1.0 stops wider than you like'])
        ->and(termOf('aperture', aperture: $f(16)))->toBe([1.0, 'f/16 is 1.0 stops smaller than you like'])
        ->and(termOf('aperture', aperture: $f(11)))->toBe([0.0, 'f/11 where the lens is sharpest'])
        ->and(termOf('aperture', $down, aperture: $f(16)))->toBe([0.0, 'f/16 stopped down, to lengthen the time without filters'])
        ->and(termOf('aperture', $down, aperture: $f(8))[0])->toBe(2.0)
        // The lens's own best apertures, but not for who stops down.
        ->and(termOf('aperture', $own(ApertureHabit::Best), aperture: $f(11)))->toBe([1.0, 'f/11 is 1.0 stops smaller than you like'])
        ->and(termOf('aperture', $own(ApertureHabit::StoppedDown), aperture: $f(16))[0])->toBe(0.0);
});

it('counts each filter that is put on, and none that was on for the reading', function (): void {
    [$six, $three, $two] = [nd('Six', 6), nd('Three', 3), nd('Two', 2)];
    $on = new Question(new Reading(new Exposure(Aperture::named(11), ShutterTime::parse('1'), Iso::of(100)), Stops::of(6)), Stops::zero(),
        ShutterWindow::of(ShutterTime::ofSeconds(1), ShutterTime::ofSeconds(1)), bag([$six, $three, $two], slots: 3), staying: [$six]);
    expect(termOf('filters', null, FilterStack::of([$six])))->toBe([0.25, 'one filter'])
        ->and(termOf('filters', null, FilterStack::of([$six, $three])))->toBe([0.5, '2 filters'])
        ->and(termOf('filters', $on, FilterStack::of([$six])))->toBe([0.0, 'no filter'])
        ->and(termOf('filters', $on, FilterStack::of([$six, $three])))->toBe([0.25, 'one filter'])
        ->and(termOf('filters', $on, FilterStack::of([$six, $three, $two])))->toBe([0.5, '2 filters'])
        ->and((new Ranking($on))->stackCost(FilterStack::of([$six, $three])))->toBe(0.25);
});

it('counts what each kind of filter does to a picture once, its colour, dark corners, and a makeshift of two that are crossed', function (): void {
    $of = static fn (string $name, FilterKind $kind, float $stops, Mount $mount = Mount::Slot, ?ColourCast $cast = null): Filter => Filter::of(
        $name, $kind, $mount, Stops::of($stops), lightest: $kind === FilterKind::Variable ? Stops::of(2) : null, cast: $cast,
    );
    $ranking = new Ranking(question(bag([]), 1, 1));
    $cost = static fn (Filter ...$filters): float => round($ranking->stackCost(FilterStack::of(array_values($filters))), 6);
    $pola = $of('Pola', FilterKind::Polariser, 1.5, Mount::Thread);
    expect($cost($pola))->toBe(0.25 + 0.35)->and($cost($pola, $of('Other', FilterKind::Polariser, 1.5)))->toBe(2 * 0.25 + 0.35)
        ->and($cost($of('Vario', FilterKind::Variable, 8)))->toBe(0.25 + 0.4)
        ->and($cost($of('Glass', FilterKind::Welding, 13), $pola))->toBe(2 * 0.25 + 1.0 + 0.35)
        ->and($cost($of('Blue', FilterKind::NeutralDensity, 10, cast: ColourCast::of(-0.1, 0.4))))->toBe(0.25 + 0.5 * 0.4)
        ->and($cost())->toBe(0.0);
    $ringed = FilterStack::empty()->with([nd('Six', 6)], vignettes: true);
    expect($ranking->stackCost($ringed))->toBe(0.25 + 0.5)
        ->and(termOf('vignetting', null, $ringed))->toBe([0.5, 'stacked rings darken the corners']);
    $crossed = FilterStack::empty()->with([$of('A', FilterKind::Graduated, 3), $of('B', FilterKind::Graduated, 2)]);
    expect($ranking->stackCost($crossed))->toBe(2 * 0.25 + 1.0 + 0.5)
        ->and(termOf('makeshift', null, $crossed))->toBe([1.5, 'two graduated filters crossed leave the frame uneven by 1.0 stops']);
    $blue = FilterStack::of([$of('Blue', FilterKind::NeutralDensity, 10, cast: ColourCast::of(-0.1, 0.4))]);
    expect(termOf('cast', null, $blue))->toBe([0.2, 'the filters have a cast of 0.4 stops'])
        ->and(termOf('polariser', null, FilterStack::of([$pola])))->toBe([0.35, 'the polariser takes glare too, by its turn'])
        // In this order, and only what counts.
        ->and(array_column(termsOf(null, $blue->with([$pola])), 0))->toBe(['target', 'aperture', 'iso', 'filters', 'bulb', 'polariser', 'cast']);
});

it('counts what rounding does to the highlights on the side that the habit avoids', function (): void {
    $right = question(bag([]), 1, 1, habits: new Habits(highlights: HighlightHabit::ExposeRight));
    $named = static fn (array $terms): array => array_column($terms, 0);
    expect(termOf('highlights', exactS: 0.5))->toBe([1.0, 'rounding makes it 1.00 stops brighter, and you protect highlights'])
        ->and(termOf('highlights', $right, exactS: 2))->toBe([1.0, 'rounding makes it 1.00 stops darker, and you expose to the right'])
        ->and($named(termsOf(exactS: 2)))->not->toContain('highlights')
        ->and($named(termsOf($right, exactS: 0.5)))->not->toContain('highlights')
        // Less than half a hundredth of a stop is not worth a line.
        ->and($named(termsOf(exactS: 2 ** -0.004)))->not->toContain('highlights')
        ->and($named(termsOf(exactS: 2 ** -0.006)))->toContain('highlights');
});

it('counts diffraction where the Airy disc grows beyond the smallest blur that matters, and depth that is missing', function (): void {
    // 2.44 x 0.55 um x N against a 1500th of the diagonal: from f/21.5 on a frame of 36 by 24 mm.
    $f22 = Aperture::named(22);
    $stops = log(2.44 * 0.00055 * $f22->number / (sqrt(36 ** 2 + 24 ** 2) / 1500), 2);
    expect(termOf('diffraction', aperture: $f22->number))->toBe([round($stops, 3), 'diffraction softens f/22'])->and($stops)->toBeGreaterThan(0.05)
        ->and(array_column(termsOf(aperture: Aperture::named(16)->number), 0))->not->toContain('diffraction');

    // Sharp from a metre to infinity: focused at two, f^2 / (c (2 m - f)) is f/10.1 at 24 mm.
    $bag = bag([]);
    $q = new Question(Reading::ofLight(12.0), Stops::zero(), ShutterWindow::of(ShutterTime::ofSeconds(1), ShutterTime::ofSeconds(1)), $bag,
        sharp: SharpRange::of(1.0));
    $needed = 24 ** 2 / (sqrt(36 ** 2 + 24 ** 2) / 1500 * (2000 - 24));
    $f56 = Aperture::named(5.6);
    $cost = 0.6 * 2 * log($needed / $f56->number, 2);
    expect($needed)->toBeAbout(10.1, 0.01)
        ->and(termOf('depth', $q, aperture: $f56->number))->toBe([round($cost, 3), 'f/5.6 is sharp over less than you ask; f/10.1 would do'])
        ->and(array_column(termsOf($q, aperture: Aperture::named(11)->number), 0))->not->toContain('depth')
        ->and((new Ranking($q))->apertureCost($f56))->toBeAbout(1.0 + $cost, 1e-9)
        // To a far end as well: focused at the harmonic mean, 4/3 m for one to two metres.
        ->and(termOf('depth', new Question($q->reading, Stops::zero(), $q->target, $bag, sharp: SharpRange::of(0.5, 2.0)), aperture: 8)[0])
        ->toBe(round(0.6 * 2 * log(24 ** 2 * 800 * (1 / 500 - 1 / 2000) / (2 * sqrt(36 ** 2 + 24 ** 2) / 1500 * (800 - 24)) / 8, 2), 3));
});
