<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/**
 * How many waves go into one frame, and what that makes of a breaking edge. After k waves the unevenness of what they paint goes
 * as 1 / sqrt(k); under half a wave it is one gesture, and then the moment of opening is the picture. Common practice.
 */
final readonly class ShoreRhythm
{
    public function __construct(
        public float $openS,
        public float $periodS,
    ) {
    }

    public function waves(): float
    {
        return $this->openS / $this->periodS;
    }

    public function words(): string
    {
        $waves = $this->waves();

        return match (true) {
            $waves < 0.5 => 'one gesture: the moment of opening is the picture',
            $waves < 1 => 'most of one wave',
            $waves <= 3 => 'patchy: each wave leaves its own edge',
            $waves < 5 => 'nearly even',
            default => 'even: the waves blend into one edge',
        };
    }

    /** When to open, for this water; null where the moment is no matter. */
    public function moment(WaterKind $kind): ?string
    {
        return match ($kind->opensBy()) {
            OpeningMoment::Any => null,
            OpeningMoment::Retreat => sprintf(
                'Open as the uprush turns. The retreat lasts about %.1f s, half the period: stay within it for streaks.',
                $this->periodS / 2,
            ),
            OpeningMoment::Crests => match (true) {
                $this->waves() < 0.5 => 'Open as the crest stands up, or at the top of the uprush.',
                $this->waves() < 3 => 'Open on the biggest wave of a set, at its crest.',
                $this->waves() < 5 => 'Waves come in groups: let a whole set into the frame.',
                default => null,
            },
        };
    }
}
