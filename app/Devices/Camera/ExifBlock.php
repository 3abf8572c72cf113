<?php

declare(strict_types=1);

namespace App\Devices\Camera;

use GentlePour\Photo\ShotSettings;

/** Writes into a JPEG how it was taken: an APP1 segment of EXIF 2.32 over TIFF 6.0, two IFDs, little-endian. */
final class ExifBlock
{
    private const ASCII = 2;

    private const SHORT = 3;

    private const LONG = 4;

    private const RATIONAL = 5;

    private const ENTRY_BYTES = 12;

    private const HEADER_BYTES = 8;

    public static function into(string $jpeg, ShotSettings $said): string
    {
        [$at, $fraction, $offset] = self::clock($said->takenAt ?? '');
        $exif = array_filter([
            0x829A => self::rational($said->shutterS), 0x829D => self::rational($said->aperture),
            0x8827 => $said->iso === null ? null : [self::SHORT, pack('v', min(65535, (int) round($said->iso)))],
            0x9003 => self::text($at), 0x9011 => self::text($offset), 0x9291 => self::text($fraction),
            0x920A => self::rational($said->focalLengthMm), 0xA434 => self::text($said->lens),
        ]);
        $zeroth = array_filter([0x0110 => self::text($said->camera), 0x0112 => [self::SHORT, pack('v', 1)], 0x0132 => self::text($at)]);
        // The pointer to the second is one entry more of the first.
        $second = self::HEADER_BYTES + self::ifdBytes(count($zeroth) + 1);
        $zeroth[0x8769] = [self::LONG, pack('V', $second)];
        $data = '';
        $end = $second + self::ifdBytes(count($exif));
        $tiff = "II*\0".pack('V', self::HEADER_BYTES).self::ifd($zeroth, $data, $end).self::ifd($exif, $data, $end).$data;

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($tiff) + 8)."Exif\0\0".$tiff.substr($jpeg, 2);
    }

    private static function ifdBytes(int $entries): int
    {
        return 2 + self::ENTRY_BYTES * $entries + 4;
    }

    /**
     * @param  array<int, array{int, string}>  $entries  type and value by tag
     * @param  string  $data  what is longer than four bytes, from $end on
     */
    private static function ifd(array $entries, string &$data, int $end): string
    {
        ksort($entries);
        $written = pack('v', count($entries));
        foreach ($entries as $tag => [$type, $value]) {
            $size = [self::ASCII => 1, self::SHORT => 2, self::LONG => 4, self::RATIONAL => 8][$type] ?? 1;
            $written .= pack('vvV', $tag, $type, intdiv(strlen($value), $size));
            if (strlen($value) <= 4) {
                $written .= str_pad($value, 4, "\0");
            } else {
                $written .= pack('V', $end + strlen($data));
                $data .= $value.(strlen($value) % 2 === 1 ? "\0" : '');
            }
        }

        return $written.pack('V', 0);
    }

    /** @return array{int, string}|null */
    private static function text(?string $text): ?array
    {
        return $text === null || $text === '' ? null : [self::ASCII, $text."\0"];
    }

    /** @return array{int, string}|null */
    private static function rational(?float $number): ?array
    {
        return match (true) {
            $number === null => null,
            $number < 0.3 => [self::RATIONAL, pack('VV', 1000, (int) round(1000 / $number))],
            default => [self::RATIONAL, pack('VV', (int) round(1000 * $number), 1000)],
        };
    }

    /** @return array{string|null, string|null, string|null} as EXIF writes date and time, parts of a second, and the zone */
    private static function clock(string $takenAt): array
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)T(\d\d:\d\d:\d\d)(?:\.(\d+))?([+-]\d\d:\d\d)?$/', $takenAt, $m) === 1
            ? ["{$m[1]}:{$m[2]}:{$m[3]} {$m[4]}", $m[5] ?? null, $m[6] ?? null] : [null, null, null];
    }
}
