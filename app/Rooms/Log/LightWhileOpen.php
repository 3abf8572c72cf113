<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Frame;
use GentlePour\Exposure\ShutterTime;

/** How the light changed while a frame was open, in words, and what that came to. */
final class LightWhileOpen
{
    /** Below it nobody sees a difference, in stops. */
    private const SEEN_STOPS = 0.05;

    public static function words(Frame $frame): string
    {
        $light = $frame->light();
        if ($light->changes === [] || $frame->open_s === null) {
            return '';
        }
        $said = array_map(static function (array $change): string {
            [$atS, $stops] = $change;
            $amount = rtrim(rtrim(sprintf('%.1f', abs($stops)), '0'), '.').(abs($stops) <= 1 ? ' stop ' : ' stops ');

            return ($stops === 0.0 ? 'as planned again' : $amount.($stops < 0 ? 'darker' : 'brighter'))
                .' after '.ShutterTime::ofSeconds(max(0.1, $atS))->exactLabel();
        }, $light->changes);
        $off = $light->stopsOff($frame->open_s, $frame->planned_s)->value;
        $came = abs($off) < self::SEEN_STOPS
            ? 'in all the light that was planned' : sprintf('in all %.1f stops %s than planned', abs($off), $off < 0 ? 'less' : 'more');

        return implode(', ', $said).'; '.$came;
    }
}
