<?php

declare(strict_types=1);

namespace App\Files;

use App\Forms\Decimal;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\Instant;
use InvalidArgumentException;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Parameter;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Sabre\VObject\TimeZoneUtil;

/** A table of high and low waters as people paste it: lines of date, time, height and, if they like, H or L; or iCalendar events. */
final class TideTable
{
    private const MOST_LINES = 6000;

    /** Longer than this is no line of a table, and no summary of a water. */
    private const LONGEST = 200;

    /** Date, time, with its offset if they like, height and, if they like, high or low. */
    private const LINE = '/^(\d{4}-\d{2}-\d{2})[T,;\s]+(\d{1,2}:\d{2})(?::\d{2})?\s*(Z|[+-]\d{2}:\d{2})?[,;\s]+(-?\d+(?:[.,]\d+)?)'
        .'\s*m?[,;\s]*(h|l|high|low|hw|lw)?[a-z ]*$/i';

    private const SUMMARY = '/(high|low)\D*(-?\d+(?:\.\d+)?)\s*m\b/i';

    /**
     * @return list<TideEvent>
     *
     * @throws InvalidValue at the line that cannot be read, or when the table makes no tide
     */
    public static function parse(string $written, DateTimeZone $zone): array
    {
        $rows = str_contains($written, 'BEGIN:VEVENT') ? self::calendar($written, $zone) : self::lines($written, $zone);
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $events = [];
        foreach ($rows as $i => [$unix, $height, $kind]) {
            $neighbour = $rows[$i + 1] ?? $rows[$i - 1] ?? null;
            $high = match ($kind) {
                'H' => true,
                'L' => false,
                default => $neighbour !== null && $height > $neighbour[1],
            };
            $events[] = new TideEvent($unix, $height, $high);
        }

        return TableCurve::of($events)->events();
    }

    /** @return list<array{float, float, string}> instant, height and H, L or nothing */
    private static function lines(string $written, DateTimeZone $zone): array
    {
        $rows = [];
        $lines = (array) preg_split('/\R/', trim($written));
        self::checkNumber(count($lines), 'lines');
        foreach ($lines as $number => $line) {
            $line = trim((string) $line);
            if ($line === '' || str_starts_with($line, '#') || ($number === 0 && preg_match('/\d/', $line) !== 1)) {
                continue;
            }
            try {
                $rows[] = self::line($line, $zone);
            } catch (InvalidValue $e) {
                throw new InvalidValue('Line '.($number + 1).': '.$e->getMessage());
            }
        }

        return $rows;
    }

    /** @return array{float, float, string} */
    private static function line(string $line, DateTimeZone $zone): array
    {
        if (strlen($line) > self::LONGEST || preg_match(self::LINE, $line, $m) !== 1) {
            throw new InvalidValue(
                InvalidValue::quoted($line).' cannot be read; write date, time and metres, like 2026-10-18, 05:42, 4.9, H.',
            );
        }

        return [
            self::instant($m[1].'T'.str_pad($m[2], 5, '0', STR_PAD_LEFT), $m[3], $zone), self::height(Decimal::read($m[4])),
            strtoupper(substr($m[5] ?? '', 0, 1)),
        ];
    }

    /** @return list<array{float, float, string}> events whose summary names a height, like “High water 4.9 m” */
    private static function calendar(string $written, DateTimeZone $zone): array
    {
        $whole = str_contains($written, 'BEGIN:VCALENDAR')
            ? $written
            : "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n".trim($written)."\r\nEND:VCALENDAR\r\n";
        try {
            $calendar = Reader::read($whole, Reader::OPTION_FORGIVING);
        } catch (ParseException $e) {
            throw new InvalidValue('The calendar cannot be read: '.lcfirst(rtrim($e->getMessage(), '.')).'.');
        }
        $rows = [];
        $events = $calendar instanceof VCalendar ? array_values($calendar->select('VEVENT')) : [];
        self::checkNumber(count($events), 'events');
        foreach ($events as $number => $event) {
            try {
                $rows[] = self::event($event, $zone)
                    ?? throw new InvalidValue('there is no start or no summary like “High water 4.9 m”.');
            } catch (InvalidValue $e) {
                throw new InvalidValue('Event '.($number + 1).' of the calendar: '.$e->getMessage());
            }
        }

        return $rows;
    }

    /** @return array{float, float, string}|null */
    private static function event(mixed $event, DateTimeZone $zone): ?array
    {
        [$start, $summary] = $event instanceof VEvent
            ? [$event->select('DTSTART')[0] ?? null, $event->select('SUMMARY')[0] ?? null]
            : [null, null];
        if (! $start instanceof DateTime || ! $start->hasTime() || ! $summary instanceof Property
            || preg_match(self::SUMMARY, mb_substr((string) $summary, 0, self::LONGEST), $m) !== 1) {
            return null;
        }
        $tzid = $start->parameters()['TZID'] ?? null;
        $named = $tzid instanceof Parameter ? self::zone((string) $tzid->getValue(), $event) : $zone;
        $raw = $start->getRawMimeDirValue();
        $written = (string) preg_replace('/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d).*$/s', '$1-$2-$3T$4:$5:$6', $raw);
        $offset = str_ends_with($raw, 'Z') ? 'Z' : '';

        return [self::instant($written, $offset, $named), self::height((float) $m[2]), strtoupper($m[1][0])];
    }

    /** @throws InvalidValue when nobody knows the zone: taken for another it would be off by hours */
    private static function zone(string $named, VEvent $event): DateTimeZone
    {
        $calendar = $event->parent;
        try {
            return TimeZoneUtil::getTimeZone($named, $calendar instanceof VCalendar ? $calendar : null, true);
        } catch (InvalidArgumentException) {
            throw new InvalidValue('its time zone, '.InvalidValue::quoted($named).', is not known.');
        }
    }

    /**
     * @param  string  $offset  as written, or nothing: then it is by the clocks of the zone
     *
     * @throws InvalidValue when the clocks skip it
     */
    private static function instant(string $local, string $offset, DateTimeZone $zone): float
    {
        $unix = Instant::parse($local.$offset, $zone);
        if ($offset === '' && ! str_starts_with(Instant::write($unix, $zone), $local)) {
            throw new InvalidValue(sprintf(
                'the clocks of %s skip %s. Write it with its offset, like %s, or shift the table to summer time.',
                $zone->getName(), str_replace('T', ' ', $local), str_replace('T', ' ', $local).'Z',
            ));
        }

        return $unix;
    }

    private static function checkNumber(int $count, string $what): void
    {
        if ($count > self::MOST_LINES) {
            throw new InvalidValue(sprintf(
                'The table has %s %s, and %s are kept at the most: some years. Send a shorter one.', number_format($count), $what,
                number_format(self::MOST_LINES),
            ));
        }
    }

    private static function height(float $heightM): float
    {
        return abs($heightM) <= Limit::TideDifference->most()
            ? $heightM
            : throw new InvalidValue('a height of '.Decimal::write($heightM).' m is no tide.');
    }
}
