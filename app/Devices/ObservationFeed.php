<?php

declare(strict_types=1);

namespace App\Devices;

/** A service that says what the sea or the air does, as text in the standard meteorological format of public ocean buoys. */
interface ObservationFeed
{
    /** Whose figures they are, to be shown with them. */
    public function name(): string;

    /** Hourly rows from one instant to another, at the most a fortnight, for a position in degrees. */
    public function observations(float $latitude, float $longitude, float $fromUnix, float $toUnix): string;
}
