<?php

declare(strict_types=1);

namespace App\Drawing;

/** One look on the stop rule, with its texture as path data. */
final readonly class Band
{
    private const NAME_PX = 13.0;

    /** Room that a name needs beside its letters. */
    private const NAME_ROOM_PX = 14.0;

    public float $middle;

    /** A name that does not fit its band is left to the band's title. */
    public bool $named;

    public function __construct(
        public string $look,
        public string $words,
        public float $x,
        public float $width,
        public bool $wanted,
        public string $strokes,
    ) {
        $this->middle = round($x + $width / 2, 1);
        $this->named = $width > TextWidth::of($look, self::NAME_PX) + self::NAME_ROOM_PX;
    }
}
