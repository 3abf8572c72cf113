<?php

declare(strict_types=1);

namespace GentlePour\Time;

use GentlePour\InvalidValue;

/** Instants as text: ISO 8601, by the place's clock where no offset is given. */
final class Instant
{
    private const FIRST_YEAR = 1900;

    private const LAST_YEAR = 2100;

    /** Year, month and day; a clock from 0:00 to 24:00, seconds if they like; an offset of fourteen hours at most. */
    private const PATTERN = '/^(\d{4})-(\d{2})-(\d{2})'
        .'(?:[T ](?:(?:[01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d+)?)?|24:00(?::00)?)\s*(?:Z|[+-](?:0\d|1[0-4]):?[0-5]\d)?)?$/';

    /**
     * Seconds since 1970, UTC, of “2027-01-01”, “2027-01-01T06:30”, “2027-01-01T06:30:00+01:00” or “…Z”.
     *
     * @throws InvalidValue when it is no instant, or not between 1900 and 2100
     */
    public static function parse(string $written, \DateTimeZone $timezone): float
    {
        if (preg_match(self::PATTERN, trim($written), $m) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            throw new InvalidValue(
                InvalidValue::quoted($written).' is not a date or an instant; write it like 2027-03-21 or 2027-03-21T06:30+00:00.',
            );
        }
        if ((int) $m[1] < self::FIRST_YEAR || (int) $m[1] > self::LAST_YEAR) {
            throw new InvalidValue('Years from '.self::FIRST_YEAR.' to '.self::LAST_YEAR.' can be reckoned with, not '.$m[1].'.');
        }

        return (float) (new \DateTimeImmutable(trim($written), $timezone))->getTimestamp();
    }

    /** @throws InvalidValue when no such time zone is known */
    public static function timezone(string $name): \DateTimeZone
    {
        try {
            return new \DateTimeZone($name);
        } catch (\Exception) {
            throw new InvalidValue(InvalidValue::quoted($name).' is not a time zone; write it like Europe/London or UTC.');
        }
    }

    /** “2027-03-21T06:30:00+00:00”, to the nearest second, by the place's clock. */
    public static function write(float $unix, \DateTimeZone $timezone): string
    {
        return (new \DateTimeImmutable('@'.(int) round($unix)))->setTimezone($timezone)->format('Y-m-d\TH:i:sP');
    }
}
