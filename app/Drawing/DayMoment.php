<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Sky\Horizontal;
use GentlePour\Sky\MeteredScene;

/** Tide, sun and light at one step of the day; null for what is not known of the place. */
final readonly class DayMoment
{
    public function __construct(
        public float $unix,
        public ?float $heightM,
        public ?Horizontal $sun,
        public ?float $ev100,
        public ?MeteredScene $metered = null,
    ) {
    }
}
