<?php

declare(strict_types=1);

namespace App\Drawing;

/** What the cursor of a day board reads out at one instant, in words and figures. */
final readonly class DayReading implements \JsonSerializable
{
    public function __construct(
        public string $at,
        public string $tide,
        public string $tideLabel,
        public string $sun,
        public string $sunLabel,
        public string $light,
        public string $lightLabel,
        public string $grad,
        public string $left,
    ) {
    }

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return get_object_vars($this);
    }
}
