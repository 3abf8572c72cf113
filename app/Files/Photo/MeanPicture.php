<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GdImage;
use GentlePour\InvalidValue;
use GentlePour\Photo\ColourSpace;
use GentlePour\Photo\Srgb;

/** The mean of several frames of one view in linear light: what a longer frame would have shown, as a proof. */
final class MeanPicture
{
    private const WIDTH = 1024;

    public const AT_MOST = 12;

    /**
     * @param  list<Photograph>  $pictures
     *
     * @throws InvalidValue when they are fewer than two, too many, or differ in shape
     */
    public static function of(array $pictures): GdImage
    {
        if (count($pictures) < 2 || count($pictures) > self::AT_MOST) {
            throw new InvalidValue('A mean is made of two to twelve frames.');
        }
        $sums = [];
        $size = null;
        foreach ($pictures as $picture) {
            $scaled = $picture->scaled(self::WIDTH);
            $size ??= [imagesx($scaled), imagesy($scaled)];
            if ($size !== [imagesx($scaled), imagesy($scaled)]) {
                throw new InvalidValue('The pictures differ in shape: a mean is made of frames of one view, uncropped.');
            }
            self::add($sums, $scaled, $picture->space);
        }
        $mean = imagecreatetruecolor(...$size);
        $count = count($pictures);
        foreach ($sums as $at => [$red, $green, $blue]) {
            $pixel = Srgb::level($red / $count) << 16 | Srgb::level($green / $count) << 8 | Srgb::level($blue / $count);
            imagesetpixel($mean, $at % $size[0], intdiv($at, $size[0]), $pixel);
        }

        return $mean;
    }

    /** @param  array<int, array{float, float, float}>  $sums */
    private static function add(array &$sums, GdImage $image, ?ColourSpace $space): void
    {
        $light = Srgb::table();
        [$width, $height] = [imagesx($image), imagesy($image)];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $p = (int) imagecolorat($image, $x, $y);
                $p = $space === null ? $p : $space->toSrgb($p);
                $sums[$y * $width + $x] ??= [0.0, 0.0, 0.0];
                $sum = &$sums[$y * $width + $x];
                $sum[0] += $light[$p >> 16 & 255];
                $sum[1] += $light[$p >> 8 & 255];
                $sum[2] += $light[$p & 255];
            }
        }
    }
}
