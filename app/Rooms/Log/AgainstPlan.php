<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Frame;
use App\Models\Photo;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\ShutterTime;

/** What the file of a frame says otherwise than its plan. */
final class AgainstPlan
{
    /** Two thirds of what a dial turns by; times that were counted differ by more. */
    private const SEEN_STOPS = 0.22;

    /** @return list<string> */
    public static function words(Frame $frame, Photo $photo): array
    {
        $way = $frame->plan->way;
        $differs = static fn (?float $taken, float $planned, int $of): bool => $taken !== null
            && abs($of * log($taken / $planned, 2)) > self::SEEN_STOPS;
        $said = [];
        if ($differs($photo->aperture, $way->aperture, 2)) {
            $taken = Aperture::named(round((float) $photo->aperture, 1))->label();
            $said[] = sprintf('Planned %s, taken at %s.', $way->apertureLabel, $taken);
        }
        if ($differs($photo->iso, $way->iso, 1)) {
            $said[] = sprintf('Planned ISO %s, taken at ISO %.0f.', $way->isoLabel, (float) $photo->iso);
        }
        if ($differs($photo->shutter_s, $frame->open_s ?? $frame->planned_s, 1)) {
            $open = ShutterTime::ofSeconds((float) $photo->shutter_s)->exactLabel();
            $said[] = sprintf('Counted %s, open for %s by the camera.', $frame->openLabel(), $open);
        }

        return $said;
    }
}
