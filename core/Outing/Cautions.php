<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Motion\WaterBody;
use GentlePour\Motion\WaterKind;

/** What the numbers leave out, said where a plan leads to the water's edge. Common practice of lifeguards and coastguards. */
final class Cautions
{
    /** @return non-empty-list<string> */
    public static function for(WaterKind $kind): array
    {
        return [
            match ($kind->body()) {
                WaterBody::Sea => 'Watch the water for a full quarter of an hour before going down; never turn your back on it; '
                    .'leave while the way out is dry.',
                WaterBody::Lake => 'Wet rock is slippery, and cold water takes the breath; wind raises waves within minutes. '
                    .'Keep a dry way out.',
                WaterBody::Running => 'Rivers rise after rain upstream, and wet rock is slippery; keep a dry way out.',
            },
            'These numbers know nothing of swell sets, surge, spates or weather. Tell someone when you will be back.',
            'Official tables, forecasts, closures, wardens, lifeguards and coastguards decide.',
        ];
    }
}
