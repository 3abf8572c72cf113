<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Numeral;

/** A shutter time, aperture or ISO that was written in a way nobody writes it. */
final class UnreadableSetting extends InvalidValue
{
    public static function shutter(string $given): self
    {
        return new self(self::quoted($given).' is not a shutter time; write it like 1/60, 0.8, 30 or 2m30s.');
    }

    public static function twoWays(string $given): self
    {
        return new self(self::quoted($given).' '.Numeral::whichOfTwo($given));
    }

    public static function aperture(string $given): self
    {
        return new self(self::quoted($given).' is not an aperture; write it like f/11 or 5.6.');
    }

    public static function iso(string $given): self
    {
        return new self(self::quoted($given).' is not an ISO; write it like 100 or 1600.');
    }
}
