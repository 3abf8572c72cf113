<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Motion\WaterKind;

/** What the numbers leave out, said where a plan leads to the water's edge. Common practice of lifeguards and coastguards. */
final class Cautions
{
    /** @return non-empty-list<string> */
    public static function for(WaterKind $kind): array
    {
        $sea = in_array($kind, [WaterKind::Swell, WaterKind::Chop, WaterKind::Backwash, WaterKind::Foam], true);

        return [
            $sea
                ? 'Watch the water for a full quarter of an hour before going down; never turn your back on it; leave while the way out is dry.'
                : 'Rivers rise after rain upstream, and wet rock is slippery; keep a dry way out.',
            'These numbers know nothing of swell sets, surge, spates or weather. Tell someone when you will be back.',
            'Official tables, forecasts, closures, wardens, lifeguards and coastguards decide.',
        ];
    }
}
