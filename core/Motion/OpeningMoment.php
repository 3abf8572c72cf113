<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** What the moment of opening is timed by. */
enum OpeningMoment
{
    /** The crests that come in, one after another and in sets. */
    case Crests;

    /** The turn of the uprush, and the retreat after it. */
    case Retreat;

    /** Nothing: one moment is as good as another. */
    case Any;
}
