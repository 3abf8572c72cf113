<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Forms\Typed;
use GentlePour\InvalidValue;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;

/** Another water in the picture, at its own distance. */
final readonly class AlsoForm
{
    private const CORE_FIELDS = ['speed_m_s' => 'also_speed', 'peak_period_s' => 'also_period', 'distance_m' => 'also_distance'];

    /** @param  float|null  $distanceM  the same as the water's where it is not said */
    private function __construct(
        public WaterSpec $spec,
        public ?float $distanceM,
        public Look $look,
    ) {
    }

    /** Null where there is none. */
    public static function of(Typed $typed): ?self
    {
        $kind = $typed->choice('also', WaterKind::class);

        return $kind === null ? null : new self(
            $kind->isWaves() ? new WaterSpec(
                $kind, periodS: $typed->number('also_period'),
            ) : new WaterSpec($kind, $typed->number('also_speed')),
            $typed->number('also_distance'),
            $typed->choice('also_look', Look::class) ?? Look::Silk,
        );
    }

    public function framing(Framing $framing): Framing
    {
        return new Framing($framing->sensor, $framing->focalLengthMm, $this->distanceM ?? $framing->distanceM, $framing->obliqueDeg);
    }

    /** @throws InvalidValue at the field of the form that the core refuses */
    public function in(Framing $framing): MovingWater
    {
        return Refusal::renamed(self::CORE_FIELDS, fn (): MovingWater => $this->spec->orUsual()->in($framing));
    }
}
