<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Solving\Fixes;
use GentlePour\Solving\Question;
use GentlePour\Solving\Remedy;
use GentlePour\Solving\RemedyKind;

// What helps where nothing fits, with its figures by hand. f/11 for 1/60 s at ISO 100 is EV 13 by the exact stops of the dial, for 30 s EV 2; the bag
// reaches from f/4 to f/22, from ISO 100 to 1600.

/** @return array<string, Remedy> by their kinds; of filters that would have to fit by their names */
function fixesOf(Question $q): array
{
    $found = [];
    foreach (Fixes::of($q) as $remedy) {
        $found[$remedy->kind === RemedyKind::Fit ? 'fit '.$remedy->filter?->name : $remedy->kind->value] = $remedy;
    }

    return $found;
}

/** Without anything below ISO 100. */
function plainBag(Filter ...$filters): Bag
{
    return bag(array_values($filters), isoLow: null);
}

it('adds the weakest of the filters that are made which gives the look, and says what is missing', function (float $missing, ?int $filter, string $word): void {
    // At f/22 the longest frame without a filter is 1/16 s.
    $min = 2 ** ($missing - 4);
    $fixes = fixesOf(question(plainBag(), $min, 2 * $min));
    if ($filter === null) {
        expect($fixes)->not->toHaveKey('filter');

        return;
    }
    expect($fixes['filter']->detail)->toBe(sprintf(
        'Add a filter of %d %s: the darkest your bag makes is %.1f stops short of the look, and %.1f of its middle.', $filter, $word, $missing,
        $missing + 0.5))
        ->and($fixes['filter']->amount)->toBe((float) $filter)->and($fixes['filter']->stops)->toBeAbout($missing, 1e-9);
})->with([
    [0.5, 1, 'stop'], [1.0, 1, 'stop'], [1.5, 2, 'stops'], [2.0, 2, 'stops'], [3.0, 3, 'stops'], [4.0, 4, 'stops'], [5.0, 6, 'stops'],
    [7.5, 8, 'stops'], [9.0, 10, 'stops'], [12.0, 13, 'stops'], [14.0, 15, 'stops'], [15.5, 16, 'stops'],
]);

it('counts what the bag has already, and leaves alone what is packed', function (): void {
    // Six stops in the holder reach 4 s; two slots.
    $fixes = fixesOf(question(plainBag(nd('new', 6)), 16, 32));
    expect($fixes['filter']->amount)->toBe(2.0)->and($fixes['filter']->stops)->toBeAbout(2.0, 1e-9)
        ->and(array_keys($fixes))->toBe(['filter', 'wait'])
        // With one slot the six has to give way to eight.
        ->and(fixesOf(question(bag([nd('Six', 6)], slots: 1, isoLow: null), 16, 32))['filter']->amount)->toBe(8.0)
        // No holder: screwed in.
        ->and(fixesOf(question(bag([], slots: 0, isoLow: null), 0.25, 0.5))['filter']->amount)->toBe(2.0);
});

it('says nothing where the bag reaches, whatever stands in the way', function (): void {
    expect(Fixes::of(question(plainBag(), 1 / 64, 1 / 32)))->toBe([])->and(Fixes::of(question(plainBag(nd('Six', 6)), 1, 4)))->toBe([])
        // As far as the bag just reaches: 1/16 s at f/22 is the shortest that is wanted, 1/8192 s at f/4 and ISO 1600 the longest.
        ->and(Fixes::of(question(plainBag(), 1 / 16, 1)))->toBe([])->and(Fixes::of(question(plainBag(), 1 / 64000, 2 ** -13)))->toBe([]);
});

it('waits for the light to drop by no less than is missing, to the tenth of EV that is read', function (float $min, string $shutter, string $says, float $ev): void {
    $wait = fixesOf(question(plainBag(), $min, 2 * $min, $shutter))['wait'];
    expect($wait->detail)->toBe($says)->and($wait->ev100)->toBe($ev);
})->with([
    'to the very tenth' => [1.0, '1/60', 'Wait until the light has dropped by 4.0 stops, to EV 9.0.', 9.0],
    // 4.26 stops: EV 8.7, not 8.8.
    'to the darker one' => [1.2, '1/60', 'Wait until the light has dropped by 4.3 stops, to EV 8.7.', 8.7],
    'below nought' => [1024.0, '30', 'Wait until the light has dropped by 3.0 stops, to EV −1.0.', -1.0],
]);

it('makes fit what is packed and does not go on, where it darkens all and is enough', function (): void {
    $large = static fn (string $name, float $stops, FilterKind $kind = FilterKind::NeutralDensity): Filter => Filter::of(
        $name, $kind, Mount::Thread, Stops::of($stops), threadMm: 95,
    );
    $fixes = fixesOf(question(plainBag($large('Wide six', 6), $large('Weak', 1), $large('Edge', 6, FilterKind::Graduated)), 1, 4));
    expect(array_keys($fixes))->toBe(['fit Wide six', 'filter', 'wait'])
        ->and($fixes['fit Wide six']->detail)->toBe('“Wide six” needs a 77–95 ring.')->and($fixes['fit Wide six']->stops)->toBeAbout(4.0, 1e-9);
});

