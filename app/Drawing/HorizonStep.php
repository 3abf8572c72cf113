<?php

declare(strict_types=1);

namespace App\Drawing;

/** What the horizon shows at one instant: where sun and moon stand in px of the drawing, the light, and what it means for the frame. */
final readonly class HorizonStep implements \JsonSerializable
{
    /**
     * @param  array{float, float}  $sunAt
     * @param  array{float, float}  $moonAt
     * @param  string  $phase  of the light
     */
    public function __construct(
        public array $sunAt,
        public array $moonAt,
        public string $phase,
        public string $sun,
        public string $moon,
        public string $sky,
        public string $glare,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return get_object_vars($this);
    }
}
