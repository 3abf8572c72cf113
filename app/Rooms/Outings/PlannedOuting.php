<?php

declare(strict_types=1);

namespace App\Rooms\Outings;

use App\Drawing\DayBoard;
use App\Models\Composition;
use App\Models\Outing;
use Carbon\CarbonImmutable;
use GentlePour\Outing\PackItem;
use GentlePour\Outing\Schedule;
use GentlePour\Sky\SkyEvent;
use GentlePour\Solving\Way;

/** An outing worked out: its day, when one must leave and why, what is done when, and what goes into the bag. */
final readonly class PlannedOuting
{
    /**
     * @param  string  $untilWhy  what ends it: the tide, or the time that was set
     * @param  array<int, Way>  $ways  how each scheduled composition is shot at its time, by its number
     * @param  list<Composition>  $compositions  the most wanted first, as in the schedule
     * @param  list<PackItem>  $packing
     * @param  float|null  $awashUntil  where the stand or the way out is under water on arriving: until then
     */
    public function __construct(
        public Outing $outing,
        public ?DayBoard $board,
        public Schedule $schedule,
        public string $untilWhy,
        public array $ways,
        public array $compositions,
        public array $packing,
        public ?float $awashUntil = null,
    ) {
    }

    public function at(float $unix): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestamp((int) round($unix), $this->outing->place->zone());
    }

    /** By when one leaves home; null where nothing says how long the way is. */
    public function leavesHome(): ?float
    {
        return $this->outing->travel_minutes === null ? null : $this->schedule->from - 60 * $this->outing->travel_minutes;
    }

    /** By when one is home again, by the same way. */
    public function homeBy(): float
    {
        return $this->schedule->until + 60 * ($this->outing->travel_minutes ?? 60.0);
    }

    public function sky(SkyEvent $event): ?float
    {
        return $this->board?->scene->sky?->at($event);
    }
}
