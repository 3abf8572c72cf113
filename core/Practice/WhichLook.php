<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;

/** A water, how far it is, a lens and a time: which look comes of it. */
final class WhichLook
{
    private const KINDS = [WaterKind::Plunge, WaterKind::Cascade, WaterKind::Weir, WaterKind::Rapid, WaterKind::River, WaterKind::Foam];

    private const FASTER = [0.5, 0.7, 1.0, 1.4, 2.0];

    private const DISTANCES_M = [3, 5, 8, 12, 20, 40];

    private const FOCALS_MM = [20, 24, 35, 70];

    /** Whole stops from a second. */
    private const TIMES = [-9, 6];

    /** Nearer to the end of a look nobody could tell, in stops. */
    private const CLEAR_STOPS = 0.4;

    /** Of a plunging fall, a few metres below its lip. */
    private const PLUNGE_MS = 5.0;

    private const TRIES = 200;

    public static function ask(Chance $chance): Question
    {
        $tries = 0;
        do {
            $kind = $chance->one(self::KINDS);
            $usual = $kind->isWaves() || $kind === WaterKind::Plunge ? self::PLUNGE_MS : $kind->usual();
            $speed = round($usual * $chance->one(self::FASTER), 1);
            $framing = new Framing(new Sensor(36.0, 24.0, 6000), $chance->one(self::FOCALS_MM), $chance->one(self::DISTANCES_M));
            $time = ShutterTime::onDial(3 * $chance->whole(...self::TIMES));
            $band = LookBands::of((new WaterSpec($kind, speedMS: $speed))->in($framing), $framing)->at($time->seconds);
        } while (self::stopsFromItsEnds($band, $time->seconds) < self::CLEAR_STOPS && ++$tries < self::TRIES);

        return Question::choice(
            sprintf(
                'A %s at %.1f m/s, %d m away, %d mm on a full frame, open for %s. What will it look like?', $kind->label(), $speed,
                $framing->distanceM, $framing->focalLengthMm, $time->label(),
            ),
            $time->label(), array_column(Look::cases(), 'value'), $band->look->value, sprintf(
                'In %s it moves %.2f m, in a frame that shows %.1f m there: %s.', $time->label(), $speed * $time->seconds,
                $framing->widthM(), $band->look->words(),
            ),
        );
    }

    private static function stopsFromItsEnds(LookBand $band, float $seconds): float
    {
        $stops = INF;
        foreach ([$band->minS, $band->maxS] as $end) {
            $stops = $end === null ? $stops : min($stops, abs(log($seconds / $end, 2)));
        }

        return $stops;
    }
}
