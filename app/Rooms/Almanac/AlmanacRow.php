<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use App\Drawing\DayStrip;
use DateTimeImmutable;

/** A row of the months on a phone: a day with windows, or several days without. */
final readonly class AlmanacRow
{
    /**
     * @param  string|null  $month  where another begins
     * @param  DayStrip|null  $strip  null for days without
     * @param  list<FoundWindow>  $windows
     * @param  list<string>  $thin  the tides of the days without, as path data
     */
    public function __construct(
        public ?string $month,
        public DateTimeImmutable $date,
        public ?DayStrip $strip,
        public array $windows,
        public string $flag,
        public array $thin,
    ) {
    }
}
