<?php

declare(strict_types=1);

// Which stacks a bag allows, at the bounds of each rule; by hand.

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Handling;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Kit\StackCount;
use GentlePour\Kit\Stacks;
use GentlePour\Kit\Unusable;

/**
 * Weak filters by number, screwed in or slotted in.
 *
 * @return list<Filter>
 */
function several(int $count, Mount $mount = Mount::Slot): array
{
    return array_map(static fn (int $i): Filter => nd("{$mount->value} {$i}", 0.5, $mount), range(1, $count));
}

/** @return list<Filter> */
function grads(int $count): array
{
    return array_map(static fn (int $i): Filter => Filter::of("Grad {$i}", FilterKind::Graduated, Mount::Slot, Stops::of(1 + $i)),
        range(1, $count));
}

/** @param  list<Filter>  $filters */
function wideBag(array $filters, float $focal, int $slots = 2, array $adapters = []): Bag
{
    $camera = new Camera(new Sensor(36, 24, 6000), Iso::of(100), Iso::of(50), Iso::of(1600), ShutterTime::onDial(15));

    return new Bag($camera, new Lens($focal, Aperture::named(4), Aperture::named(22), 77), $filters, $slots, true, [], $adapters);
}

/** @return list<string> */
function labelsOf(array $stacks): array
{
    return array_map(static fn (FilterStack $s): string => $s->label(), $stacks);
}

/** Whether of this bag only the cheapest stacks are looked at: by what they cost, which is asked of none otherwise. */
function asksCosts(Bag $bag): bool
{
    $asked = false;
    Stacks::of($bag, cost: static function (FilterStack $stack) use (&$asked): float {
        $asked = true;

        return (float) $stack->count();
    });

    return $asked;
}

it('looks at all of 4,096 stacks, and of more at the cheapest: so many of the slotted, two of the screwed, a crossed pair (by hand)',
    function (
        array $filters, int $slots, bool $all,
    ): void {
        expect(asksCosts(bag($filters, slots: $slots)))->toBe(! $all);
    })->with([
        // 1 + 29 + 406 + 3,654 are 4,090; 1 + 18 + 153 + 816 + 3,060 are 4,048.
        'three of 29' => fn (): array => [several(29), 3, true], 'three of 30' => fn (): array => [several(30), 3, false],
        'four of 18' => fn (): array => [several(18), 4, true], 'four of 19' => fn (): array => [several(19), 4, false],
        // 56 of the slotted by 67 or 79 of the screwed.
        'with two of 11 screwed' => fn (): array => [[...several(10), ...several(11, Mount::Thread)], 2, true],
        'with two of 12 screwed' => fn (): array => [[...several(10), ...several(12, Mount::Thread)], 2, false],
        // 79 of the slotted with none or one of 45 pairs, or of 55.
        'with a pair of ten' => fn (): array => [[...several(12), ...grads(10)], 2, true],
        'with a pair of eleven' => fn (): array => [[...several(12), ...grads(11)], 2, false],
    ]);

it('keeps on what was on, and adds what must be on once: where that cannot be, there is no stack', function (): void {
    [$three, $six, $ten] = [nd('Three', 3), nd('Six', 6), nd('Ten', 10)];
    $bag = bag([$three, $six, $ten]);
    expect(labelsOf(Stacks::of($bag, staying: [$six])))->toBe(['Six', 'Six + Ten', 'Six + Three'])
        ->and(labelsOf(Stacks::of($bag, staying: [$six], with: [$six])))->toBe(['Six', 'Six + Ten', 'Six + Three'])
        ->and(labelsOf(Stacks::of($bag, staying: [$six], with: [$three])))->toBe(['Six + Three'])
        ->and(labelsOf(Stacks::of($bag, with: [$three])))->toBe(['Three', 'Three + Ten', 'Three + Six'])
        ->and(labelsOf(Stacks::of($bag, with: [$three], without: [$ten])))->toBe(['Three', 'Three + Six'])
        ->and(Stacks::of($bag, with: [$three, $six, $ten]))->toBe([])
        // Unmeasured glass, and what does not fit, cannot be added; what was on at the reading is on.
        ->and(Stacks::of($bag, with: [Filter::of('Welding', FilterKind::Welding, Mount::Thread, null)]))->toBe([])
        ->and(Stacks::of($bag, with: [Filter::of('Big', FilterKind::NeutralDensity, Mount::Thread, Stops::of(3), threadMm: 82)]))->toBe([])
        ->and(labelsOf(Stacks::of($bag,
            staying: [Filter::of('Big', FilterKind::NeutralDensity, Mount::Thread, Stops::of(3), threadMm: 82)]))[0])->toBe('Big');
});

