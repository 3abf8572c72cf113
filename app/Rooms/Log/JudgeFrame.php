<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Frame;

/**
 * Keeps what was said of a frame. The blur has a time of its own, which a new note leaves alone: a taste that was forgotten stays
 * forgotten.
 */
final class JudgeFrame
{
    public function __invoke(Frame $frame, Verdict $verdict): void
    {
        $judged = match (true) {
            $verdict->blur === null => null,
            $verdict->blur === $frame->blur => $frame->judged_at ?? now(),
            default => now(),
        };
        $called = match (true) {
            $verdict->called === null => null,
            $verdict->called === $frame->called => $frame->called_at ?? now(),
            default => now(),
        };
        $frame->update([
            'open_s' => $verdict->open->seconds,
            'blur' => $verdict->blur,
            'judged_at' => $judged,
            'exposure_thirds' => $verdict->exposureThirds,
            'note' => $verdict->note,
            'called' => $verdict->called,
            'called_at' => $called,
        ]);
    }
}
