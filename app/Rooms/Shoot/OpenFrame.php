<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use Illuminate\Support\Carbon;

/** Keeps when a frame was opened and for how long. In a list the next frame takes over what stays done. */
final class OpenFrame
{
    public function __invoke(Frame $frame, Carbon $openedAt, float $openS): void
    {
        $frame->update(['opened_at' => $openedAt, 'open_s' => $openS]);
        $next = $frame->shotList()->with('frames')->first()?->next();
        if ($next !== null && $next->steps_done === []) {
            $next->update(['steps_done' => StepsCarried::to($next, $frame)]);
        }
    }
}
