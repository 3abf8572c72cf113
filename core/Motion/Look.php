<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** How moving water looks in a still frame, from the texture it keeps. The bounds are common practice put into numbers. */
enum Look: string
{
    case Held = 'held';
    case Lively = 'lively';
    case Brushed = 'brushed';
    case Silk = 'silk';
    case Mist = 'mist';
    case Glass = 'glass';

    /** The least texture kept for this look; null for held, which is set by the streak alone. */
    public function leastTexture(): ?float
    {
        return match ($this) {
            self::Held => null,
            self::Lively => 0.80,
            self::Brushed => 0.45,
            self::Silk => 0.20,
            self::Mist => 0.07,
            self::Glass => 0.0,
        };
    }

    /** Whether more of the drawing has gone in it. */
    public function isSmootherThan(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }

    public function words(): string
    {
        return match ($this) {
            self::Held => 'every drop sharp',
            self::Lively => 'a hint of movement',
            self::Brushed => 'painted, waves and strands still defined',
            self::Silk => 'smooth, with some drawing left',
            self::Mist => 'soft, hardly any drawing',
            self::Glass => 'flat',
        };
    }
}
