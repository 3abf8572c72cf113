<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GdImage;
use GentlePour\InvalidValue;
use GentlePour\Photo\Area;
use GentlePour\Photo\ColourSpace;
use GentlePour\Photo\Raster;
use GentlePour\Photo\ShotSettings;

/**
 * A picture file, opened within bounds: JPEG, PNG or WebP, or the picture that a raw or HEIF file has in it. What is looked at of it:
 * pixels on a lattice, a small picture of means, and a part of it as fine as it is, all in sRGB, whatever its own colours are.
 */
final class Photograph
{
    /** Raw files of the largest sensors are about as large. */
    public const MOST_BYTES = 200_000_000;

    /** More than any camera has, stitched frames left out. */
    private const MOST_PIXELS = 210_000_000;

    /** Of a decoded picture, in bytes, and what is made of it. */
    private const BYTES_A_PIXEL = 5;

    /** Pixels that are looked at for how light is spread. */
    private const LATTICE_PIXELS = 700_000;

    private const SMALL_PX = 480;

    private const MEDIUM_PX = 720;

    /** Of a part that is looked at as fine as it is. */
    private const FINE_PX = 900;

    private const DECODERS = [
        IMAGETYPE_JPEG => 'imagecreatefromjpeg', IMAGETYPE_PNG => 'imagecreatefrompng', IMAGETYPE_WEBP => 'imagecreatefromwebp',
    ];

    /**
     * @param  array{float, float}|null  $position  latitude and longitude where it was taken
     * @param  ColourSpace|null  $space  what its levels stand for; null for sRGB
     */
    private function __construct(
        private readonly GdImage $image,
        private readonly Orientation $orientation,
        public readonly ShotSettings $settings,
        public readonly ?array $position,
        public readonly ?ColourSpace $space = null,
    ) {
    }

