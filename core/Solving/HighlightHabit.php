<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** Round towards the darker frame to protect white water, or towards the brighter one for cleaner shadows. */
enum HighlightHabit: string
{
    case Protect = 'protect';
    case ExposeRight = 'right';

    /** What an exposure that is off by so many stops costs: only the side the habit avoids. */
    public function cost(float $errorStops): float
    {
        return max(0.0, $this === self::Protect ? $errorStops : -$errorStops);
    }
}
