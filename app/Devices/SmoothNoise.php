<?php

declare(strict_types=1);

namespace App\Devices;

/** Numbers between 0 and 1 that wander smoothly and come again from the same seed. */
final readonly class SmoothNoise
{
    private function __construct(private int $seed)
    {
    }

    public static function seeded(string $name, float ...$numbers): self
    {
        return new self(crc32($name.sprintf(str_repeat('|%.3f', count($numbers)), ...$numbers)));
    }

    public function at(float $place): float
    {
        $from = (int) floor($place);
        $share = $place - $from;
        $ease = $share * $share * (3 - 2 * $share);

        return $this->knot($from) + $ease * ($this->knot($from + 1) - $this->knot($from));
    }

    private function knot(int $place): float
    {
        return crc32($this->seed.':'.$place) / 0xFFFFFFFF;
    }
}
