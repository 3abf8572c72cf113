<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/** A histogram: counts by the level of luminance, 256 of them. */
final readonly class ShownLevels implements Shown
{
    /** @param  list<int>  $counts */
    public function __construct(public array $counts)
    {
    }
}