it('has no room in a holder that does not go before the lens, whatever its slots', function (): void {
    $bag = wideBag([nd('Three', 3), nd('Screwed', 6, Mount::Thread)], 24, adapters: [67.0]);
    expect(labelsOf(Stacks::of($bag)))->toBe(['no filter', 'Screwed'])->and(Stacks::of($bag, with: [nd('Three', 3)]))->toBe([]);
});

it('sees stacked rings in the corners below 24 mm, from the second on, whether they were on or are added (common practice)', function (): void {
    [$one, $two] = [nd('One', 3, Mount::Thread), nd('Two', 6, Mount::Thread)];
    $vignettes = fn (float $focal, array $staying, string $label): bool => array_values(array_filter(
        Stacks::of(wideBag([$one, $two, nd('Slotted', 10)], $focal), staying: $staying),
        static fn (FilterStack $s): bool => $s->label() === $label,
    ))[0]->vignettes;
    expect($vignettes(16, [], 'Two + One'))->toBeTrue()->and($vignettes(24, [], 'Two + One'))->toBeFalse()
        ->and($vignettes(23.9, [], 'Two + One'))->toBeTrue()
        ->and($vignettes(16, [], 'Two'))->toBeFalse()->and($vignettes(16, [], 'One + Slotted'))->toBeFalse()
        ->and($vignettes(16, [$one], 'One'))->toBeFalse()->and($vignettes(16, [$one], 'One + Two'))->toBeTrue()
        ->and($vignettes(16, [$one, $two], 'Two + One'))->toBeTrue()
        ->and($vignettes(35, [$one, $two], 'Two + One'))->toBeFalse();
});

it('crosses two graduated filters where none is on, and counts the weaker in full and the rest as uneven', function (): void {
    [$soft, $hard] = grads(2);
    $bag = bag([nd('Six', 6), $soft, $hard], slots: 3);
    $crossed = array_values(array_filter(Stacks::of($bag), static fn (FilterStack $s): bool => $s->crossed));
    expect(labelsOf($crossed))->toHaveCount(2)->and($crossed[0]->darkest->value)->toBe(8.0)->and($crossed[0]->uneven)->toBe(1.0)
        ->and(array_filter(Stacks::of($bag, staying: [$soft]), static fn (FilterStack $s): bool => $s->crossed))->toBe([])
        ->and(array_filter(Stacks::of($bag, staying: [nd('Six', 6)]), static fn (FilterStack $s): bool => $s->crossed))->not->toBe([])
        ->and(array_filter(Stacks::of($bag, without: [$hard]), static fn (FilterStack $s): bool => $s->crossed))->toBe([]);
});

it('looks at no stack darker than 48 stops, and at one of just so many', function (): void {
    expect(labelsOf(Stacks::of(bag([nd('A', 24), nd('B', 24)]))))->toContain('A + B')
        ->and(labelsOf(Stacks::of(bag([nd('A', 24), nd('B', 24), nd('C', 0.1)], slots: 3))))->not->toContain('A + B + C');
});

