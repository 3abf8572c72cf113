<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

/**
 * Clouds by the height at which they usually lie in middle latitudes. WMO International Cloud Atlas (2017), étages; the middle of each
 * kind's range.
 */
enum CloudKind: string
{
    case Stratus = 'stratus';
    case Cumulus = 'cumulus';
    case Stratocumulus = 'stratocumulus';
    case Altocumulus = 'altocumulus';
    case Cirrus = 'cirrus';

    /** Metres above the ground. */
    public function baseM(): float
    {
        return match ($this) {
            self::Stratus => 300.0,
            self::Cumulus => 1000.0,
            self::Stratocumulus => 1500.0,
            self::Altocumulus => 4000.0,
            self::Cirrus => 9000.0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Stratus => 'low grey sheet',
            self::Cumulus => 'fair-weather heaps',
            self::Stratocumulus => 'broken rolls',
            self::Altocumulus => 'small high flocks',
            self::Cirrus => 'high feathers',
        };
    }
}
