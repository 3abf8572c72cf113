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

    /** @return list<LightPhase> whose strokes it is drawn with: its own, and those of lighter phases under them */
    public function strokes(): array
    {
        return array_values(array_filter(DarkHand::phases(), fn (LightPhase $p): bool => $p->mostDeg() >= $this->phase->mostDeg()));
    }
}
