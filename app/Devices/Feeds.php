<?php

declare(strict_types=1);

namespace App\Devices;

/** The feeds by name. A real one takes the place of a simulated one in the provider, and nothing else changes. */
final readonly class Feeds
{
    /** @param  array<string, ObservationFeed>  $feeds */
    public function __construct(private array $feeds)
    {
    }

    public function feed(string $name): ?ObservationFeed
    {
        return $this->feeds[$name] ?? null;
    }
}
