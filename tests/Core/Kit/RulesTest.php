<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\ColourCast;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterCost;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Kit\Stacks;

// The hard rules of filters, each by hand. Common practice.

function grad(string $name, float $stops, Mount $mount = Mount::Slot): Filter
{
    return Filter::of($name, FilterKind::Graduated, $mount, Stops::of($stops));
}

/**
 * @param  list<Filter>  $filters
 * @param  list<Filter>  $staying
 * @return list<string>
 */
function stackNames(array $filters, int $slots = 2, array $staying = [], float $focal = 50): array
{
    $bag = new Bag(bag([])->camera, new Lens($focal, Aperture::named(4), Aperture::named(22), 77), $filters, $slots, true);
    $names = array_map(fn (FilterStack $s): string => $s->label().($s->vignettes ? '!' : ''), Stacks::of($bag, $staying));
    sort($names);

    return $names;
}

it('takes as many slotted filters as the holder has slots, less those that stay on', function (): void {
    $filters = [nd('A', 6), nd('B', 10), nd('C', 3)];
    expect(stackNames($filters, 1))->toBe(['A', 'B', 'C', 'no filter'])
        ->and(stackNames($filters, 2))->toBe(['A', 'A + C', 'B', 'B + A', 'B + C', 'C', 'no filter'])
        ->and(stackNames($filters, 3))->toContain('B + A + C')
        ->and(stackNames($filters, 0))->toBe(['no filter'])
        // A graduated filter lined up for the reading takes its slot, outermost; one that is screwed in takes none, and is inside.
        ->and(stackNames($filters, 2, [grad('Soft', 2)]))->toBe(['A + Soft', 'B + Soft', 'C + Soft', 'Soft'])
        ->and(stackNames($filters, 1, [grad('Soft', 2)]))->toBe(['Soft'])
        ->and(stackNames([nd('A', 6)], 1, [grad('Soft', 2, Mount::Thread)]))->toBe(['Soft', 'Soft + A']);
});

it('screws two filters in at most, and darkens the corners with two on a lens wider than 24 mm', function (): void {
    $screwed = [nd('A', 6, Mount::Thread), nd('B', 10, Mount::Thread), nd('C', 3, Mount::Thread)];
    expect(stackNames($screwed, 0))->toBe(['A', 'A + C', 'B', 'B + A', 'B + C', 'C', 'no filter'])
        ->and(stackNames($screwed, 0, focal: 20))->toBe(['A', 'A + C!', 'B', 'B + A!', 'B + C!', 'C', 'no filter'])
        ->and(stackNames($screwed, 0, focal: 24))->toBe(['A', 'A + C', 'B', 'B + A', 'B + C', 'C', 'no filter'])
        // Slotted ones do not count among the screwed-in, and once dark the corners stay dark.
        ->and(stackNames([nd('A', 6, Mount::Thread), nd('S', 3), nd('T', 2)], 2, focal: 20))
        ->toBe(['A', 'A + S', 'A + S + T', 'A + T', 'S', 'S + T', 'T', 'no filter'])
        ->and(stackNames([nd('A', 6, Mount::Thread), nd('B', 3, Mount::Thread), nd('S', 2)], 1, focal: 20))
        ->toBe(['A', 'A + B + S!', 'A + B!', 'A + S', 'B', 'B + S', 'S', 'no filter']);
});

it('lets one polariser or variable filter into a stack, whatever else is there', function (): void {
    $pola = fn (string $name): Filter => Filter::of($name, FilterKind::Polariser, Mount::Slot, null);
    $twist = Filter::of('Twist', FilterKind::Variable, Mount::Slot, Stops::of(8), lightest: Stops::of(2));
    expect(stackNames([$pola('P'), $pola('Q'), $twist, nd('A', 3)], 3))
        ->toBe(['A', 'P', 'P + A', 'Q', 'Q + A', 'Twist', 'Twist + A', 'no filter']);
});

