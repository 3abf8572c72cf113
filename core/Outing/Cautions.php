<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Motion\WaterBody;
use GentlePour\Motion\WaterKind;

/**
 * What the numbers leave out, said where a plan leads to the water's edge: here alone, for every page, file and card. Common practice of
 * lifeguards and coastguards.
 */
final class Cautions
{
    public const LEFT_OUT = 'These numbers know nothing of swell sets, surge, spates or weather.';

    public const TELL = 'Tell someone when you will be back.';

    public const WHO_DECIDES = 'Official tables, forecasts, closures, wardens, lifeguards and coastguards decide.';

    public const OF_A_TIDE = 'Not for navigation. Predictions leave out swell sets, surge and weather; the official tide table, '
        .'the forecast, closures, lifeguards and coastguards decide.';

    /** @return non-empty-list<string> */
    public static function for(WaterKind $kind): array
    {
        return [self::atTheEdgeOf($kind->body()), self::LEFT_OUT.' '.self::TELL, self::WHO_DECIDES];
    }

    public static function atTheEdgeOf(WaterBody $body): string
    {
        return match ($body) {
            WaterBody::Sea => 'Watch the water for a full quarter of an hour before going down; never turn your back on it; '
                .'leave while the way out is dry.',
            WaterBody::Lake => 'Wet rock is slippery, and cold water takes the breath; wind raises waves within minutes. '
                .'Keep a dry way out.',
            WaterBody::Running => 'Rivers rise after rain upstream, and wet rock is slippery; keep a dry way out.',
        };
    }
}