    /** @throws InvalidValue when there is no such file, or it is no picture that can be read within the bounds */
    public static function open(string $path): self
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw new InvalidValue('There is no file '.InvalidValue::quoted($path).' to read.');
        }
        if (filesize($path) > self::MOST_BYTES) {
            throw new InvalidValue('The file is larger than 200 MB.');
        }
        [$width, $height, $type] = @getimagesize($path) ?: [0, 0, 0];
        if (! isset(self::DECODERS[$type])) {
            return self::ofEmbedded($path);
        }
        $decode = self::DECODERS[$type];
        if ($width < 8 || $height < 8 || $width * $height > self::MOST_PIXELS) {
            throw new InvalidValue("A picture of {$width} by {$height} pixels cannot be looked at: from 8 a side to 210 million in all.");
        }
        if (self::BYTES_A_PIXEL * $width * $height > Memory::freeBytes()) {
            throw new InvalidValue("A picture of {$width} by {$height} pixels takes more memory than is free here just now."
                .' Try again later, or send a smaller one.');
        }
        $image = self::decoded($path, $decode);
        if (imagesx($image) !== $width || imagesy($image) !== $height) {
            throw new InvalidValue('The file is not of the size that it says.');
        }
        $exif = Exif::of($type === IMAGETYPE_JPEG ? $path : null);

        $space = ColourTag::of($path, $type, $exif);

        return new self($image, $exif->orientation() ?? Orientation::TopLeft, $exif->settings(), $exif->position(), $space);
    }

    /** @throws InvalidValue when there is no picture in the file, or none that can be read */
    private static function ofEmbedded(string $path): self
    {
        $found = Embedded::in($path);
        if ($found === null) {
            throw new InvalidValue('The file is no JPEG, PNG or WebP picture, and none that could be had is in it.'
                .Embedded::instead($path).Embedded::missing());
        }
        try {
            $orientation = $found->orientation();
            $picture = self::open($found->path);
            $space = $picture->space ?? $found->space();

            return new self($picture->image, $orientation, $found->exif->settings(), $found->exif->position(), $space);
        } finally {
            $found->forget();
        }
    }

    /** A smaller picture of it, its longer side at the most so many pixels, in its own colours. */
    public function scaled(int $px): GdImage
    {
        $share = min(1.0, $px / max($this->width(), $this->height()));

        return $this->resampled(max(1, (int) round($share * $this->width())), max(1, (int) round($share * $this->height())));
    }

    /** All that is looked at, so that the picture itself can be let go: one of 24 megapixels takes a hundred megabytes. */
    public function lookedAt(?Area $still = null): LookedAt
    {
        return new LookedAt(
            $this->width(), $this->height(), $this->settings, $this->lattice(), $this->means(self::SMALL_PX), $this->means(self::MEDIUM_PX),
            $still === null ? null : $this->fine($still),
        );
    }

    public function width(): int
    {
        return $this->orientation->swaps() ? imagesy($this->image) : imagesx($this->image);
    }

    public function height(): int
    {
        return $this->orientation->swaps() ? imagesx($this->image) : imagesy($this->image);
    }

    /** The whole of it at another size, as it is seen: made small as it is stored, then turned. */
    private function resampled(int $width, int $height): GdImage
    {
        [$wide, $high] = $this->orientation->swaps() ? [$height, $width] : [$width, $height];
        $scaled = imagecreatetruecolor(max(1, $wide), max(1, $high));
        imagecopyresampled($scaled, $this->image, 0, 0, 0, 0, $wide, $high, imagesx($this->image), imagesy($this->image));

        return $this->orientation->upright($scaled);
    }

    /** The pixel that is seen there, in sRGB. */
    private function pixel(int $x, int $y): int
    {
        [$column, $row] = $this->orientation->stored($x, $y, imagesx($this->image), imagesy($this->image));

        $pixel = (int) imagecolorat($this->image, $column, $row) & 0xFFFFFF;

        return $this->space === null ? $pixel : $this->space->toSrgb($pixel);
    }

    /** Single pixels, evenly spread: nothing is averaged, so that what clips stays clipped. */
    private function lattice(): Raster
    {
        $step = max(1, (int) ceil(sqrt($this->width() * $this->height() / self::LATTICE_PIXELS)));
        $pixels = [];
        for ($y = intdiv($step, 2), $rows = 0; $y < $this->height(); $y += $step, $rows++) {
            for ($x = intdiv($step, 2); $x < $this->width(); $x += $step) {
                $pixels[] = $this->pixel($x, $y);
            }
        }

        return new Raster(intdiv(count($pixels), max(1, $rows)), $rows, $pixels);
    }

    /** A small picture, each pixel the mean of those that it stands for. */
    private function means(int $px): Raster
    {
        $width = min($px, $this->width());
        $height = max(1, (int) round($width * $this->height() / $this->width()));
        $small = new self($this->resampled($width, $height), Orientation::TopLeft, $this->settings, $this->position, $this->space);

        return $small->raster(0, 0, $width, $height);
    }

    /** A part pixel by pixel; of a large one its middle. */
    public function fine(Area $area, int $most = self::FINE_PX): Raster
    {
        [$left, $top, $width, $height] = $area->within($this->width(), $this->height());
        [$wide, $high] = [min($width, $most), min($height, $most)];

        return $this->raster($left + intdiv($width - $wide, 2), $top + intdiv($height - $high, 2), $wide, $high);
    }

    private function raster(int $left, int $top, int $width, int $height): Raster
    {
        $pixels = [];
        for ($y = $top; $y < $top + $height; $y++) {
            for ($x = $left; $x < $left + $width; $x++) {
                $pixels[] = $this->pixel($x, $y);
            }
        }

        return new Raster($width, $height, $pixels);
    }

    /** @param  callable-string  $decode */
    private static function decoded(string $path, string $decode): GdImage
    {
        // A decoder only warns of a file that ends in the middle, and of much that does no harm.
        $isWhole = true;
        $before = ini_set('gd.jpeg_ignore_warning', '0');
        set_error_handler(static function (int $level, string $message) use (&$isWhole): bool {
            $isWhole = $isWhole && preg_match('/premature end|unrecoverable|not a jpeg/i', $message) !== 1;

            return true;
        });
        try {
            $image = $decode($path);
        } finally {
            restore_error_handler();
            ini_set('gd.jpeg_ignore_warning', $before === false ? '1' : $before);
        }
        if (! $image instanceof GdImage || ! $isWhole) {
            throw new InvalidValue('The picture cannot be read: the file is broken or not whole.');
        }
        imagepalettetotruecolor($image);

        return $image;
    }
}
