<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** How a filter is held before the lens. */
enum Mount: string
{
    case Slot = 'slot';
    case Thread = 'thread';
}
