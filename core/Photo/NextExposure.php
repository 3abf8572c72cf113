<?php

declare(strict_types=1);

namespace GentlePour\Photo;

/** What the next frame's exposure would be, in thirds of a stop, and why. The thresholds are judgement. */
final readonly class NextExposure
{
    /** So much of the frame may clip: glints do. */
    private const MAY_CLIP = 0.005;

    /** Nearer to the base than this it is as bright. */
    private const ALIKE_STOPS = 1 / 6;

    private function __construct(
        public float $correctionStops,
        public string $why,
    ) {
    }

    /** @param  float|null  $againstBase  by how many stops the frame is brighter than its base; null without one */
    public static function of(Levels $levels, ?float $againstBase): self
    {
        if ($againstBase !== null && abs($againstBase) >= self::ALIKE_STOPS) {
            $thirds = (int) round(-3 * $againstBase);

            return new self($thirds / 3, sprintf(
                '%.1f stops %s than the base frame.', abs($againstBase), $againstBase > 0 ? 'brighter' : 'darker',
            ));
        }
        if ($levels->highShare > self::MAY_CLIP) {
            // Down until no more than may clip is above white, a stop at the most: what is lost says nothing of how far it is over.
            $over = min(1.0, 1 / 3 + log($levels->highShare / self::MAY_CLIP, 2) / 6);

            return new self(-ceil(3 * $over - 1e-9) / 3, sprintf('White clips in %.1f %% of the frame.', 100 * $levels->highShare));
        }

        return new self(0.0, $againstBase === null ? 'Next to nothing clips.' : 'As bright as the base frame, and next to nothing clips.');
    }
}
