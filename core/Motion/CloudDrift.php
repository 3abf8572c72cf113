<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** How clouds drift against the way the lens faces, as people say it, and the share of the drift that runs across the view. Judgement. */
enum CloudDrift: string
{
    case Across = 'across';
    case Slanting = 'slanting';
    case Towards = 'towards';

    public function words(): string
    {
        return match ($this) {
            self::Across => 'across the view',
            self::Slanting => 'slanting',
            self::Towards => 'towards or away',
        };
    }

    public function across(): float
    {
        return match ($this) {
            self::Across => 1.0,
            self::Slanting => 0.7,
            self::Towards => 0.0,
        };
    }
}
