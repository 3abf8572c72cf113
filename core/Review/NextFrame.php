<?php

declare(strict_types=1);

namespace GentlePour\Review;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;

/** What the last frame teaches the next: another target time, and a correction to the reading. */
final readonly class NextFrame
{
    /** An exposure is judged within five stops either way, in thirds. */
    public const THIRDS_AT_MOST = 15;

    private function __construct(
        public ShutterTime $target,
        public Stops $correction,
    ) {
    }

    /**
     * A frame that was open for $open where the arithmetic asked for $asked, and that came out so many thirds of a stop too
     * bright (+) or too dark (-), should at the same settings have been open for $open * 2^(-thirds/3). The correction is
     * what leads the arithmetic there. Without a word on the exposure there is none.
     *
     * @param  Stops  $carried  the correction that was already in the arithmetic
     *
     * @throws InvalidValue when the verdict on the exposure is beyond five stops, or the target leaves what a shutter can do
     */
    public static function after(ShutterTime $open, ShutterTime $asked, Stops $carried, ?BlurVerdict $blur, ?int $exposureThirds): self
    {
        if ($exposureThirds !== null && abs($exposureThirds) > self::THIRDS_AT_MOST) {
            throw (new InvalidValue('An exposure is judged within five stops either way.'))->at('exposure_thirds');
        }
        $target = $open->plus(Stops::of($blur?->shiftStops() ?? 0.0));
        $correction = $exposureThirds === null
            ? $carried
            : $carried->plus($open->stopsFrom($asked))->minus(Stops::ofThirds($exposureThirds));

        return new self($target, $correction);
    }
}
