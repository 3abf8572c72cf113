<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Motion\WaterKind;

/** A drawn picture of a known water: which time it was open for. */
final class WhichTime
{
    /** Those whose picture is drawn as the bench has them at first. */
    private const KINDS = [WaterKind::Surf, WaterKind::Swell, WaterKind::Cascade];

    /** Stops from a second, two apart: nearer ones cannot be told. */
    private const TIMES = [-9, -7, -5, -3, -1, 1, 3, 5];

    private const CHOICES = 4;

    private const DISTANCES_M = [5, 8, 12];

    public static function ask(Chance $chance): Question
    {
        $first = $chance->whole(0, count(self::TIMES) - self::CHOICES);
        $offered = array_slice(self::TIMES, $first, self::CHOICES);
        $at = $chance->one($offered);
        $kind = $chance->one(self::KINDS);
        $distance = $chance->one(self::DISTANCES_M);
        $label = static fn (int $stops): string => ShutterTime::onDial(3 * $stops)->label();

        return Question::choice(
            sprintf('The %s, %d m away at 24 mm. How long was the shutter open?', $kind->label(), $distance), '',
            array_map($label, $offered), $label($at),
            "It was {$label($at)}: look at the smallest drops and strands first, then at what lies behind them.",
            new ShownWater($kind, ShutterTime::onDial(3 * $at)->seconds, (float) $distance, 24.0),
        );
    }
}
