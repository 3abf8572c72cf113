<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/**
 * The stacks that a bag allows, by the hard rules of filters: one variable filter at most and never with a polariser;
 * one polariser at most; as many slotted filters as the holder has slots, if it goes before the lens; screwed-in filters only where
 * the thread matches or a step-up ring bridges it, and two of them at most. Two graduated filters may be crossed as a makeshift:
 * the weaker counts in full. Common practice.
 */
final class Stacks
{
    /** Full-frame equivalent below which stacked rings darken the corners. Common practice. */
    private const WIDE_MM = 24.0;

    /** Darker than this no stack is of use: brightest light through the widest lens would want more than a day. */
    public const DARKEST_STOPS = 48.0;

    /** More stacks than this are not all looked at, but only those that no other beats. */
    private const ALL_UP_TO = 4096;

    /**
     * @param  list<Filter>  $staying  filters that were on for the reading: they stay on and take their room
     * @param  list<Filter>  $with  filters that must be on besides
     * @param  list<Filter>  $without  filters that must not be added
     * @param  (callable(FilterStack): float)|null  $cost  by which one stack beats another of its strength, in a bag of very many; else by
     *     their number
     * @return list<FilterStack> the one with nothing added first; none where what must be on cannot be
     */
    public static function of(Bag $bag, array $staying = [], array $with = [], array $without = [], ?callable $cost = null): array
    {
        $wide = $bag->camera->sensor->fullFrameEquivalentMm($bag->lens->focalLengthMm) < self::WIDE_MM;
        $stack = FilterStack::empty();
        $there = new StackCount($bag->holderFits() ? $bag->slots : 0);
        $stays = Filter::names($staying);
        $added = array_filter($with, static fn (Filter $f): bool => ! in_array($f->name, $stays, true));
        foreach (FilterStack::ordered([...$staying, ...$added]) as $filter) {
            $more = $there->with([$filter]);
            if (! in_array($filter->name, $stays, true) && ($more === null || ! self::fits($filter, $bag) || $filter->stops() === null)) {
                return [];
            }
            $there = $more ?? $there;
            $stack = $stack->with([$filter], $wide && $there->screwed >= 2);
        }
        $kept = [...$stays, ...Filter::names($with), ...Filter::names($without)];
        $usable = array_values(array_filter(
            $bag->filters,
            static fn (Filter $f): bool => $f->setsTheTime() && self::fits($f, $bag) && ! in_array($f->name, $kept, true),
        ));
        $units = array_map(static fn (Filter $f): array => [$f], FilterStack::ordered($usable));
        if (array_filter($stack->filters, static fn (Filter $f): bool => $f->kind->hasEdge()) === []) {
            array_push($units, ...array_filter(
                self::crossedPairs($bag), static fn (array $pair): bool => array_intersect(Filter::names($pair), $kept) === [],
            ));
        }
        if (self::atMost($units, $bag->slots) > self::ALL_UP_TO) {
            return CheapestStacks::of($stack, $there, $units, $wide, $cost ?? static fn (FilterStack $s): float => $s->count());
        }
        $stacks = [$stack];
        self::extend($stack, $there, $units, 0, $wide, $stacks);

        return $stacks;
    }

    /**
     * No fewer than there are stacks: so many of the slotted, two at most of the screwed, and a crossed pair.
     *
     * @param  list<non-empty-list<Filter>>  $units
     */
    private static function atMost(array $units, int $slots): float
    {
        $single = array_filter($units, static fn (array $u): bool => count($u) === 1);
        $slotted = count(array_filter($single, static fn (array $u): bool => $u[0]->mount === Mount::Slot));
        $choose = static function (int $of, int $most): float {
            $sum = $ways = 1.0;
            for ($k = 1; $k <= min($most, $of); $k++) {
                $ways *= ($of - $k + 1) / $k;
                $sum += $ways;
            }

            return $sum;
        };

        return $choose($slotted, $slots) * $choose(count($single) - $slotted, 2) * (1 + count($units) - count($single));
    }

    /** Whether the filter can be put before this lens at all. */
    public static function fits(Filter $filter, Bag $bag): bool
    {
        return $filter->mount === Mount::Slot ? $bag->holderFits() : $filter->threadMm === null || $bag->bridges($filter->threadMm);
    }

    /** @return list<array{Filter, Filter}> */
    private static function crossedPairs(Bag $bag): array
    {
        $graduated = array_values(array_filter(
            $bag->filters, static fn (Filter $f): bool => $f->graduation() !== null && $f->mount === Mount::Slot,
        ));
        $pairs = [];
        foreach ($graduated as $i => $one) {
            foreach (array_slice($graduated, $i + 1) as $other) {
                $pairs[] = [$one, $other];
            }
        }

        return $pairs;
    }

    /**
     * Every way to put more units before what is there, each with what may come after it.
     *
     * @param  list<non-empty-list<Filter>>  $units  a filter each, in the order of fitting, or a crossed pair
     * @param  non-empty-list<FilterStack>  $stacks
     *
     * @param-out non-empty-list<FilterStack> $stacks
     */
    private static function extend(FilterStack $before, StackCount $there, array $units, int $from, bool $wide, array &$stacks): void
    {
        for ($i = $from, $count = count($units); $i < $count; $i++) {
            $more = $there->with($units[$i]);
            if ($more === null || $before->darkest->value + FilterStack::adds($units[$i]) > self::DARKEST_STOPS) {
                continue;
            }
            $stack = $before->with($units[$i], $wide && $more->screwed >= 2);
            $stacks[] = $stack;
            self::extend($stack, $more, $units, $i + 1, $wide, $stacks);
        }
    }
}
