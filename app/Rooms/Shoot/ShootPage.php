<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Household\Devices;
use App\Models\Frame;
use App\Models\Place;
use App\Tide\PlaceTide;
use Carbon\CarbonImmutable;
use GentlePour\Documents\FramePlan;
use GentlePour\Exposure\SteppedLight;
use GentlePour\InvalidValue;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\OpeningMoment;

/** What Shoot shows of a frame, and what its script counts by. */
final readonly class ShootPage
{
    /** So far ahead the time to get off is looked for. */
    private const AHEAD_S = 12 * 3600;

    public function __construct(private PlaceTide $tides, private Devices $devices)
    {
    }

    /** @return array<string, mixed> */
    public function of(Frame $frame): array
    {
        $plan = $frame->plan;

        return [
            'frame' => $frame->load('place', 'shotList.frames'),
            'plan' => $plan,
            'way' => $plan->way,
            'fires' => $this->devices->hasCamera(),
            'leaveBy' => $frame->place === null ? null : $this->leaveBy($frame->place),
            'counts' => [
                'frame' => $frame->id, 'planned_s' => $frame->planned_s, 'bulb' => $plan->way->bulb,
                'busy_s' => $plan->noiseInCamera ? $frame->planned_s : 0,
                'sun_gone_stops' => SteppedLight::SUN_GONE_STOPS,
                'looks' => array_map(static fn (LookBand $band): array => [$band->look->value, $band->maxS], $plan->looks),
                'rhythm' => $plan->rhythm === null ? null : FramePlan::rhythmToArray($plan->rhythm),
            ],
            'onTheBeat' => $frame->water_kind->opensBy() === OpeningMoment::Retreat ? 'at the top of the swash' : 'on the crest',
            'beat' => $frame->water_kind->opensBy() === OpeningMoment::Retreat ? 'A top, now' : 'A crest, now',
        ];
    }

    /** When the numbers say to leave its stand; null where nothing says so. */
    private function leaveBy(Place $place): ?CarbonImmutable
    {
        $now = (float) now()->getTimestamp();
        try {
            $tide = $this->tides->curve($place, $now - 600, $now + self::AHEAD_S);
            $getOff = $tide === null ? null : $this->tides->getOff($place, $tide, $now);
        } catch (InvalidValue) {
            return null;
        }

        return $getOff === null ? null : CarbonImmutable::createFromTimestamp((int) $getOff->leaveUnix, $place->zone());
    }
}
