<?php

declare(strict_types=1);

namespace App\Devices\Camera;

/** A file as a camera hands it over. */
final readonly class DeliveredFile
{
    public function __construct(
        public string $name,
        public string $bytes,
    ) {
    }
}
