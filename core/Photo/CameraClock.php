<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/**
 * When a frame was taken, as its camera's clock has it, and how that clock goes against the person's. A clock says its zone or does not;
 * one that does not is read as UTC, and its difference holds the zone as well.
 */
final class CameraClock
{
    /** Cameras with a clock are not older, and nobody is further ahead. */
    private const YEARS = [1990, 2099];

    /** By its own clock, in s of Unix time; null where it cannot be read. */
    public static function unix(?string $takenAt): ?float
    {
        $pattern = '/^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2}):(\d{2})(\.\d{1,3})?(?:([+-])(\d{2}):(\d{2}))?$/';
        if ($takenAt === null || preg_match($pattern, $takenAt, $m) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            return null;
        }
        [$year, $hour, $minute, $second] = [(int) $m[1], (int) $m[4], (int) $m[5], (int) $m[6]];
        if ($hour > 23 || $minute > 59 || $second > 60 || $year < self::YEARS[0] || $year > self::YEARS[1]) {
            return null;
        }
        $zone = isset($m[8]) ? ($m[8] === '-' ? -1 : 1) * (3600 * (int) ($m[9] ?? 0) + 60 * (int) ($m[10] ?? 0)) : 0;

        return (float) gmmktime($hour, $minute, $second, (int) $m[2], (int) $m[3], $year) + (float) ('0'.($m[7] ?? '')) - $zone;
    }

    /** Whether it says its zone. */
    public static function knowsItsZone(string $takenAt): bool
    {
        return preg_match('/[+-]\d{2}:\d{2}$/', $takenAt) === 1;
    }
}
