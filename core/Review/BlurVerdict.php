<?php

declare(strict_types=1);

namespace GentlePour\Review;

/** What the person says of the blur in a finished frame. */
enum BlurVerdict: string
{
    case TooCrisp = 'too_crisp';
    case Right = 'right';
    case TooSmooth = 'too_smooth';

    public function label(): string
    {
        return match ($this) {
            self::TooCrisp => 'too crisp',
            self::Right => 'right',
            self::TooSmooth => 'too smooth',
        };
    }

    /** Stops by which the next frame's time moves: one, the least change that is plainly seen. Common practice. */
    public function shiftStops(): float
    {
        return match ($this) {
            self::TooCrisp => 1.0,
            self::Right => 0.0,
            self::TooSmooth => -1.0,
        };
    }
}
