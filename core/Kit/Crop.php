<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** To which shape a frame will be cut afterwards: what is cut away need not be framed, and what is left is looked at larger. */
enum Crop: string
{
    case Whole = 'whole';
    case Square = 'square';
    case FourFive = 'four_five';
    case SixteenNine = 'sixteen_nine';
    case TwoOne = 'two_one';

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'whole frame',
            self::Square => '1:1',
            self::FourFive => '4:5, upright',
            self::SixteenNine => '16:9',
            self::TwoOne => '2:1',
        };
    }

    /** Width over height; null for the whole frame. */
    public function ratio(): ?float
    {
        return match ($this) {
            self::Whole => null,
            self::Square => 1.0,
            self::FourFive => 0.8,
            self::SixteenNine => 16 / 9,
            self::TwoOne => 2.0,
        };
    }
}