it('crosses two graduated filters as a makeshift: the weaker counts, the rest is uneven; two slots, once, none lined up', function (): void {
    $grads = [grad('Soft', 2), grad('Hard', 3), grad('Screwed', 3, Mount::Thread)];
    expect(stackNames($grads, 2))->toBe(['Soft × Hard', 'no filter'])
        ->and(stackNames([...$grads, grad('Third', 1)], 2))->toBe(['Hard × Third', 'Soft × Hard', 'Soft × Third', 'no filter'])
        ->and(stackNames($grads, 1))->toBe(['no filter'])
        ->and(stackNames([...$grads, nd('A', 6)], 3))->toBe(['A', 'A + Soft × Hard', 'Soft × Hard', 'no filter'])
        ->and(stackNames([...$grads, nd('A', 6)], 2))->toBe(['A', 'Soft × Hard', 'no filter'])
        ->and(stackNames([...$grads, grad('Third', 1), grad('Fourth', 1)], 4))->not->toContain('Soft × Hard × Third × Fourth')
        ->and(stackNames($grads, 3, [grad('Lined up', 2)]))->toBe(['Lined up']);
    $crossed = FilterStack::empty()->with([grad('Soft', 2), grad('Hard', 3.5)]);
    expect([$crossed->darkest->value, $crossed->lightest->value, $crossed->uneven, $crossed->crossed])->toBe([2.0, 2.0, 1.5, true])
        ->and($crossed->isVariable())->toBeFalse()
        // A filter under the crossed pair goes inside of it, and adds its own.
        ->and($crossed->with([nd('A', 6)])->names())->toBe(['A', 'Soft', 'Hard'])
        ->and($crossed->with([nd('A', 6)])->darkest->value)->toBe(8.0)->and($crossed->with([nd('A', 6)])->uneven)->toBe(1.5);
});

it('is empty at first: no stops, no dark corners, nothing uneven', function (): void {
    $empty = FilterStack::empty();
    expect([$empty->darkest->value, $empty->lightest->value, $empty->vignettes, $empty->crossed, $empty->uneven, $empty->count()])
        ->toBe([0.0, 0.0, false, false, 0.0, 0])
        ->and($empty->label())->toBe('no filter')->and($empty->isVariable())->toBeFalse()
        ->and($empty->has(FilterKind::Polariser))->toBeFalse();
    $one = $empty->with([nd('A', 6)]);
    expect([$one->vignettes, $one->crossed, $one->uneven])->toBe([false, false, 0.0])
        ->and($one->has(FilterKind::NeutralDensity))->toBeTrue()
        ->and($one->has(FilterKind::Polariser))->toBeFalse();
});

it('ranges with a variable filter from its lightest to its darkest, over what else is there', function (): void {
    $twist = Filter::of('Twist', FilterKind::Variable, Mount::Thread, Stops::of(8), lightest: Stops::of(2));
    $stack = FilterStack::of([nd('A', 3), $twist]);
    expect([$stack->lightest->value, $stack->darkest->value])->toBe([5.0, 11.0])->and($stack->isVariable())->toBeTrue()
        ->and($stack->names())->toBe(['Twist', 'A']);
});

it('fits screwed-in before slotted, and of one kind the darker before the lighter, one without a strength last', function (): void {
    $glass = Filter::of('Glass', FilterKind::Welding, Mount::Slot, null);
    expect(FilterStack::of([grad('In', 2, Mount::Thread), nd('A', 3), nd('B', 0.5), $glass, nd('C', 9, Mount::Thread)])->names())
        ->toBe(['C', 'In', 'A', 'B', 'Glass'])
        ->and(FilterStack::of([$glass])->darkest->value)->toBe(0.0)
        ->and(FilterStack::of([nd('A', 1), Filter::of('P', FilterKind::Polariser, Mount::Slot, Stops::of(2)), grad('Hard', 3)])->names())
        ->toBe(['P', 'A', 'Hard']);
});

it('adds up the casts that are known, and takes what is not for none', function (): void {
    $warm = Filter::of('Warm', FilterKind::NeutralDensity, Mount::Slot, Stops::of(6), cast: ColourCast::of(0.5, 0.0));
    expect(FilterStack::of([$warm, nd('A', 3), nd('B', 2)])->cast())->toBe(0.5);
});

it('puts the holder on by an adapter of the lens’s thread or one that a ring bridges, and never without slots', function (): void {
    $fits = fn (int $slots, ?float $thread, array $adapters, array $rings = []): bool => (new Bag(
        bag([])->camera, new Lens(24, Aperture::named(4), Aperture::named(22), $thread), [], $slots, true, $rings, $adapters,
    ))->holderFits();
    expect($fits(1, 77, []))->toBeTrue()->and($fits(0, 77, []))->toBeFalse()->and($fits(0, null, [82.0]))->toBeFalse()
        ->and($fits(1, null, [82.0]))->toBeTrue()->and($fits(2, 82, [82.0]))->toBeTrue()->and($fits(2, 77, [82.0]))->toBeFalse()
        ->and($fits(2, 77, [67.0, 82.0], [[77.0, 82.0]]))->toBeTrue();
});

