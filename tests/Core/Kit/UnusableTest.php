<?php

declare(strict_types=1);

use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Stacks;
use GentlePour\Kit\Unusable;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Remedy;
use GentlePour\Solving\RemedyKind;

// Filters that are packed and cannot be used say so by name, with the way out.

function screwed(string $name, float $thread): Filter
{
    return Filter::of($name, FilterKind::NeutralDensity, Mount::Thread, Stops::of(10), threadMm: $thread);
}

it('says why a filter cannot be used and what would do it', function (Bag $bag, array $said): void {
    expect(array_map(fn (Unusable $u): string => $u->why, Unusable::of($bag)))->toBe($said);
})->with([
    'no holder' => [fn () => threadedBag([nd('Ten', 10)]), ['“Ten” is packed but the holder has no slots: say in Kit how many it has.']],
    'a holder for other threads' => [fn () => threadedBag([nd('Ten', 10)], 2, [], [82.0]),
        ['“Ten” is packed but the holder does not go on a thread of 72 mm: it needs an adapter, or a ring to one.']],
    'a larger thread' => [fn () => threadedBag([screwed('Dark', 77)]), ['“Dark” needs a 72–77 ring.']],
    'a smaller thread' => [fn () => threadedBag([screwed('Dark', 58)]),
        ['“Dark” of 58 mm is too small for a thread of 72 mm: rings only step up.']],
    'no strength' => [fn () => threadedBag([Filter::of('Welding', FilterKind::Welding, Mount::Slot, null)], 2),
        ['“Welding” has no strength yet: measure it, or write in Kit what is engraved.']],
    'all is well' => [fn () => threadedBag([nd('Ten', 10), screwed('Dark', 77), screwed('Same', 72)], 2, [[72.0, 77.0]]), []],
    'a lens whose thread nobody said' => [fn () => threadedBag([screwed('Dark', 77)], thread: null), []],
]);

it('names just those that no stack can hold (400 bags by chance)', function (): void {
    mt_srand(5);
    $threads = [58.0, 67.0, 72.0, 77.0, 82.0];
    for ($i = 0; $i < 400; $i++) {
        $filters = array_map(fn (int $n): Filter => mt_rand(0, 1) === 1 ? nd("S{$n}", mt_rand(1, 10))
            : screwed("T{$n}", $threads[mt_rand(0, 4)]), range(1, mt_rand(1, 4)));
        $rings = array_map(fn (): array => [$threads[mt_rand(0, 4)], $threads[mt_rand(0, 4)]], range(1, mt_rand(1, 3)));
        $bag = threadedBag($filters, mt_rand(0, 2), $rings, mt_rand(0, 1) === 1 ? [] : [$threads[mt_rand(0, 4)]]);
        $used = array_unique(array_merge(...array_map(fn ($stack): array => Filter::names($stack->filters), Stacks::of($bag))));
        $named = array_map(fn (Unusable $u): string => $u->filter->name, Unusable::of($bag));
        expect(array_intersect($used, $named))->toBe([])->and(count($used) + count($named))->toBe(count($filters));
    }
});

it('says so before any remedy says to buy', function (): void {
    $bag = threadedBag([nd('Ten', 10)]);
    $remedies = BackSolver::solve(question($bag, 20, 60, '1/30'))->remedies;
    $kinds = array_map(fn (Remedy $r): RemedyKind => $r->kind, $remedies);
    expect($kinds[0])->toBe(RemedyKind::Fit)->and($remedies[0]->detail)->toContain('“Ten” is packed but the holder has no slots')
        ->and(array_search(RemedyKind::Filter, $kinds, true))->toBeGreaterThan(0);
});
