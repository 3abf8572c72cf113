<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** The lists of frames that can be asked for. */
enum ListKind: string
{
    case Ladder = 'ladder';
    case Blend = 'blend';
    case Time = 'time';
    case Aperture = 'aperture';
    case Base = 'base';
    case Average = 'average';
    case Freeze = 'freeze';
    case Polariser = 'polariser';
    case Dark = 'dark';
}
