<?php

declare(strict_types=1);

namespace App\Drawing;

use DateTimeImmutable;
use DateTimeZone;
use GentlePour\Outing\GetOff;
use GentlePour\Planning\HoldStep;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyEvent;
use GentlePour\Tide\TideCurve;
use GentlePour\Weather\Forecast;

/** What a day board shows: a local day of a place, which with a change of the clocks is as long as it is. */
final readonly class DayScene
{
    public float $from;

    public float $to;

    /**
     * @param  DateTimeImmutable  $midnight  by the place's clock
     * @param  list<BoardMark>  $marks
     * @param  list<array{float, float}>  $outings  spans
     * @param  string  $wanted  the look that is wanted of the light, in words; empty where nothing is asked
     * @param  list<array{float, float}>  $withoutFilter  when the light alone gives it
     * @param  list<HoldStep>  $hold
     * @param  list<array{float, float, string}>  $schedule  from, to and what is done in it
     * @param  Forecast|null  $weather  where one is known
     * @param  string  $weatherBy  whose it is and of when
     * @param  string  $gradEdge  of the graduated filter that suits the horizon: soft or hard
     */
    public function __construct(
        public string $place,
        public DateTimeZone $zone,
        public DateTimeImmutable $midnight,
        public ?float $facingDeg = null,
        public ?TideCurve $tide = null,
        public ?Observer $observer = null,
        public ?DayOfSky $sky = null,
        public ?LightCurve $light = null,
        public ?GetOff $getOff = null,
        public array $marks = [],
        public array $outings = [],
        public string $wanted = '',
        public array $withoutFilter = [],
        public array $hold = [],
        public string $gradEdge = '',
        public array $schedule = [],
        public ?Forecast $weather = null,
        public string $weatherBy = '',
    ) {
        $this->from = (float) $midnight->getTimestamp();
        $this->to = (float) $midnight->modify('+1 day')->getTimestamp();
    }

    /** From when on somebody may be there: the first outing's start, first light, or noon. */
    public function firstUse(): float
    {
        return $this->outings !== []
            ? max($this->from, $this->outings[0][0])
            : ($this->sky?->at(SkyEvent::CivilDawn) ?? ($this->from + $this->to) / 2);
    }

    public function withGetOff(?GetOff $getOff): self
    {
        return $this->with($getOff, $this->schedule);
    }

    /** @param  list<array{float, float, string}>  $schedule */
    public function withSchedule(array $schedule): self
    {
        return $this->with($this->getOff, $schedule);
    }

    /** @param  list<array{float, float, string}>  $schedule */
    private function with(?GetOff $getOff, array $schedule): self
    {
        return new self(
            $this->place, $this->zone, $this->midnight, $this->facingDeg, $this->tide, $this->observer, $this->sky, $this->light, $getOff,
            $this->marks, $this->outings, $this->wanted, $this->withoutFilter, $this->hold, $this->gradEdge, $schedule,
            $this->weather, $this->weatherBy,
        );
    }
}
