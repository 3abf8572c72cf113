<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;

/** Plans a frame once more with the same settings. What was done for the one before is done: it starts at setting and opening. */
final class ShootAgain
{
    /** What is of the one frame alone. */
    private const OF_THE_OTHER = [
        'opened_at', 'open_s', 'light_changes', 'blur', 'exposure_thirds', 'judged_at', 'called',
        'called_at', 'note', 'shot_list_id', 'list_place', 'role',
    ];

    public function __invoke(Frame $frame): Frame
    {
        $again = $frame->replicate(self::OF_THE_OTHER);
        $again->steps_done = StepsCarried::again($frame);
        $again->save();

        return $again;
    }
}
