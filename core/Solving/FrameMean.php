<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Bounds;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;

/** One long frame as the mean of several short ones: the same blur, and no dark filter. */
final class FrameMean
{
    public const MOST = 64;

    /**
     * What each of n frames may be open for, so that together they are open for the wanted time.
     *
     * @throws InvalidValue when n is not between 2 and 64, or the frames would be shorter than a shutter can be
     */
    public static function of(ShutterWindow $wanted, int $frames): ShutterWindow
    {
        Bounds::of('The number of frames', 2, self::MOST)->check($frames, 'frames');
        $each = static fn (ShutterTime $t): ShutterTime => ShutterTime::ofSeconds(max(ShutterTime::SHORTEST_S, $t->seconds / $frames));

        return ShutterWindow::of($each($wanted->min), $each($wanted->max), $each($wanted->best));
    }
}
