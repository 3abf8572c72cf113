<?php

declare(strict_types=1);

namespace GentlePour\Photo;

use GentlePour\InvalidValue;

/** A part of a frame: its left upper corner and its size, as shares of the frame, 0 to 1. */
final readonly class Area
{
    private function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {
    }

    /** @throws InvalidValue when it does not lie within the frame or is smaller than a hundredth of a side */
    public static function of(float $x, float $y, float $width, float $height): self
    {
        if (min($x, $y) < 0 || min($width, $height) < 0.01 || $x + $width > 1.000001 || $y + $height > 1.000001) {
            throw new InvalidValue('An area lies within the frame: X,Y,W,H as shares of it, 0 to 1, W and H at least 0.01.');
        }

        return new self($x, $y, $width, $height);
    }

    public static function whole(): self
    {
        return new self(0.0, 0.0, 1.0, 1.0);
    }

    /** @return array{int, int, int, int} left, top, width and height in a raster of this size */
    public function within(int $width, int $height): array
    {
        $left = min($width - 1, (int) round($this->x * $width));
        $top = min($height - 1, (int) round($this->y * $height));

        return [
            $left, $top, max(1, min($width - $left, (int) round($this->width * $width))),
            max(1, min($height - $top, (int) round($this->height * $height))),
        ];
    }
}
