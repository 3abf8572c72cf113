<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use App\Models\Place;
use GentlePour\Limit;
use GentlePour\Outing\RunUp;
use GentlePour\Units;

/** Says when a forecast has higher or longer waves than those with which a place reckons its get-off time. */
final readonly class RoughSea
{
    /** Less more run-up than this is none, in m. Judgement. */
    private const MORE_M = 0.1;

    public function __construct(private PlaceForecasts $forecasts, private Units $units)
    {
    }

    /** Null where no forecast reaches it, where no get-off time is reckoned, or where the sea is no rougher. */
    public function of(Place $place, float $fromUnix, float $toUnix): ?string
    {
        if (! $place->tide->hasTide() || ($place->stand_m === null && $place->lowestOfWayOutM() === null)) {
            return null;
        }
        $waves = $this->forecasts->reader($place)->highestWaves($fromUnix, $toUnix);
        if ($waves?->heightM === null) {
            return null;
        }
        $period = Limit::SwellPeriod->clamp($waves->periodS ?? $place->wave_period_s);
        $usual = RunUp::highestOfStayM($place->wave_height_m, $place->wave_period_s, $place->slope, $place->wall);
        $then = RunUp::highestOfStayM(Limit::SurgeHeight->clamp($waves->heightM), $period, $place->slope, $place->wall);

        return $then - $usual < self::MORE_M ? null : sprintf(
            'The forecast has waves of %s, %.0f s: they run up %s, %s more than the %s that the get-off time reckons with. '
            .'Leave earlier than it says, or do not go.',
            $this->units->metres($waves->heightM), $period, $this->units->metres($then), $this->units->metres($then - $usual),
            $this->units->metres($usual),
        );
    }
}
