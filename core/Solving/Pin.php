<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** What can be held fast. */
enum Pin: string
{
    case Shutter = 'shutter';
    case Aperture = 'aperture';
    case Iso = 'iso';
    case Filters = 'filters';

    public function words(): string
    {
        return match ($this) {
            self::Shutter => 'the time',
            self::Aperture => 'the aperture',
            self::Iso => 'the ISO',
            self::Filters => 'the filters',
        };
    }
}