it('gives no filter to a bag that is full', function (int $packed, bool $more): void {
    $filters = array_map(static fn (int $i): Filter => Filter::of("No {$i}", FilterKind::Graduated, Mount::Thread, Stops::of(1), threadMm: 95),
        range(1, $packed));
    expect(array_key_exists('filter', fixesOf(question(plainBag(...$filters), 1, 4))))->toBe($more);
})->with([[59, true], [60, false]]);

it('raises the ISO, opens the lens or waits for light by no less than is missing', function (): void {
    // At f/4 and ISO 1600 the shortest frame in EV 2 is 1/4 s.
    $fixes = fixesOf(question(plainBag(), 1 / 32, 1 / 16, '30'));
    expect(array_keys($fixes))->toBe(['iso', 'aperture', 'wait'])
        ->and($fixes['iso']->detail)->toBe('Raise the ISO to 6400: 2 stops beyond 1600, the highest you accept.')
        ->and($fixes['iso']->amount)->toBe(2.0)
        ->and($fixes['aperture']->detail)->toBe('Use a lens that opens to f/2: 2 stops wider than f/4.')->and($fixes['aperture']->amount)->toBe(2.0)
        ->and($fixes['wait']->detail)->toBe('Wait for 2.0 stops more light, EV 4.0.')->and($fixes['wait']->ev100)->toBe(4.0)
        ->and($fixes['wait']->stops)->toBeAbout(2.0, 1e-9);
    // 2.26 stops are missing, which a dial of thirds has at two and a third.
    $fixes = fixesOf(question(plainBag(), 0.01, 2 ** -4.26, '30'));
    expect($fixes['iso']->detail)->toBe('Raise the ISO to 8000: 2⅓ stops beyond 1600, the highest you accept.')
        ->and($fixes['iso']->amount)->toBeAbout(7 / 3, 1e-9)
        ->and($fixes['aperture']->detail)->toBe('Use a lens that opens to f/1.8: 2⅓ stops wider than f/4.')
        ->and($fixes['aperture']->amount)->toBeAbout(7 / 3, 1e-9)->and($fixes['wait']->ev100)->toBe(4.3);
    // Half a third is a third; a third exactly is no more.
    expect(fixesOf(question(plainBag(), 0.01, 2 ** (-2 - 1 / 6), '30'))['iso']->detail)->toContain('to 2000: ⅓ stop beyond 1600')
        ->and(fixesOf(question(plainBag(), 0.01, 2 ** (-2 - 1 / 3), '30'))['iso']->detail)->toContain('to 2000: ⅓ stop beyond 1600')
        ->and(fixesOf(question(plainBag(), 0.01, 2 ** -2.5, '30'))['aperture']->detail)->toContain('to f/3.2: ⅔ stop wider than f/4');
    // Eight minutes at f/11 are EV -1.9.
    expect(fixesOf(question(plainBag(), 0.5, 1, '8m'))['wait']->detail)->toBe('Wait for 1.9 stops more light, EV 0.0.');
});

it('promises no ISO and no lens that there is none of', function (): void {
    // From ISO 409,600 and f/1 to the ends of what there is are 1.3 stops and two. In EV -10 they reach 1/4 s.
    $bag = bag([], isoMax: 409_600, isoLow: null)->with(lens: new Lens(24, Aperture::of(1.0), Aperture::named(22), 77));
    $beyond = static fn (float $stops): array => array_keys(fixesOf(new Question(Reading::ofLight(-10.0), Stops::zero(),
        ShutterWindow::of(ShutterTime::ofSeconds(2 ** (-4 - $stops)), ShutterTime::ofSeconds(2 ** (-2 - $stops))), $bag)));
    expect($beyond(1.0))->toBe(['iso', 'aperture', 'wait'])->and($beyond(1.25))->toBe(['aperture', 'wait'])
        ->and($beyond(1.6))->toBe(['aperture', 'wait'])->and($beyond(2.5))->toBe(['wait']);
});

it('takes off what was on for the reading, where that is enough', function (): void {
    [$six, $half, $clear] = [nd('Six', 6), nd('Half', 0.5), nd('Clear', 0.04)];
    // EV 2 before the lens: through six stops the shortest frame is 16 s.
    $asked = static fn (array $on, float $max, string $shutter = '30'): Question => new Question(
        new Reading(new Exposure(Aperture::named(11), ShutterTime::parse($shutter), Iso::of(100)), Stops::zero()), Stops::zero(),
        ShutterWindow::of(ShutterTime::ofSeconds($max / 2), ShutterTime::ofSeconds($max)), bag($on, isoLow: null, slots: 3), staying: $on,
    );
    $fixes = fixesOf($asked([$six], 8));
    expect(array_keys($fixes))->toBe(['leave', 'iso', 'aperture', 'wait'])
        ->and($fixes['leave']->detail)->toBe('Take “Six” off, which was on for the reading: 6.0 stops more light.')
        ->and($fixes['leave']->filter?->name)->toBe('Six')
        // Half a stop is not enough for one that is missing; what takes next to nothing is never the cause.
        ->and(array_keys(fixesOf($asked([$six, $half, $clear], 8))))->toBe(['leave', 'iso', 'aperture', 'wait'])
        ->and(fixesOf($asked([$six, $half, $clear], 8))['leave']->filter?->name)->toBe('Six')
        ->and(array_keys(fixesOf($asked([$half, $clear], 0.25))))->toBe(['leave', 'iso', 'aperture', 'wait'])
        ->and(fixesOf($asked([$half, $clear], 0.25))['leave']->detail)->toContain('0.5 stops more light');
});
