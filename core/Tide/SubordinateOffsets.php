<?php

declare(strict_types=1);

namespace GentlePour\Tide;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** How a place's high and low waters differ from another's: minutes later, and heights by a ratio or by metres. */
final readonly class SubordinateOffsets
{
    private function __construct(
        public float $highMinutes,
        public float $lowMinutes,
        public bool $ratio,
        public float $high,
        public float $low,
    ) {
    }

    /** @throws InvalidValue when a time is beyond fourteen hours, or a height beyond a factor of 10 or 20 m */
    public static function of(float $highMinutes, float $lowMinutes, bool $ratio, float $high, float $low): self
    {
        foreach ([$highMinutes, $lowMinutes] as $minutes) {
            Limit::TideMinutes->check($minutes);
        }
        foreach ([$high, $low] as $height) {
            $ratio ? Limit::TideRatio->check($height) : Limit::TideDifference->check($height);
        }

        return new self($highMinutes, $lowMinutes, $ratio, $high, $low);
    }

    public function apply(TideEvent $event): TideEvent
    {
        $adjust = $event->high ? $this->high : $this->low;

        return new TideEvent(
            $event->unix + 60 * ($event->high ? $this->highMinutes : $this->lowMinutes),
            $this->ratio ? $event->heightM * $adjust : $event->heightM + $adjust,
            $event->high,
        );
    }
}
