<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/**
 * A rising tide and a ledge. Times are minutes of a day, heights metres over the datum; between low and high water it follows half a
 * cosine.
 */
final readonly class ShownTide implements Shown
{
    /**
     * @param  float  $awashM  as high as the tide may come: what run-up and margin leave of the ledge
     * @param  int  $leaveMin  when to have left
     */
    public function __construct(
        public int $lowMin,
        public float $lowM,
        public int $highMin,
        public float $highM,
        public float $standM,
        public float $awashM,
        public int $leaveMin,
    ) {
    }

    /** @return float metres over the datum */
    public function heightM(float $min): float
    {
        return $this->lowM + ($this->highM - $this->lowM) * (1 - cos(M_PI * ($min - $this->lowMin) / ($this->highMin - $this->lowMin))) / 2;
    }
}
