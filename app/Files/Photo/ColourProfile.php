<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GentlePour\InvalidValue;
use GentlePour\Photo\ColourSpace;
use GentlePour\Photo\ToneCurve;

/**
 * A colour profile as files carry it (ICC.1:2022, and version 2 as ICC.1:2001-04), read and written: of three colours or of grey, by
 * primaries and curves. One that is only a table of colours, or for inks, is not read. What is written is our own, never a
 * stranger’s bytes.
 */
final class ColourProfile
{
    /** Of a file’s profile; those of printers are larger, and not read. */
    public const MOST_BYTES = 2_000_000;

    private const HEADER = 128;

    private const MOST_TAGS = 100;

    private const MOST_VALUES = 65_536;

    private const D50 = [0.9642, 1.0, 0.8249];

    private const COLOURS = ['red' => 'r', 'green' => 'g', 'blue' => 'b'];

    /** Null where it is none that is read here. */
    public static function read(string $bytes): ?ColourSpace
    {
        if (strlen($bytes) < self::HEADER + 4 || strlen($bytes) > self::MOST_BYTES || substr($bytes, 36, 4) !== 'acsp') {
            return null;
        }
        try {
            $tags = self::tags($bytes);

            return match (substr($bytes, 16, 4)) {
                'RGB ' => self::ofThree($tags),
                'GRAY' => ColourSpace::grey(self::curve($tags['kTRC'] ?? '')),
                default => null,
            };
        } catch (InvalidValue) {
            return null;
        }
    }

    /** A profile of that space, of version 2, under two kilobytes. */
    public static function written(ColourSpace $space): string
    {
        $tags = [
            'desc' => 'desc'.pack('NNa*NNnCa67', 0, 18, "Colours as filed.\0", 0, 0, 0, 0, ''),
            'cprt' => 'text'.pack('N', 0)."No rights reserved.\0",
            'wtpt' => self::xyz(self::D50),
        ];
        $i = 0;
        foreach (self::COLOURS as $colour => $letter) {
            $tags[$letter.'XYZ'] = self::xyz([$space->primaries[$i], $space->primaries[3 + $i], $space->primaries[6 + $i]]);
            $light = array_map(static fn (float $of): int => (int) round(65535 * $of), $space->{$colour}->light);
            $tags[$letter.'TRC'] = 'curv'.pack('NNn*', 0, count($light), ...$light);
            $i++;
        }
        $table = pack('N', count($tags));
        [$data, $placed] = ['', []];
        foreach ($tags as $name => $body) {
            // The same curve of three channels stands there once.
            $at = $placed[$body] ?? self::HEADER + 4 + 12 * count($tags) + strlen($data);
            isset($placed[$body]) || $data .= str_pad($body, 4 * (int) ceil(strlen($body) / 4), "\0");
            $placed[$body] = $at;
            $table .= $name.pack('NN', $at, strlen($body));
        }
        $size = self::HEADER + strlen($table) + strlen($data);
        $header = pack('Na4Na4a4a4n6a4', $size, '', 0x02400000, 'mntr', 'RGB ', 'XYZ ', 2026, 1, 1, 0, 0, 0, 'acsp')
            .str_repeat("\0", 28).pack('N3', ...array_map(self::fixed(...), self::D50));

        return str_pad($header, self::HEADER, "\0").$table.$data;
    }

    /** @param  array<string, string>  $tags */
    private static function ofThree(array $tags): ColourSpace
    {
        [$x, $y, $z, $curves] = [[], [], [], []];
        foreach (self::COLOURS as $letter) {
            $body = $tags[$letter.'XYZ'] ?? '';
            if (! str_starts_with($body, 'XYZ ') || strlen($body) < 20) {
                throw new InvalidValue('A profile by primaries has all three.');
            }
            [$x[], $y[], $z[]] = self::fixedNumbers(substr($body, 8), 3);
            $curves[] = self::curve($tags[$letter.'TRC'] ?? '');
        }

        return new ColourSpace([...$x, ...$y, ...$z], ...$curves);
    }

    private static function curve(string $body): ToneCurve
    {
        $kind = substr($body, 0, 4);
        if ($kind === 'para' && strlen($body) >= 16) {
            $function = self::number('n', substr($body, 8, 2));

            return ToneCurve::parametric($function, self::fixedNumbers(substr($body, 12), min(7, intdiv(strlen($body) - 12, 4))));
        }
        $count = $kind === 'curv' && strlen($body) >= 12 ? self::number('N', substr($body, 8, 4)) : -1;
        if ($count < 0 || $count > self::MOST_VALUES || strlen($body) < 12 + 2 * $count) {
            throw new InvalidValue('A tone curve is a power, a formula or a table.');
        }
        $values = $count === 0 ? [] : array_values((array) unpack('n'.$count, substr($body, 12, 2 * $count)));

        return match ($count) {
            0 => ToneCurve::gamma(1.0),
            1 => ToneCurve::gamma($values[0] / 256),
            default => ToneCurve::table(array_map(static fn (int $value): float => $value / 65535, $values)),
        };
    }

    /** @return array<string, string> what each tag has, by its name */
    private static function tags(string $bytes): array
    {
        $tags = [];
        $count = min(self::MOST_TAGS, self::number('N', substr($bytes, self::HEADER, 4)));
        for ($i = 0; $i < $count; $i++) {
            $entry = substr($bytes, self::HEADER + 4 + 12 * $i, 12);
            if (strlen($entry) < 12) {
                break;
            }
            $tags[substr($entry, 0, 4)] = substr($bytes, self::number('N', substr($entry, 4, 4)), self::number('N', substr($entry, 8, 4)));
        }

        return $tags;
    }

    private static function number(string $format, string $bytes): int
    {
        return ((array) unpack($format, $bytes))[1];
    }

    /** @return list<float> of s15Fixed16Number */
    private static function fixedNumbers(string $bytes, int $count): array
    {
        $numbers = array_values((array) unpack('N'.$count, substr($bytes, 0, 4 * $count)));

        return array_map(static fn (int $n): float => ($n >= 0x80000000 ? $n - 0x100000000 : $n) / 65536, $numbers);
    }

    /** @param  array{float, float, float}  $xyz */
    private static function xyz(array $xyz): string
    {
        return 'XYZ '.pack('N4', 0, ...array_map(self::fixed(...), $xyz));
    }

    private static function fixed(float $value): int
    {
        return (int) round(65536 * $value) & 0xFFFFFFFF;
    }
}
