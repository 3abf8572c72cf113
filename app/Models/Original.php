<?php

declare(strict_types=1);

namespace App\Models;

/** Where the file of a picture is, as it came from the camera. */
enum Original: string
{
    /** A copy lies here, untouched. */
    case Kept = 'kept';

    /** Only the working picture lies here. */
    case Left = 'left';
}
