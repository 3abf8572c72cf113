<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use GentlePour\Outing\Step;

/** What was done for one frame and stays done for the next: it starts at setting and opening. */
final class StepsCarried
{
    /** Steps that every frame asks for anew. */
    private const EACH_TIME = ['settings', 'trigger'];

    /**
     * The steps of the same set-up; another filter, or something to be taken off, is to be done.
     *
     * @return list<string>
     */
    public static function to(Frame $next, Frame $before): array
    {
        $done = [];
        foreach ($before->plan->steps as $step) {
            if (in_array($step->key, $before->steps_done, true)) {
                $done[$step->key] = $step->title;
            }
        }
        $stays = array_filter($next->plan->steps, static fn (Step $s): bool => ($done[$s->key] ?? null) === $s->title);

        return self::without($stays);
    }

    /** @return list<string> every step of a frame that is shot once more */
    public static function again(Frame $frame): array
    {
        return self::without($frame->plan->steps);
    }

    /**
     * @param  array<Step>  $steps
     * @return list<string>
     */
    private static function without(array $steps): array
    {
        return array_values(array_diff(array_map(static fn (Step $s): string => $s->key, $steps), self::EACH_TIME));
    }
}
