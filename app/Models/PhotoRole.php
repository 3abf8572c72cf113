<?php

declare(strict_types=1);

namespace App\Models;

/** What a picture is to its frame. */
enum PhotoRole: string
{
    /** The frame itself. */
    case Frame = 'frame';

    /** The same view without the filter, by which it was read. */
    case Base = 'base';
}
