<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** The settings in which a water can be drawn. */
enum Stage: string
{
    case Surf = 'surf';
    case Sea = 'sea';
    case Lake = 'lake';
    case Shore = 'shore';
    case Fall = 'fall';
    case Cascade = 'cascade';
    case Weir = 'weir';
    case River = 'river';
    case Rapid = 'rapid';
}
