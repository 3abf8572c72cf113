<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** Where a water is met, and so what endangers a person beside it. */
enum WaterBody
{
    case Sea;
    case Lake;
    case Running;
}