it('bridges a thread by the same one to a tenth of a millimetre, or by a ring from just that to just this', function (): void {
    $bridges = fn (float $lens, float $filter, array $rings = []): bool => (new Bag(
        bag([])->camera, new Lens(24, Aperture::named(4), Aperture::named(22), $lens), [], 0, true, $rings,
    ))->bridges($filter);
    expect($bridges(77, 77.05))->toBeTrue()->and($bridges(77, 77.5))->toBeFalse()->and($bridges(77, 76.5))->toBeFalse()
        ->and($bridges(77, 82, [[77.0, 82.0]]))->toBeTrue()->and($bridges(77, 82, [[76.5, 82.0]]))->toBeFalse()
        ->and($bridges(77, 82, [[77.0, 82.5]]))->toBeFalse()->and($bridges(77, 82, [[77.0, 86.0], [72.0, 82.0]]))->toBeFalse()
        ->and($bridges(82, 77, [[82.0, 77.0]]))->toBeFalse();
});

it('says in a sentence what a filter lacks, by its name', function (): void {
    $message = function (callable $make): string {
        try {
            $make();
        } catch (GentlePour\InvalidValue $refused) {
            return $refused->getMessage();
        }

        return 'nothing';
    };
    expect($message(fn () => Filter::of('Grey', FilterKind::NeutralDensity, Mount::Slot, null)))->toStartWith('The marking of “Grey”')
        ->and($message(fn () => Filter::of('Twist', FilterKind::Variable, Mount::Thread, Stops::of(2))))
        ->toBe('The variable filter “Twist” needs a lightest and a darkest setting, the lightest first.')
        ->and(fn () => Filter::of('Twist', FilterKind::Variable, Mount::Thread, null, Stops::of(8),
            Stops::of(2)))->toBeRefused('lightest first')
        ->and(fn () => Filter::of('Twist', FilterKind::Variable, Mount::Thread, Stops::of(2),
            lightest: Stops::of(2)))->toBeRefused('lightest first')
        ->and($message(fn () => bag([])->filter('Ten')))->toBe('There is no filter called “Ten” in the bag.')
        ->and(fn () => Filter::of('A', FilterKind::NeutralDensity, Mount::Slot, Stops::of(3), Stops::of(-1)))->toBeRefused('strength',
            'stops')
        ->and(fn () => Filter::of('A', FilterKind::Variable, Mount::Slot, Stops::of(3), lightest: Stops::of(-1)))->toBeRefused('strength',
            'stops')
        ->and(fn () => Filter::of('A', FilterKind::NeutralDensity, Mount::Thread, Stops::of(3), threadMm: 3))->toBeRefused('thread',
            'thread_mm')
        ->and(fn () => bag(array_map(fn (int $i): Filter => nd("F{$i}", 1), range(1, 99))))->toBeRefused('filters', 'filters');
});

it('trims a name, and keeps a lightest setting only for what ranges', function (): void {
    $six = Filter::of('  Six ', FilterKind::NeutralDensity, Mount::Slot, Stops::of(6), lightest: Stops::of(1));
    $twist = Filter::of('Twist', FilterKind::Variable, Mount::Slot, Stops::of(6), lightest: Stops::of(1));
    expect([$six->name, $six->lightest])->toBe(['Six', null])->and($twist->lightest?->value)->toBe(1.0)
        ->and(grad('Soft', 2)->graduation()?->value)->toBe(2.0)->and($six->graduation())->toBeNull()
        ->and(Filter::of('Soft', FilterKind::Graduated, Mount::Slot, Stops::of(2), Stops::of(1.8))->graduation()?->value)->toBe(1.8);
});

