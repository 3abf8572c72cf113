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

    /** @throws InvalidValue when it is not written as four shares, or they are no area */
    public static function parse(string $written): self
    {
        $numbers = array_map(trim(...), explode(',', $written));
        $odd = array_filter($numbers, static fn (string $n): bool => preg_match('/^\d{0,3}(\.\d{1,9})?$/', $n) !== 1 || $n === '');
        if (count($numbers) !== 4 || $odd !== []) {
            throw new InvalidValue('An area is X,Y,W,H, shares of the frame from 0 to 1, like 0.2,0.5,0.3,0.4.');
        }

        return self::of((float) $numbers[0], (float) $numbers[1], (float) $numbers[2], (float) $numbers[3]);
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

    /** @return array{float, float, float, float} */
    public function toArray(): array
    {
        return [$this->x, $this->y, $this->width, $this->height];
    }

    /** As it is typed. */
    public function written(): string
    {
        $short = static fn (float $share): string => (string) (float) sprintf('%.4f', $share);

        return implode(',', array_map($short, $this->toArray()));
    }
}
