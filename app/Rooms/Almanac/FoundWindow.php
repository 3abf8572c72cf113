<?php

declare(strict_types=1);

namespace App\Rooms\Almanac;

use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Outing\Schedule;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Units;

/** A window by its place's clock. */
final readonly class FoundWindow
{
    public DateTimeImmutable $from;

    public DateTimeImmutable $to;

    public function __construct(public Window $window, DateTimeZone $zone)
    {
        $this->from = (new DateTimeImmutable('@'.(int) $window->from))->setTimezone($zone);
        $this->to = (new DateTimeImmutable('@'.(int) $window->to))->setTimezone($zone);
    }

    /** There early enough to set up and to watch the water before it begins. */
    public function arrival(): DateTimeImmutable
    {
        return $this->from->modify('-'.(int) ((Schedule::TRIPOD_S + Schedule::WATCH_S) / 60).' minutes');
    }

    public function tideWords(Units $units): string
    {
        $trend = $this->window->trend === Trend::Any ? 'about slack' : $this->window->trend->value;

        return $this->window->highestM === null ? '' : sprintf(' Tide to %s, %s.', $units->metres($this->window->highestM), $trend);
    }
}
