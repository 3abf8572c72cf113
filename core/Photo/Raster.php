<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/** Pixels of a picture, row by row, each 0xRRGGBB. */
final readonly class Raster
{
    /**
     * @param  list<int>  $pixels
     *
     * @throws InvalidValue when there are not as many pixels as its size says
     */
    public function __construct(
        public int $width,
        public int $height,
        public array $pixels,
    ) {
        if ($width < 1 || $height < 1 || count($pixels) !== $width * $height) {
            throw new InvalidValue('A raster has as many pixels as its width times its height.');
        }
    }

    public function part(Area $area): self
    {
        [$left, $top, $width, $height] = $area->within($this->width, $this->height);
        $pixels = [];
        for ($y = $top; $y < $top + $height; $y++) {
            array_push($pixels, ...array_slice($this->pixels, $y * $this->width + $left, $width));
        }

        return new self($width, $height, $pixels);
    }

    /** @return list<float> luminance of each pixel in linear light, 0 to 1 */
    public function luminance(): array
    {
        $light = Srgb::table();

        return array_map(
            static fn (int $p): float => 0.2126 * $light[$p >> 16 & 255] + 0.7152 * $light[$p >> 8 & 255] + 0.0722 * $light[$p & 255],
            $this->pixels,
        );
    }
}
