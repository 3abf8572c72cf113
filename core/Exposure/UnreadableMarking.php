<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;

/** A filter's marking that is neither a factor, a density, stops nor a transmittance. */
final class UnreadableMarking extends InvalidValue
{
    public static function unknown(string $given): self
    {
        return new self(self::quoted($given).' is not a filter marking; write it as engraved, like ND8, 0.9, 8x or 10 stops.');
    }

    public static function disagreeing(string $given): self
    {
        return new self(self::quoted($given).' says two strengths that are not the same; write the one that you trust.');
    }

    public static function tooDark(string $given): self
    {
        return new self(self::quoted($given).' would be darker than any filter, beyond 24 stops.');
    }

    public static function range(string $given): self
    {
        return new self(self::quoted($given).' is not the range of a variable filter; write it like 2-8 stops or ND2-400.');
    }
}
