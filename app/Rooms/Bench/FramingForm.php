<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Refusal;
use App\Forms\Typed;
use GentlePour\Exposure\SharpRange;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;

/** How the water sits in the frame. */
final readonly class FramingForm
{
    private const CORE_FIELDS = ['focal_length_mm' => 'focal', 'distance_m' => 'distance', 'oblique_deg' => 'oblique'];

    private function __construct(
        public int $cameraId,
        public int $lensId,
        public float $focalMm,
        public float $distanceM,
        public float $obliqueDeg,
        private ?float $sharpNearM,
        private ?float $sharpFarM,
    ) {
    }

    public static function of(Typed $typed): self
    {
        return new self(
            $typed->id('camera'), $typed->id('lens'), $typed->needed('focal'), $typed->needed('distance'), $typed->number('oblique') ?? 0.0,
            $typed->number('sharp_near'), $typed->number('sharp_far'),
        );
    }

    /** @throws InvalidValue at the field of the form that the core refuses */
    public function in(Sensor $sensor): Framing
    {
        return Refusal::renamed(
            self::CORE_FIELDS, fn (): Framing => new Framing($sensor, $this->focalMm, $this->distanceM, $this->obliqueDeg),
        );
    }

    /** What must be sharp in one frame; null where that is no matter. */
    public function sharp(): ?SharpRange
    {
        return $this->sharpNearM === null
            ? null
            : Refusal::at('sharp_far', fn (): SharpRange => SharpRange::of((float) $this->sharpNearM, $this->sharpFarM));
    }
}
