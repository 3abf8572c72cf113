<?php

declare(strict_types=1);

namespace GentlePour\Planning;

enum Trend: string
{
    case Any = 'any';
    case Rising = 'rising';
    case Falling = 'falling';
}
