<?php

declare(strict_types=1);

namespace App\Drawing;

/** When to leave on the day board, or until when it is awash: the stretch that is hatched and the flag at its edge. */
final readonly class LeaveMark
{
    /**
     * @param  float  $levelY  height of the level that counts
     * @param  float|null  $hatchX  where the hatching begins; null where nothing of it lies on this day
     * @param  float|null  $edgeX  the edge that the flag stands at
     */
    public function __construct(
        public float $levelY,
        public string $levelWords,
        public ?float $hatchX,
        public float $hatchWidth,
        public ?float $edgeX,
        public ?Label $flag,
    ) {
    }
}
