<?php

declare(strict_types=1);

namespace App\Devices\Camera;

/** A file as a camera hands it over. */
final readonly class DeliveredFile
{
    /** @param  float  $busyS  how long the camera takes before it can open again, in s */
    public function __construct(
        public string $name,
        public string $bytes,
        public float $busyS = 0.0,
    ) {
    }
}
