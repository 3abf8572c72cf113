<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GentlePour\Scene\HourLight;

/** How a picture is seen: its light, what is in front of the lens, and the exposure against the reading, in stops. */
final readonly class PictureView
{
    /**
     * @param  array{red: float, blue: float}|null  $cast  of the glass in front, in stops against green
     * @param  array{stops: float, at: float, soft: float}|null  $graduated  its strength, where its middle lies from the top and how far
     *     it is from clear to dark on either side, in shares of the height
     * @param  list<string>  $things  of those that the recipe holds
     * @param  int  $moment  at which it was opened: at another the water has moved on
     */
    public function __construct(
        public HourLight $light = HourLight::Day,
        public bool $mono = false,
        public float $bias = 0.0,
        public ?array $cast = null,
        public ?array $graduated = null,
        public bool $polariser = false,
        public array $things = [],
        public int $moment = 0,
    ) {
    }
}
