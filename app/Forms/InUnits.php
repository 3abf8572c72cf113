<?php

declare(strict_types=1);

namespace App\Forms;

/** A field that is kept in one unit and may be typed in others. */
interface InUnits
{
    /** As typed, in the unit that is kept; null where that cannot be read. */
    public function read(string $typed): ?float;
}
