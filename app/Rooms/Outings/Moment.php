<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use DateTimeImmutable;
use DateTimeZone;

/** Something that an outing waits for: when it is, and what is said once it is past. The page's script counts on in the same words. */
final readonly class Moment
{
    public function __construct(
        public string $what,
        public float $unix,
        public bool $isWarning = false,
        public string $past = 'past',
    ) {
    }

    public function at(DateTimeZone $zone): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.(int) round($this->unix)))->setTimezone($zone);
    }

    /** “in 2 h 05 min”, or that it is past. */
    public function untilWords(float $now): string
    {
        $minutes = (int) floor(($this->unix - $now) / 60);

        return match (true) {
            $minutes < 0 => $this->past,
            $minutes < 60 => "in {$minutes} min",
            $minutes < 2880 => sprintf('in %d h %02d min', intdiv($minutes, 60), $minutes % 60),
            default => sprintf('in %d days', intdiv($minutes, 1440)),
        };
    }
}
