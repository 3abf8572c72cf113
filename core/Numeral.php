<?php

declare(strict_types=1);

namespace GentlePour;

/** Numbers as a person writes them. */
final class Numeral
{
    /** To so many decimals at most, without noughts behind the last figure that says something. */
    public static function short(float $value, int $decimals = 2): string
    {
        $written = number_format($value, $decimals, '.', '');

        return str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
    }
}
