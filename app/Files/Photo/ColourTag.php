<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GentlePour\Photo\ColourSpace;

/** What a picture file says of its colours: where its profile stands in it, and how one is put into a JPEG. */
final class ColourTag
{
    /** ICC.1:2022, annex B.4: application segment 2, with its number and how many there are. */
    private const IN_JPEG = "ICC_PROFILE\0";

    private const JPEG_BEGINS = "\xFF\xD8";

    /**
     * Null where its levels are those of sRGB, as those of a file that says nothing are.
     *
     * @param  int  $type  IMAGETYPE_JPEG, IMAGETYPE_PNG or IMAGETYPE_WEBP
     */
    public static function of(string $path, int $type, Exif $exif): ?ColourSpace
    {
        $file = @fopen($path, 'rb');
        if ($file === false) {
            return null;
        }
        try {
            $profile = match ($type) {
                IMAGETYPE_JPEG => self::inJpeg($file),
                IMAGETYPE_PNG => self::inPng($file),
                IMAGETYPE_WEBP => self::inWebp($file),
                default => '',
            };
        } finally {
            fclose($file);
        }
        $space = $profile === '' ? $exif->space() : ColourProfile::read($profile);

        return $space === null || $space->isSrgb() ? null : $space;
    }

    /** The same picture, of which every program that minds colours knows what they are. */
    public static function put(string $jpeg, ?ColourSpace $space): string
    {
        if ($space === null || ! str_starts_with($jpeg, self::JPEG_BEGINS)) {
            return $jpeg;
        }
        $body = self::IN_JPEG."\1\1".ColourProfile::written($space);
        // After the segment that says it is JFIF, which comes first where there is one.
        $at = 2 + (substr($jpeg, 2, 2) === "\xFF\xE0" ? 2 + self::long(substr($jpeg, 4, 2)) : 0);

        return substr($jpeg, 0, $at)."\xFF\xE2".pack('n', 2 + strlen($body)).$body.substr($jpeg, $at);
    }

    /** @param  resource  $file */
    private static function inJpeg($file): string
    {
        $parts = [];
        $read = 0;
        fread($file, 2);
        $isSegment = static fn (string $head): bool => strlen($head) === 4 && $head[0] === "\xFF" && $head[1] !== "\xDA";
        while ($isSegment($head = (string) fread($file, 4)) && $read < ColourProfile::MOST_BYTES) {
            $length = self::long(substr($head, 2)) - 2;
            $body = $length > 0 ? (string) fread($file, $length) : '';
            $read += $head[1] === "\xE2" ? $length : 0;
            if ($head[1] === "\xE2" && str_starts_with($body, self::IN_JPEG) && strlen($body) > 14) {
                $parts[ord($body[12])] = substr($body, 14);
            }
        }
        ksort($parts);

        return implode('', $parts);
    }

    /**
     * PNG, third edition, 11.3.2.3: a name, then what is compressed. Before the picture itself, or not at all.
     *
     * @param  resource  $file
     */
    private static function inPng($file): string
    {
        fread($file, 8);
        while (strlen($head = (string) fread($file, 8)) === 8 && ! in_array($name = substr($head, 4), ['IDAT', 'IEND', 'sRGB'], true)) {
            $length = self::long(substr($head, 0, 4));
            if ($name === 'iCCP' && $length < ColourProfile::MOST_BYTES) {
                $body = (string) fread($file, max(1, $length));

                return (string) @gzuncompress(substr($body, (int) strpos($body, "\0") + 2), ColourProfile::MOST_BYTES);
            }
            fseek($file, $length + 4, SEEK_CUR);
        }

        return '';
    }

    /**
     * RFC 9649, 2.7.1.4: parts of even length, each with its name and length before it.
     *
     * @param  resource  $file
     */
    private static function inWebp($file): string
    {
        fread($file, 12);
        while (strlen($head = (string) fread($file, 8)) === 8) {
            $length = ((array) unpack('V', substr($head, 4)))[1];
            if (str_starts_with($head, 'ICCP')) {
                return $length < ColourProfile::MOST_BYTES ? (string) fread($file, max(1, $length)) : '';
            }
            if (fseek($file, $length + $length % 2, SEEK_CUR) !== 0 || feof($file)) {
                break;
            }
        }

        return '';
    }

    private static function long(string $bytes): int
    {
        return ((array) unpack(strlen($bytes) === 2 ? 'n' : 'N', $bytes))[1];
    }
}
