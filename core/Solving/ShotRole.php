<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** What a frame of a list is for. */
enum ShotRole: string
{
    case Ladder = 'ladder';
    case Blend = 'blend';
    case Bracket = 'bracket';
    case Companion = 'companion';
    case Average = 'average';
    case Dark = 'dark';

    /** Whether each is looked at before the next: a bracket and a ladder are; what is put together later is not. */
    public function isJudged(): bool
    {
        return match ($this) {
            self::Ladder, self::Bracket => true,
            self::Blend, self::Companion, self::Average, self::Dark => false,
        };
    }

    /** Whether a verdict on its blur says something of what the person likes of the water. */
    public function tellsTaste(): bool
    {
        return $this === self::Ladder || $this === self::Blend;
    }
}
