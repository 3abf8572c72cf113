<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Sky\LightPhase;

/** A stretch of one light over the day board. */
final readonly class SkyBand
{
    public function __construct(
        public float $x,
        public float $width,
        public LightPhase $phase,
    ) {
    }
}
