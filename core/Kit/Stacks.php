<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/**
 * The stacks that a bag allows, by the hard rules of filters: one variable filter at most and never with a polariser;
 * one polariser at most; as many slotted filters as the holder has slots; screwed-in filters only where the thread matches
 * or a step-up ring bridges it, and two of them at most. Common practice.
 */
final class Stacks
{
    private const SCREWED_IN_AT_MOST = 2;

    /** Full-frame equivalent below which stacked rings darken the corners. Common practice. */
    private const WIDE_MM = 24.0;

    /** @return non-empty-list<FilterStack> the bare lens first */
    public static function of(Bag $bag): array
    {
        $usable = array_values(array_filter($bag->filters, static fn (Filter $f): bool => $f->setsTheTime() && self::fits($f, $bag)));
        $stacks = [FilterStack::empty()];
        self::extend([], $usable, 0, $bag, $stacks);

        return $stacks;
    }

    /** Whether the filter can be put before this lens at all. */
    public static function fits(Filter $filter, Bag $bag): bool
    {
        if ($filter->mount === Mount::Slot) {
            return $bag->slots > 0;
        }
        $lens = $bag->lens->threadMm;
        if ($lens === null || $filter->threadMm === null || abs($lens - $filter->threadMm) < 0.1) {
            return true;
        }
        foreach ($bag->rings as [$from, $to]) {
            if (abs($from - $lens) < 0.1 && abs($to - $filter->threadMm) < 0.1 && $to > $from) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Filter>  $chosen
     * @param  list<Filter>  $usable
     * @param  non-empty-list<FilterStack>  $stacks
     *
     * @param-out non-empty-list<FilterStack> $stacks
     */
    private static function extend(array $chosen, array $usable, int $from, Bag $bag, array &$stacks): void
    {
        for ($i = $from, $count = count($usable); $i < $count; $i++) {
            $next = [...$chosen, $usable[$i]];
            if (! self::allowed($next, $bag)) {
                continue;
            }
            $stacks[] = FilterStack::of($next, self::vignettes($next, $bag));
            self::extend($next, $usable, $i + 1, $bag, $stacks);
        }
    }

    /** @param  list<Filter>  $filters */
    private static function allowed(array $filters, Bag $bag): bool
    {
        $slotted = $screwed = $variable = $polarisers = 0;
        foreach ($filters as $filter) {
            $filter->mount === Mount::Slot ? $slotted++ : $screwed++;
            $variable += $filter->kind === FilterKind::Variable ? 1 : 0;
            $polarisers += $filter->kind === FilterKind::Polariser ? 1 : 0;
        }

        return $slotted <= $bag->slots && $screwed <= self::SCREWED_IN_AT_MOST && $polarisers <= 1
            && $variable <= 1 && ($variable === 0 || $polarisers === 0);
    }

    /** @param  list<Filter>  $filters */
    private static function vignettes(array $filters, Bag $bag): bool
    {
        $screwed = count(array_filter($filters, static fn (Filter $f): bool => $f->mount === Mount::Thread));

        return $screwed >= 2 && $bag->camera->sensor->fullFrameEquivalentMm($bag->lens->focalLengthMm) < self::WIDE_MM;
    }
}
