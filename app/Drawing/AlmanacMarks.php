<?php

declare(strict_types=1);

namespace App\Drawing;

/** What stands on the days of an almanac besides light and water. */
final readonly class AlmanacMarks
{
    /**
     * @param  string  $today  YYYY-MM-DD, by the place’s clock
     * @param  string  $chosen  the day that is looked at
     * @param  array<string, string>  $flags  a word or two by the day
     * @param  array<string, int>  $keepers  how many frames were kept, by the day
     * @param  array<string, true>  $outings
     */
    public function __construct(
        public string $today,
        public string $chosen = '',
        public array $flags = [],
        public array $keepers = [],
        public array $outings = [],
    ) {
    }
}
