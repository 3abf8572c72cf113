<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** The kinds of filter and what each means for the exposure. */
enum FilterKind: string
{
    case NeutralDensity = 'nd';
    case Graduated = 'graduated';
    case Polariser = 'polariser';
    case Variable = 'variable';
    case Welding = 'welding';

    /** Stops of a polariser whose marking says nothing: between 1 and 2 by its turn. Common practice. */
    public const POLARISER_STOPS = 1.5;

    public function label(): string
    {
        return match ($this) {
            self::NeutralDensity => 'neutral density',
            self::Graduated => 'graduated',
            self::Polariser => 'polariser',
            self::Variable => 'variable density',
            self::Welding => 'welding glass',
        };
    }
}
