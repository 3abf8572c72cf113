<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** What falling water is on its way down: a curtain breaks up and is slowed by the air, a sheet holds together. */
enum FallsAs
{
    case Curtain;
    case Sheet;
}
