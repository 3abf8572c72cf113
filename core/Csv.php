<?php

declare(strict_types=1);

namespace GentlePour;

/**
 * Lines of comma-separated values. Source: RFC 4180; what a table would take for a formula is made harmless as OWASP's page on CSV
 * injection has it.
 */
final class Csv
{
    /** @param  iterable<list<string|int|float|null>>  $lines */
    public static function of(iterable $lines): string
    {
        $written = '';
        foreach ($lines as $line) {
            $written .= self::line($line);
        }

        return $written;
    }

    /** @param  list<string|int|float|null>  $cells  numbers as they are, texts made harmless */
    public static function line(array $cells): string
    {
        $written = array_map(
            static fn (string|int|float|null $cell): string => is_string($cell) ? self::cell($cell) : (string) $cell, $cells,
        );

        return implode(',', $written)."\r\n";
    }

    /** As a cell of text: what a table would take for a formula, by the name of a filter, stays text behind an apostrophe. */
    private static function cell(string $text): string
    {
        $plain = preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'".$text : $text;

        return preg_match('/[",\r\n]/', $plain) === 1 ? '"'.str_replace('"', '""', $plain).'"' : $plain;
    }
}
