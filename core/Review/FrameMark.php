<?php

declare(strict_types=1);

namespace GentlePour\Review;

/** What becomes of a finished frame: it is kept, or folded away. */
enum FrameMark: string
{
    case Keeper = 'keeper';
    case Reject = 'reject';

    public function label(): string
    {
        return match ($this) {
            self::Keeper => 'keeper',
            self::Reject => 'folded away',
        };
    }
}
