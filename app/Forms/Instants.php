<?php

declare(strict_types=1);

namespace App\Forms;

use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Time\Instant;

/** Instants as a form gives them, by a place's clock. */
final class Instants
{
    /**
     * Seconds since 1970.
     *
     * @throws InvalidValue at the field, when it cannot be read
     */
    public static function read(string $field, string $written, DateTimeZone $zone): float
    {
        return Refusal::at($field, static fn (): float => Instant::parse($written, $zone));
    }

    /** As the database keeps it: UTC to the second. */
    public static function stored(float $unix): string
    {
        return gmdate('Y-m-d H:i:s', (int) $unix);
    }
}
