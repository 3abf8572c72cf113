<?php

declare(strict_types=1);

namespace App\Forms;

use GentlePour\Numeral;

/** Numbers as people type them into a field: a comma or a point, no more than one of them. */
final class Decimal
{
    /**
     * What the validator takes as a number: no exponents, no signs but a leading minus, at most nine digits, and no “1,600”,
     * which may be 1600.
     */
    public const PATTERN = '/^\s*(?![-−]?[1-9]\d{0,2},\d{3}\s*$)[-−]?\d{0,9}([.,]\d{0,9})?\s*$/u';

    public static function read(string $typed): float
    {
        return (float) strtr(trim($typed), [',' => '.', '−' => '-']);
    }

    /** The shortest way to write it, to so many decimals at most. */
    public static function write(float $value, int $decimals = 2): string
    {
        return Numeral::short($value, $decimals);
    }
}
