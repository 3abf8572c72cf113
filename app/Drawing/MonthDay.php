<?php

declare(strict_types=1);

namespace App\Drawing;

/** A column of a month. */
final readonly class MonthDay
{
    /**
     * @param  string  $said  the day in words, for who hears it
     * @param  string  $moon  path data of what of the moon is lit
     * @param  list<array{float, float}>  $windows  top and height of each, in px
     */
    public function __construct(
        public float $x,
        public string $date,
        public int $number,
        public bool $isWeekend,
        public bool $isPast,
        public string $said,
        public string $moon,
        public array $windows,
        public string $flag,
        public int $keepers,
        public bool $hasOuting,
        public bool $isChosen,
    ) {
    }
}
