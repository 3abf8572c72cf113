<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** Keep the lowest ISO for quality, or raise it freely to shorten an over-long frame. */
enum IsoHabit: string
{
    case Lowest = 'lowest';
    case Raised = 'raise';

    /** What a stop of ISO above base costs, in stops. Judgement. */
    public function costPerStop(): float
    {
        return $this === self::Lowest ? 1.0 : 0.25;
    }
}
