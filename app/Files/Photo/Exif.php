<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GentlePour\Photo\ColourSpace;
use GentlePour\Photo\ShotSettings;

/**
 * What a file says of how it was taken (EXIF 2.32), read as numbers; what cannot be is left out. Texts are cut and cleaned: they come from
 * strangers.
 */
final class Exif
{
    private const LETTERS = 80;

    /** Beyond these no camera goes. */
    private const BOUNDS = [
        'aperture' => [0.5, 128.0], 'shutter' => [1e-5, 86400.0], 'iso' => [1.0, 5_000_000.0], 'focal' => [1.0, 3000.0],
    ];

    /** @param  array<array-key, mixed>  $tags  by name */
    public function __construct(private readonly array $tags)
    {
    }

    /** Of a JPEG; of anything else nothing is read. */
    public static function of(?string $path): self
    {
        $tags = $path === null || ! function_exists('exif_read_data') ? false : @exif_read_data($path);

        return new self(is_array($tags) ? $tags : []);
    }

    /** Null where the file does not say. */
    public function orientation(): ?Orientation
    {
        return is_int($this->tags['Orientation'] ?? null) ? Orientation::tryFrom($this->tags['Orientation']) : null;
    }

    /** Of a camera that was told to file in wider colours, and writes no profile: by the rule of its interoperability (DCF 2.0, R03). */
    public function space(): ?ColourSpace
    {
        return ($this->text('InterOperabilityIndex') ?? $this->text('InteropIndex')) === 'R03' ? ColourSpace::wide() : null;
    }

    public function settings(): ShotSettings
    {
        $iso = $this->tags['ISOSpeedRatings'] ?? $this->tags['PhotographicSensitivity'] ?? $this->tags['ISO'] ?? null;
        $make = $this->text('Make');
        $model = $this->text('Model');

        return new ShotSettings(
            $model === null || $make === null || str_starts_with($model, $make) ? $model ?? $make : "{$make} {$model}",
            $this->text('UndefinedTag:0xA434') ?? $this->text('LensModel'),
            self::number($this->tags['FNumber'] ?? null, 'aperture'),
            self::number($this->tags['ExposureTime'] ?? null, 'shutter'),
            self::number(is_array($iso) ? reset($iso) : $iso, 'iso'),
            self::number($this->tags['FocalLength'] ?? null, 'focal'),
            $this->takenAt(),
        );
    }

    /**
     * Where it was taken. Asked for only where the person allows it, and kept nowhere.
     *
     * @return array{float, float}|null latitude and longitude in degrees
     */
    public function position(): ?array
    {
        $latitude = $this->degrees('GPSLatitude', 'S', 90.0);
        $longitude = $this->degrees('GPSLongitude', 'W', 180.0);

        return $latitude === null || $longitude === null ? null : [$latitude, $longitude];
    }

    /** @param  string  $negative  the letter of the reference by which it is less than nought */
    private function degrees(string $tag, string $negative, float $most): ?float
    {
        $value = $this->tags[$tag] ?? null;
        $parts = array_map(self::plain(...), array_values(is_array($value) ? array_slice($value, 0, 3) : [$value]));
        if ($parts === [] || in_array(null, $parts, true)) {
            return null;
        }
        $degrees = (float) $parts[0] + (float) ($parts[1] ?? 0.0) / 60 + (float) ($parts[2] ?? 0.0) / 3600;
        $degrees = str_starts_with(strtoupper($this->text($tag.'Ref') ?? ''), $negative) ? -abs($degrees) : $degrees;

        return abs($degrees) <= $most ? $degrees : null;
    }

    /** As it was written on the camera's clock, with the offset where the file has one. */
    private function takenAt(): ?string
    {
        $at = $this->text('DateTimeOriginal') ?? '';
        $isDate = preg_match('/^(\d{4}):(\d{2}):(\d{2}) (\d{2}:\d{2}:\d{2})$/', $at, $m) === 1;
        if (! $isDate || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])) {
            return null;
        }
        $offset = $this->text('UndefinedTag:0x9011') ?? $this->text('OffsetTimeOriginal') ?? '';
        $fraction = preg_match('/^(\d{1,3})\d*$/', $this->text('SubSecTimeOriginal') ?? '', $sub) === 1 ? ".{$sub[1]}" : '';

        return "{$m[1]}-{$m[2]}-{$m[3]}T{$m[4]}{$fraction}".(preg_match('/^[+-]\d{2}:\d{2}$/', $offset) === 1 ? $offset : '');
    }

    private function text(string $tag): ?string
    {
        $value = $this->tags[$tag] ?? null;
        $value = is_int($value) ? (string) $value : $value;
        $clean = is_string($value) ? trim((string) preg_replace('/[^\P{C}]+/u', '', mb_scrub($value, 'UTF-8'))) : '';

        return $clean === '' ? null : mb_substr($clean, 0, self::LETTERS);
    }

    /** A number, or two with a stroke between them; null for anything else. */
    private static function plain(mixed $value): ?float
    {
        return match (true) {
            is_int($value), is_float($value) => is_finite((float) $value) ? (float) $value : null,
            is_string($value) && preg_match('#^(\d+(?:\.\d+)?)(?:/(\d+(?:\.\d+)?))?$#', trim($value), $m) === 1 => isset($m[2])
                ? ((float) $m[2] > 0 ? (float) $m[1] / (float) $m[2] : null)
                : (float) $m[1],
            default => null,
        };
    }

    private static function number(mixed $value, string $of): ?float
    {
        $number = self::plain($value);
        [$least, $most] = self::BOUNDS[$of];

        return $number !== null && $number >= $least && $number <= $most ? $number : null;
    }
}
