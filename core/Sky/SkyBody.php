<?php

declare(strict_types=1);

namespace GentlePour\Sky;

use GentlePour\Time\Spans;

/** The two that a photographer waits for. */
enum SkyBody: string
{
    case Sun = 'sun';
    case Moon = 'moon';

    /** What is in a frame for less may be passed over, in s. */
    private const STEP_S = 300.0;

    public function seenFrom(Observer $observer, float $unix): Horizontal
    {
        return match ($this) {
            self::Sun => $observer->sun($unix),
            self::Moon => $observer->moon($unix),
        };
    }

    /**
     * When at least half of its disc stands over the skyline and over the horizon; edges to a second, instants in s since 1970.
     *
     * @return list<array{float, float}>
     */
    public function shownFrom(Observer $observer, float $fromUnix, float $toUnix): array
    {
        return Spans::where(
            [[$fromUnix, $toUnix]], fn (float $unix): bool => $observer->skyline->shown($this->seenFrom($observer, $unix)) >= 0.5,
            self::STEP_S,
        );
    }

    /**
     * When it is shown and its middle is inside a frame.
     *
     * @return list<array{float, float}>
     */
    public function inFrame(LensFrame $frame, Observer $observer, float $fromUnix, float $toUnix): array
    {
        return Spans::where([[$fromUnix, $toUnix]], function (float $unix) use ($frame, $observer): bool {
            $at = $this->seenFrom($observer, $unix);

            return $frame->holds($at) && $observer->skyline->shown($at) >= 0.5;
        }, self::STEP_S);
    }
}
