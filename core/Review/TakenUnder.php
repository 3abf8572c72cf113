<?php

declare(strict_types=1);

namespace GentlePour\Review;

/** Under what a frame was taken. */
final readonly class TakenUnder
{
    /**
     * @param  float|null  $levelM  of the tide above its datum; null where none is known
     * @param  float|null  $sunSideDeg  clockwise from where the lens pointed, -180 to 180
     */
    public function __construct(
        public bool $keeper,
        public ?float $levelM,
        public ?bool $rising,
        public ?float $sunAltitudeDeg,
        public ?float $sunSideDeg,
    ) {
    }
}
