<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** Several frames to be shot one after the other, and the time that takes. */
final readonly class ShotPlan
{
    /** Seconds to set a frame up and let the tripod settle, and to change filters. Judgement. */
    private const SETTLE_S = 8.0;

    private const CHANGE_FILTERS_S = 45.0;

    /** From here on the camera takes its dark frame, when noise reduction is on; in seconds. Common practice. */
    private const NOISE_FROM_S = 1.0;

    /**
     * @param  list<Shot>  $shots  in the order of shooting
     * @param  list<string>  $left  what could not be had with this bag, in words
     */
    public function __construct(
        public string $title,
        public array $shots,
        public array $left = [],
    ) {
    }

    /** Seconds from the first opening to the last file written. */
    public function totalS(NoiseReductionHabit $noise): float
    {
        $total = 0.0;
        $stack = null;
        foreach ($this->shots as $shot) {
            $open = $shot->way->shutter->seconds;
            $total += self::SETTLE_S + $open * ($noise === NoiseReductionHabit::InCamera && $open >= self::NOISE_FROM_S ? 2 : 1);
            $total += $stack !== null && $stack !== $shot->way->filters->label() ? self::CHANGE_FILTERS_S : 0.0;
            $stack = $shot->way->filters->label();
        }

        return $total;
    }
}
