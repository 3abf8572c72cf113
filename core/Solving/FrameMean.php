<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Motion\Look;
use GentlePour\Motion\MovingWater;

/** One long frame as the mean of several short ones: the same blur, and no dark filter. */
final class FrameMean
{
    /**
     * What each of n frames may be open for, so that together they are open for the wanted time.
     *
     * @throws InvalidValue when n is not between 2 and 64, or the frames would be shorter than a shutter can be
     */
    public static function of(ShutterWindow $wanted, int $frames): ShutterWindow
    {
        Limit::FramesAveraged->check($frames, 'frames');
        $each = static fn (ShutterTime $t): ShutterTime => ShutterTime::ofSeconds(max(ShutterTime::SHORTEST_S, $t->seconds / $frames));

        return ShutterWindow::of($each($wanted->min), $each($wanted->max), $each($wanted->best));
    }

    /**
     * Whether the gaps between the frames are seen: streaks break when what a gap leaves out is more than a hint of movement, by the
     * water's own scale. That is where a frame as long as the gap would no longer look lively.
     *
     * @throws InvalidValue when the gap is not between nought and a minute
     */
    public static function gapShows(MovingWater $water, float $gapS): bool
    {
        Limit::FrameGap->check($gapS, 'gap_s');

        return $water->textureKept($gapS) < Look::Lively->leastTexture();
    }

    /** Seconds from the first opening to the last closing. */
    public static function totalS(int $frames, float $eachS, float $gapS): float
    {
        return $frames * $eachS + ($frames - 1) * $gapS;
    }
}
