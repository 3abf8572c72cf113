<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/**
 * Of a bag with more stacks than anybody could look through, those that no other beats: of stacks whose strengths lie within a twelfth of
 * a stop, and in which a polariser or variable filter is or is not, the one that costs least. They are built up a filter at a time, and a
 * stack that is beaten by one of as many filters or fewer is not built upon, so that their number goes with the strengths that can
 * be made and not with the subsets of the bag.
 */
final class CheapestStacks
{
    private const STEPS_A_STOP = 12;

    /**
     * @param  FilterStack  $start  what is on in any case
     * @param  list<non-empty-list<Filter>>  $units  a filter each, or a crossed pair
     * @param  callable(FilterStack): float  $cost
     * @return non-empty-list<FilterStack> the start first
     */
    public static function of(FilterStack $start, StackCount $there, array $units, bool $wide, callable $cost): array
    {
        $made = [];
        foreach ($units as $u => $unit) {
            $alone = FilterStack::empty()->with($unit);
            $made[$u] = [$alone->darkest->value, $alone->lightest->value, $cost($alone), $unit];
        }
        $layer = [[$start, $there, $cost($start), []]];
        $stacks = [$start];
        $least = [self::key($start->darkest->value, $start->lightest->value, $there) => -INF];
        while ($layer !== []) {
            $next = [];
            foreach ($layer as [$stack, $count, $its, $on]) {
                foreach ($made as $u => [$darker, $lighter, $costs, $unit]) {
                    $darkest = $stack->darkest->value + $darker;
                    if ($darkest > Stacks::DARKEST_STOPS || isset($on[$u])) {
                        continue;
                    }
                    $more = $count->with($unit);
                    if ($more === null || (count($unit) > 1 && array_intersect(Filter::names($unit), $stack->names()) !== [])) {
                        continue;
                    }
                    $key = self::key($darkest, $stack->lightest->value + $lighter, $more);
                    if ($its + $costs < ($least[$key] ?? INF)) {
                        $least[$key] = $its + $costs;
                        $next[$key] = [$stack, $unit, $more, $its + $costs, $on + [$u => true]];
                    }
                }
            }
            $layer = [];
            foreach ($next as [$stack, $unit, $more, $its, $on]) {
                $stacks[] = $with = $stack->with($unit, $wide && $more->screwed >= 2);
                $layer[] = [$with, $more, $its, $on];
            }
        }

        return $stacks;
    }

    /** Of all that are alike. */
    private static function key(float $darkest, float $lightest, StackCount $count): string
    {
        return round(self::STEPS_A_STOP * $darkest).' '.round(self::STEPS_A_STOP * $lightest).' '.$count->reserved();
    }
}
