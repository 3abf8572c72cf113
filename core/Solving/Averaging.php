<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterWindow;
use GentlePour\Limit;

/** Several shorter frames whose mean has the blur of one long one: n frames of t / n. */
final class Averaging
{
    /** Some more frames than the fewest, where the dial steps over theirs. */
    private const MORE = 3;

    /**
     * Not on film, nor where a wall of the whole time stands before all of the frames: the battery, the light and the tide do not wait.
     *
     * @param  Way|null  $nearest  as below
     */
    public static function of(Question $q, ?Way $nearest): ?Remedy
    {
        $frames = self::fewestOf($q, $nearest);
        if ($frames === null) {
            return null;
        }
        $each = FrameMean::of($q->target, $frames)->best;

        return new Remedy(RemedyKind::Average, log($frames, 2), sprintf(
            'Average %d frames of %s: the same blur as one of %s, without more filters.', $frames,
            $each->label($q->bag->camera->longestTimed), $q->target->best->label(),
        ), $each->seconds, frames: $frames);
    }

    /** The fewest frames whose mean has the wanted blur in this light with this bag; null when one frame does, or no number would. */
    public static function fewest(Question $q): ?int
    {
        return self::fewestOf($q, self::nearest($q));
    }

    /** The way whose time is nearest to the wanted one, of all that bag, light and walls allow; null where they allow none. */
    public static function nearest(Question $q): ?Way
    {
        return BackSolver::best($q->with(ShutterWindow::any($q->target->best), insists: true));
    }

    private static function fewestOf(Question $q, ?Way $nearest): ?int
    {
        $longest = $nearest?->shutter->seconds;
        if ($longest === null || $longest >= $q->target->min->seconds || $q->bag->camera->reciprocity !== 1.0 || ! self::hasTimeFor($q)) {
            return null;
        }
        $fewest = (int) ceil($q->target->best->seconds / $longest - 1e-9);
        for ($frames = max(2, $fewest); $frames <= min(Limit::FramesAveraged->most(), $fewest + self::MORE); $frames++) {
            if (BackSolver::best($q->with(FrameMean::of($q->target, $frames))) !== null) {
                return $frames;
            }
        }

        return null;
    }

    /** Whether all of them together come before every wall of the whole time. */
    private static function hasTimeFor(Question $q): bool
    {
        foreach ($q->walls() as $wall) {
            if ($wall->kind->isOfTheWholeTime() && $wall->longest->seconds < $q->target->best->seconds) {
                return false;
            }
        }

        return true;
    }
}
