<?php

declare(strict_types=1);

namespace App\Drawing;

/** A place that a target can be dragged to. */
final readonly class StopPlace implements \JsonSerializable
{
    public function __construct(
        public float $x,
        public string $label,
        public float $seconds,
    ) {
    }

    /** @return array{x: float, label: string, s: float} */
    public function jsonSerialize(): array
    {
        return ['x' => $this->x, 'label' => $this->label, 's' => (float) sprintf('%.5g', $this->seconds)];
    }
}
