<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Numeral;

/** A filter that is packed and cannot be used before this lens, and the way out. */
final readonly class Unusable
{
    private function __construct(
        public Filter $filter,
        public string $why,
    ) {
    }

    /** @return list<self> those of a bag */
    public static function of(Bag $bag): array
    {
        $found = [];
        foreach ($bag->filters as $filter) {
            $why = self::why($filter, $bag);
            if ($why !== null) {
                $found[] = new self($filter, $why);
            }
        }

        return $found;
    }

    private static function why(Filter $filter, Bag $bag): ?string
    {
        $name = '“'.$filter->name.'”';
        if ($filter->kind->darkensAll() && $filter->stops() === null) {
            return "{$name} has no strength yet: measure it, or write in Kit what is engraved.";
        }
        if (Stacks::fits($filter, $bag)) {
            return null;
        }
        $thread = Numeral::short($bag->lens->threadMm ?? 0.0, 1);
        if ($filter->mount === Mount::Slot) {
            return $bag->slots === 0
                ? "{$name} is packed but the holder has no slots: say in Kit how many it has."
                : "{$name} is packed but the holder does not go on a thread of {$thread} mm: it needs an adapter, or a ring to one.";
        }
        $its = Numeral::short($filter->threadMm ?? 0.0, 1);

        return $filter->threadMm > $bag->lens->threadMm
            ? "{$name} needs a {$thread}–{$its} ring."
            : "{$name} of {$its} mm is too small for a thread of {$thread} mm: rings only step up.";
    }
}
