<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;

/** Work where the lens is sharpest, or stop down to lengthen the time. Common practice. */
enum ApertureHabit: string
{
    case Best = 'best';
    case StoppedDown = 'stopped_down';

    /** @return array{Aperture, Aperture} the preferred range, widest first */
    public function range(): array
    {
        return match ($this) {
            self::Best => [Aperture::named(8), Aperture::named(11)],
            self::StoppedDown => [Aperture::named(16), Aperture::named(22)],
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Best => 'where the lens is sharpest',
            self::StoppedDown => 'stopped down, to lengthen the time without filters',
        };
    }
}
