<?php

declare(strict_types=1);

namespace App\Drawing;

/** What of the way out lies under water at one instant, as path data, and what waves may reach. */
final readonly class GroundStep implements \JsonSerializable
{
    public function __construct(
        public string $under,
        public string $reached,
        public string $way,
    ) {
    }

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return get_object_vars($this);
    }
}