it('puts nearest the lens a polariser, then what darkens all, the darker first, then what is graduated; screwed in before slotted in', function (): void {
    $pola = fn (Mount $mount): Filter => Filter::of("Pola {$mount->value}", FilterKind::Polariser, $mount, Stops::of(1.5));
    $grad = Filter::of('Screwed grad', FilterKind::Graduated, Mount::Thread, Stops::of(2));
    $all = [grads(1)[0], nd('Slotted 3', 3), nd('Slotted 6', 6), $pola(Mount::Slot), $grad, nd('Screwed 3', 3, Mount::Thread),
        $pola(Mount::Thread)];
    expect(Filter::names(FilterStack::ordered($all)))->toBe([
        'Pola '.Mount::Thread->value, 'Screwed 3', 'Screwed grad', 'Pola '.Mount::Slot->value, 'Slotted 6', 'Slotted 3', 'Grad 1',
    ]);
});

it('reserves the kind beside which no other of its like may come', function (): void {
    $count = new StackCount(4);
    $pola = Filter::of('Pola', FilterKind::Polariser, Mount::Slot, Stops::of(1.5));
    expect($count->reserved())->toBe('')->and($count->with([nd('Six', 6)])?->reserved())->toBe('')
        ->and($count->with([nd('Six', 6)])?->with([$pola])?->reserved())->toBe(FilterKind::Polariser->value)
        ->and($count->with([$pola])?->with([$pola]))->toBeNull()
        // Two are screwed in at most, whatever is slotted in besides.
        ->and($count->with([nd('S', 1)])?->with([nd('A', 1, Mount::Thread)])?->with([nd('B', 1, Mount::Thread)])?->with([nd('C', 1,
            Mount::Thread)]))->toBeNull()
        ->and($count->with([nd('S', 1)])?->with([nd('A', 1, Mount::Thread)])?->with([nd('B', 1, Mount::Thread)])?->screwed)->toBe(2);
});

it('says what ring a filter needs, to a tenth of a millimetre, and which is too small for any', function (): void {
    $screwed = fn (string $name, float $mm): Filter => Filter::of($name, FilterKind::NeutralDensity, Mount::Thread, Stops::of(3),
        threadMm: $mm);
    $lens = new Lens(24, Aperture::named(4), Aperture::named(22), 40.5);
    $bag = bag([$screwed('Wide', 82.0), $screwed('Odd', 43.5), $screwed('Small', 37.0), $screwed('Same', 40.55)])->with(lens: $lens);
    $why = array_column(Unusable::of($bag), 'why');
    expect(implode(' ', $why))->toContain('“Wide” needs a 40.5–82 ring.')->toContain('“Odd” needs a 40.5–43.5 ring.')
        ->toContain('“Small” of 37 mm is too small for a thread of 40.5 mm: rings only step up.')->not->toContain('Same');
});

it('is a bag of its own where a camera, a lens or the release is another', function (): void {
    $bag = bag([nd('Six', 6)]);
    $other = new Camera(new Sensor(24, 16, 6000), Iso::of(200), null, Iso::of(6400), ShutterTime::onDial(12));
    expect($bag->with(camera: $other)->camera)->toBe($other)->and($bag->with(camera: $other)->lens)->toBe($bag->lens)
        ->and($bag->with(release: false)->release)->toBeFalse()->and($bag->with(release: false)->camera)->toBe($bag->camera)
        ->and($bag->with()->release)->toBeTrue();
});

it('takes a camera for one without a mirror or an optical finder, with a stabiliser and raw files, until it is said otherwise', function (): void {
    expect((array) new Handling)->toBe(['mirror' => false, 'opticalFinder' => false, 'stabiliser' => true, 'raw' => true]);
});

it('takes the diagonal over 1500 for the circle of confusion, and two pixels where they are larger (common practice)', function (): void {
    $known = new Sensor(36, 24, 1000);
    expect((new Sensor(36, 24))->circleOfConfusionMm())->toBeAbout(hypot(36, 24) / 1500, 1e-15)
        ->and((new Sensor(36, 24))->smallestBlurMm())->toBeAbout(hypot(36, 24) / 1500, 1e-15)
        ->and($known->smallestBlurMm())->toBeAbout(0.072, 1e-15)
        ->and((new Sensor(36, 24, 6000))->smallestBlurMm())->toBeAbout(hypot(36, 24) / 1500, 1e-15);
});
