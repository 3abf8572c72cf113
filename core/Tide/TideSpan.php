<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;

/** The spans of time that a tide is predicted for. */
final class TideSpan
{
    /** 1900 and 2100, beyond which the nodal formulas and the leap seconds are not to be trusted. */
    private const FIRST_UNIX = -2208988800.0;

    private const LAST_UNIX = 4102444800.0;

    private const LONGEST_S = 3 * 366 * 86400.0;

    /** @throws InvalidValue when upside down, longer than three years, or outside 1900 to 2100 */
    public static function check(float $fromUnix, float $toUnix): void
    {
        if (! is_finite($fromUnix) || $fromUnix < self::FIRST_UNIX || $fromUnix > self::LAST_UNIX) {
            throw (new InvalidValue('Tides are predicted from 1900 to 2100.'))->at('from');
        }
        if (! is_finite($toUnix) || $toUnix < self::FIRST_UNIX || $toUnix > self::LAST_UNIX) {
            throw (new InvalidValue('Tides are predicted from 1900 to 2100.'))->at('to');
        }
        if ($toUnix <= $fromUnix) {
            throw (new InvalidValue('The end must come after the beginning.'))->at('to');
        }
        if ($toUnix - $fromUnix > self::LONGEST_S) {
            throw (new InvalidValue('Three years at most at a time.'))->at('to');
        }
    }
}
