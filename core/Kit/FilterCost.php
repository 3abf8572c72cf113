<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** What a kind of filter costs when ways are ranked, in stops, and why. */
final readonly class FilterCost
{
    public function __construct(
        public string $name,
        public float $stops,
        public string $why,
    ) {
    }

    public static function none(): self
    {
        return new self('', 0.0, '');
    }
}
