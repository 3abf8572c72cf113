<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** What is engraved on a kind of filter. */
enum FilterMarkingForm
{
    /** One strength, without which the filter cannot be used. */
    case Strength;

    /** One strength, or nothing. */
    case StrengthIfAny;

    /** From the lightest setting to the darkest. */
    case Range;

    /** Nothing that can be relied on: it has to be measured. */
    case Nothing;

    public function isNeeded(): bool
    {
        return match ($this) {
            self::Strength, self::Range => true,
            self::StrengthIfAny, self::Nothing => false,
        };
    }
}
