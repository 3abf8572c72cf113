<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use GentlePour\Outing\Step;

/** Plans a frame once more with the same settings. What was done for the one before is done: it starts at setting and opening. */
final class ShootAgain
{
    /** Steps that every frame asks for anew. */
    private const EACH_TIME = ['settings', 'trigger'];

    /** What is of the one frame alone. */
    private const OF_THE_OTHER = [
        'opened_at', 'open_s', 'blur', 'exposure_thirds', 'judged_at', 'note', 'shot_list_id', 'list_place', 'role',
    ];

    public function __invoke(Frame $frame): Frame
    {
        $again = $frame->replicate(self::OF_THE_OTHER);
        $again->steps_done = array_values(array_diff(
            array_map(static fn (Step $s): string => $s->key, $frame->plan->steps), self::EACH_TIME,
        ));
        $again->save();

        return $again;
    }
}
