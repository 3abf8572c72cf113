<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Sky\SunOfDay;

/** One day at a place, as an almanac draws it: light, tide and moon, and what of the windows falls into it. */
final readonly class AlmanacDay
{
    /**
     * @param  string  $date  by the place’s clock, YYYY-MM-DD
     * @param  list<float>  $heightsM  of the tide every two hours, both midnights included; none inland
     * @param  list<array{float, float}>  $reached  when the wanted level holds; instants in s
     * @param  float  $moonLit  share of the moon that is lit at noon
     * @param  bool  $moonGrows  whether more of it is lit a day later
     * @param  list<Window>  $windows  those that begin on this day
     */
    public function __construct(
        public string $date,
        public float $fromUnix,
        public float $toUnix,
        public ?SunOfDay $sun,
        public array $heightsM,
        public array $reached,
        public float $moonLit,
        public bool $moonGrows,
        public array $windows,
    ) {
    }

    /** Where in the day an instant lies, from 0 to 1. */
    public function share(float $unix): float
    {
        return max(0.0, min(1.0, ($unix - $this->fromUnix) / ($this->toUnix - $this->fromUnix)));
    }
}