it('turns a polariser by eye and nothing else, and says what each kind costs and wants', function (): void {
    $turned = array_values(array_filter(FilterKind::cases(), fn (FilterKind $k): bool => $k->isTurned()));
    $cost = fn (FilterKind $k): array => [$k->cost()->name, $k->cost()->stops];
    expect($turned)->toBe([FilterKind::Polariser])
        ->and($cost(FilterKind::NeutralDensity))->toBe(['', 0.0])->and($cost(FilterKind::Graduated))->toBe(['', 0.0])
        ->and($cost(FilterKind::Polariser))->toBe(['polariser', 0.35])->and($cost(FilterKind::Variable))->toBe(['unevenness', 0.4])
        ->and($cost(FilterKind::Welding))->toBe(['cast', 1.0])->and(FilterCost::none()->why)->toBe('');
    $pola = Filter::of('P', FilterKind::Polariser, Mount::Slot, null);
    $known = Filter::of('P', FilterKind::Polariser, Mount::Slot, null, Stops::of(1.3));
    $twist = Filter::of('Twist', FilterKind::Variable, Mount::Slot, Stops::of(8), lightest: Stops::of(2));
    expect(FilterKind::Polariser->warning($pola, 1.5))->toContain('1 to 2 stops')
        ->and(FilterKind::Polariser->warning($known, 1.3))->toBeNull()
        ->and(FilterKind::Variable->warning($twist, 6.04))->toBe('Set “Twist” to 6.0 stops; near its dark end a cross may show.')
        ->and(FilterKind::NeutralDensity->warning(nd('A', 3), 3))->toBeNull()
        ->and(FilterKind::Welding->warning(nd('A', 3), 3))->toContain('white reference');
});

it('sees a cast from a tenth of a stop on', function (): void {
    expect(ColourCast::of(0.1, 0.1)->words())->toBe('magenta')->and(ColourCast::of(-0.1, -0.1)->words())->toBe('green')
        ->and(ColourCast::of(0.09, 0.09)->words())->toBeNull()->and(ColourCast::of(0.1, 0.0)->words())->toBe('warm')
        ->and(ColourCast::of(0.1, 0.09)->words())->toBe('warm')->and(ColourCast::of(-0.09, 0.1)->words())->toBe('blue')
        ->and(ColourCast::of(-0.1, -0.09)->words())->toBe('blue')->and(ColourCast::of(-0.09, -0.1)->words())->toBe('warm');
});

it('refuses cameras and lenses that cannot be, and takes those at the edge', function (): void {
    $camera = fn (?float $low, float $p = 1.0, ?float $battery = null, float $longest = 30, float $max = 400): Camera => new Camera(
        new Sensor(36, 24), Iso::of(100), $low === null ? null : Iso::of($low), Iso::of($max), ShutterTime::ofSeconds($longest), $battery,
        $p,
    );
    $lens = fn (float $from, float $to, ?array $best = null): Lens => new Lens(
        50, Aperture::of($from), Aperture::of($to), null, $best === null ? null : [Aperture::of($best[0]), Aperture::of($best[1])],
    );
    expect($camera(100)->isos())->toHaveCount(7)->and($camera(null, max: 100)->isos())->toHaveCount(1)
        ->and(fn () => $camera(null, 1.0, -5))->toBeRefused('battery', 'battery_minutes')
        ->and(fn () => $camera(null, 1.0, null, 7201))->toBeRefused('longest', 'longest_timed_s')
        ->and($lens(4, 4)->apertures())->toHaveCount(1)->and($lens(4, 22, [8, 8])->preferred)->toHaveCount(2)
        ->and(fn () => $lens(4, 22, [8, 5.6]))->toBeRefused('preferred', 'preferred')
        ->and($lens(4, 22, [5.6, 8])->preferred)->toHaveCount(2);
    // An ISO or an aperture off the dial begins at the next third, and ends with the last before it.
    $speeds = fn (Camera $c): array => array_map(fn (Iso $i): string => $i->label(), $c->isos());
    expect($speeds($camera(52, max: 128)))->toBe(['64', '80', '100', '125'])
        ->and(array_map(fn (Aperture $a): string => $a->label(), $lens(4.2, 5.1)->apertures()))->toBe(['f/4.5', 'f/5'])
        ->and($lens(4.2, 4.3)->apertures()[0]->number)->toBe(4.2);
});

it('opens film no longer at a second, and longer from there', function (): void {
    $film = new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(100), ShutterTime::onDial(0), null, 1.3);
    $sensor = new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(100), ShutterTime::onDial(0));
    expect($film->reciprocal(1.0))->toBe(1.0)->and($film->reciprocal(1.5))->toBeAbout(1.5 ** 1.3, 1e-12)
        ->and($film->unreciprocal(0.5))->toBe(0.5)->and($film->unreciprocal(1.5))->toBeAbout(1.5 ** (1 / 1.3), 1e-12)
        ->and($sensor->reciprocal(60.0))->toBe(60.0);
});
