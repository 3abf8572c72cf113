<?php

declare(strict_types=1);

namespace App\Files;

use App\Forms\Decimal;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\Instant;

/** A table of high and low waters as people paste it: lines of date, time, height and, if they like, H or L; or iCalendar events. */
final class TideTable
{
    private const MOST_LINES = 6000;

    /**
     * @return list<TideEvent>
     *
     * @throws InvalidValue at the line that cannot be read, or when the table makes no tide
     */
    public static function parse(string $written, DateTimeZone $zone): array
    {
        $rows = str_contains($written, 'BEGIN:VEVENT') ? self::calendar($written, $zone) : self::lines($written, $zone);
        $events = [];
        foreach ($rows as $i => [$unix, $height, $kind]) {
            $neighbour = $rows[$i + 1] ?? $rows[$i - 1] ?? null;
            $high = match ($kind) {
                'H' => true, 'L' => false, default => $neighbour !== null && $height > $neighbour[1],
            };
            $events[] = new TideEvent($unix, $height, $high);
        }

        return TableCurve::of($events)->events();
    }

    /** @return list<array{float, float, string}> */
    private static function lines(string $written, DateTimeZone $zone): array
    {
        $rows = [];
        foreach (array_slice((array) preg_split('/\R/', trim($written)), 0, self::MOST_LINES) as $number => $line) {
            $line = trim((string) $line);
            if ($line === '' || str_starts_with($line, '#') || ($number === 0 && preg_match('/\d/', $line) !== 1)) {
                continue;
            }
            $pattern = '/^(\d{4}-\d{2}-\d{2})[T,;\s]+(\d{1,2}:\d{2})(?::\d{2})?[,;\s]+(-?\d+(?:[.,]\d+)?)\s*m?[,;\s]*(h|l|high|low|hw|lw)?[a-z ]*$/i';
            if (preg_match($pattern, $line, $m) !== 1) {
                throw new InvalidValue('Line '.($number + 1).' '.InvalidValue::quoted($line).' cannot be read; write date, time and metres, like 2026-10-18, 05:42, 4.9, H.');
            }
            try {
                $unix = Instant::parse($m[1].'T'.str_pad($m[2], 5, '0', STR_PAD_LEFT), $zone);
            } catch (InvalidValue $e) {
                throw new InvalidValue('Line '.($number + 1).': '.$e->getMessage());
            }
            $height = Decimal::read($m[3]);
            if (abs($height) > 20) {
                throw new InvalidValue('Line '.($number + 1).': a height of '.$m[3].' m is no tide.');
            }
            $rows[] = [$unix, $height, strtoupper(substr($m[4] ?? '', 0, 1))];
        }
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $rows;
    }

    /** @return list<array{float, float, string}> events whose summary names a height, like “High water 4.9 m” */
    private static function calendar(string $written, DateTimeZone $zone): array
    {
        $rows = [];
        $unfolded = (string) preg_replace('/\R[ \t]/', '', $written);
        foreach (array_slice(explode('BEGIN:VEVENT', $unfolded), 1) as $number => $event) {
            if (preg_match('/^DTSTART[^:]*:(\d{4})(\d{2})(\d{2})T(\d{2})(\d{2})(\d{2})(Z?)/m', $event, $start) !== 1
                || preg_match('/^SUMMARY[^:]*:(.*?(high|low).*?(-?\d+(?:\.\d+)?)\s*m\b.*)$/mi', $event, $summary) !== 1) {
                throw new InvalidValue('Event '.($number + 1).' of the calendar has no start or no summary like “High water 4.9 m”.');
            }
            $rows[] = [
                Instant::parse("{$start[1]}-{$start[2]}-{$start[3]}T{$start[4]}:{$start[5]}:{$start[6]}{$start[7]}", $zone), (float) $summary[3], strtoupper($summary[2][0]),
            ];
        }
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $rows;
    }
}
