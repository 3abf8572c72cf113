<?php

declare(strict_types=1);

namespace App\Forms;

use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;

/** A position as people write it: decimal degrees, degrees and minutes, with signs or letters, or a GPX waypoint. */
final class Position
{
    /** @throws InvalidValue when it cannot be read or is not on the earth */
    public static function parse(string $written): Observer
    {
        if (preg_match('/<wpt\b[^>]*?\blat="(-?[\d.]+)"[^>]*?\blon="(-?[\d.]+)"/i', $written, $m) === 1
            || preg_match('/<wpt\b[^>]*?\blon="(?<lon>-?[\d.]+)"[^>]*?\blat="(?<lat>-?[\d.]+)"/i', $written, $m) === 1) {
            return new Observer((float) ($m['lat'] ?? $m[1]), (float) ($m['lon'] ?? $m[2]));
        }
        $text = strtr(mb_strtoupper(trim($written)), ['−' => '-', '’' => "'", '′' => "'", '″' => '"', '”' => '"', 'º' => '°']);
        $part = '([NSEW])?\s*(-?\d+(?:\.\d+)?)\s*(?:°|\s)?\s*(?:(\d+(?:\.\d+)?)\s*\'?\s*)?(?:(\d+(?:\.\d+)?)\s*"?\s*)?([NSEW])?';
        if (preg_match('/^'.$part.'\s*[,;\s]\s*'.$part.'$/u', $text, $m) !== 1) {
            throw new InvalidValue(
                'This is not a position; write it like 56.53, -9.86 or 56°31.8\'N 9°51.6\'W, or paste a GPX waypoint.',
            );
        }
        $m += array_fill(0, 11, '');
        [$first, $one] = self::angle($m[1].$m[5], $m[2], $m[3], $m[4]);
        [$second, $two] = self::angle($m[6].$m[10], $m[7], $m[8], $m[9]);
        if (in_array($one, ['E', 'W'], true) || in_array($two, ['N', 'S'], true)) {
            [$first, $second] = [$second, $first];
        }

        return new Observer($first, $second);
    }

    public static function write(float $latitude, float $longitude): string
    {
        return Decimal::write($latitude, 5).', '.Decimal::write($longitude, 5);
    }

    /** @return array{float, string} degrees and the letter, if there was one */
    private static function angle(string $letter, string $degrees, string $minutes, string $seconds): array
    {
        $size = abs((float) $degrees) + (float) $minutes / 60 + (float) $seconds / 3600;
        if ((float) $minutes >= 60 || (float) $seconds >= 60) {
            throw new InvalidValue('Minutes and seconds of a position are below 60.');
        }
        $negative = str_starts_with($degrees, '-') || in_array($letter, ['S', 'W'], true);

        return [$negative ? -$size : $size, $letter];
    }
}
