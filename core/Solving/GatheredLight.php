<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\DriftingLight;
use GentlePour\Kit\Camera;

/**
 * From the time that constant light would take to the time the shutter must be open, and back: film loses speed over long times, and the
 * light drifts meanwhile. In stops from a second.
 */
final readonly class GatheredLight
{
    private DriftingLight $drift;

    private Camera $camera;

    private bool $plain;

    public function __construct(Question $question)
    {
        $this->drift = $question->drift ?? DriftingLight::steady();
        $this->camera = $question->bag->camera;
        $this->plain = $this->drift->isSteady() && $this->camera->reciprocity === 1.0;
    }

    /** Null when the light fails before the frame is full. */
    public function open(float $bare): ?float
    {
        if ($this->plain) {
            return $bare;
        }
        $seconds = $this->drift->openSeconds($this->camera->reciprocal(2 ** $bare));

        return $seconds === null || $seconds <= 0 ? null : log($seconds, 2);
    }

    public function bare(float $open): float
    {
        return $this->plain ? $open : log(max(1e-12, $this->camera->unreciprocal(max(1e-12, $this->drift->steadySeconds(2 ** $open)))), 2);
    }
}
