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

    /**
     * @param  list<Filter>  $staying  graduated filters that were lined up for the reading: they stay on and take their slots
     * @return non-empty-list<FilterStack> the one with nothing added first
     */
    public static function of(Bag $bag, array $staying = []): array
    {
        $slots = $bag->holderFits()
            ? $bag->slots - count(array_filter($staying, static fn (Filter $f): bool => $f->mount === Mount::Slot))
            : 0;
        $usable = array_values(array_filter(
            $bag->filters,
            static fn (Filter $f): bool => $f->setsTheTime() && self::fits($f, $bag) && ($f->mount === Mount::Thread || $slots > 0),
        ));
        $units = array_map(static fn (Filter $f): array => [$f], FilterStack::ordered($usable));
        if ($staying === [] && $slots >= 2) {
            array_push($units, ...self::crossedPairs($bag));
        }
        $wide = $bag->camera->sensor->fullFrameEquivalentMm($bag->lens->focalLengthMm) < self::WIDE_MM;
        $stacks = [FilterStack::of($staying)];
        self::extend($stacks[0], new StackCount(max(0, $slots)), $units, 0, $wide, $stacks);

        return $stacks;
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
            if ($more === null) {
                continue;
            }
            $stack = $before->with($units[$i], $wide && $more->screwed >= 2);
            $stacks[] = $stack;
            self::extend($stack, $more, $units, $i + 1, $wide, $stacks);
        }
    }
}
