<?php

declare(strict_types=1);

namespace App\Files\Photo;

use GdImage;

/** How a camera was held (EXIF 2.32, tag Orientation): where the first row and the first column of what is stored stand, as it is seen. */
enum Orientation: int
{
    case TopLeft = 1;
    case TopRight = 2;
    case BottomRight = 3;
    case BottomLeft = 4;
    case LeftTop = 5;
    case RightTop = 6;
    case RightBottom = 7;
    case LeftBottom = 8;

    /** Whether what is stored is as wide as what is seen is high. */
    public function swaps(): bool
    {
        return $this->value >= self::LeftTop->value;
    }

    /**
     * Where a pixel that is seen is stored.
     *
     * @param  int  $width  of what is stored, in px
     * @param  int  $height  the same
     * @return array{int, int} from the left and from the top
     */
    public function stored(int $x, int $y, int $width, int $height): array
    {
        return match ($this) {
            self::TopLeft => [$x, $y],
            self::TopRight => [$width - 1 - $x, $y],
            self::BottomRight => [$width - 1 - $x, $height - 1 - $y],
            self::BottomLeft => [$x, $height - 1 - $y],
            self::LeftTop => [$y, $x],
            self::RightTop => [$y, $height - 1 - $x],
            self::RightBottom => [$width - 1 - $y, $height - 1 - $x],
            self::LeftBottom => [$width - 1 - $y, $x],
        };
    }

    /** Whether it is seen the other way round, as in a mirror. */
    public function isMirrored(): bool
    {
        return match ($this) {
            self::TopLeft, self::BottomRight, self::RightTop, self::LeftBottom => false,
            self::TopRight, self::BottomLeft, self::LeftTop, self::RightBottom => true,
        };
    }

    /** A picture turned as it was held. To turn a large one takes seconds: it is made small first. */
    public function upright(GdImage $stored): GdImage
    {
        $turned = match ($this) {
            self::TopLeft, self::TopRight => $stored,
            self::BottomRight, self::BottomLeft => imagerotate($stored, 180, 0),
            self::RightTop, self::LeftTop => imagerotate($stored, 270, 0),
            self::LeftBottom, self::RightBottom => imagerotate($stored, 90, 0),
        };
        $turned = $turned === false ? $stored : $turned;
        $this->isMirrored() && imageflip($turned, IMG_FLIP_HORIZONTAL);

        return $turned;
    }
}
