<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * How wide a day board is drawn, in px: the whole day across a desk, with the names of its rows before them, or eight hours across a phone,
 * where it is pushed sideways and each name stands above its row.
 */
final readonly class BoardLayout
{
    private function __construct(
        public bool $narrow,
        public float $width,
        public float $left,
        public float $right,
        public float $row,
        public float $textPx,
    ) {
    }

    public static function wide(): self
    {
        return new self(false, DayBoard::WIDTH, DayBoard::LEFT, DayBoard::RIGHT, 26.0, 12.5);
    }

    /** 44 px an hour: eight hours are 352 px. */
    public static function narrow(): self
    {
        return new self(true, 1120.0, 20.0, 1076.0, 48.0, 14.0);
    }
}
