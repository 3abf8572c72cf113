<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use GentlePour\Exposure\SteppedLight;
use Illuminate\Support\Carbon;

/** Keeps when a frame was opened, for how long, and how the light changed. In a list the next frame takes over what stays done. */
final class OpenFrame
{
    public function __invoke(Frame $frame, Carbon $openedAt, float $openS, SteppedLight $light): void
    {
        $frame->update([
            'opened_at' => $openedAt, 'open_s' => $openS, 'light_changes' => $light->changes === [] ? null : $light->written(),
        ]);
        $next = $frame->shotList()->with('frames')->first()?->next();
        if ($next !== null && $next->steps_done === []) {
            $next->update(['steps_done' => StepsCarried::to($next, $frame)]);
        }
    }
}
