<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** How far the frames of a bracket lie apart. */
enum BracketStep: string
{
    case Third = 'third';
    case Half = 'half';
    case Full = 'full';

    public function stops(): float
    {
        return match ($this) {
            self::Third => 1 / 3,
            self::Half => 0.5,
            self::Full => 1.0,
        };
    }

    /** So many steps with their sign, as stops: −1⅓, +½, +2. */
    public function words(int $steps): string
    {
        $sixths = (int) round(6 * abs($steps) * $this->stops());
        $whole = intdiv($sixths, 6);
        $part = [0 => '', 2 => '⅓', 3 => '½', 4 => '⅔'][$sixths % 6];

        return ($steps < 0 ? '−' : '+').($whole > 0 || $part === '' ? $whole : '').$part;
    }
}
