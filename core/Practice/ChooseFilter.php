<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Exposure\ShutterTime;

/** From a base frame to a wanted time: which filter. */
final class ChooseFilter
{
    private const FILTERS = [3, 6, 10, 15];

    /** Thirds from a second of a base frame. */
    private const BASE_THIRDS = [-27, -6];

    /** The longest time that is wanted, in stops from a second: a quarter of an hour. */
    private const LONGEST = 10.0;

    public static function ask(Chance $chance): Question
    {
        $base = $chance->whole(...self::BASE_THIRDS) / 3;
        $filters = array_values(array_filter(self::FILTERS, static fn (int $n): bool => $base + $n <= self::LONGEST));
        $stops = $chance->one($filters);
        [$from, $to] = [ShutterTime::ofStops($base)->nearestDial(), ShutterTime::ofStops($base + $stops)];
        $label = static fn (int $n): string => "{$n} stops";

        return Question::choice(
            "The base frame is {$from->label()}, and the water wants about {$to->cardLabel()}. Which filter?",
            "{$from->label()} → {$to->cardLabel()}", array_map($label, self::FILTERS), $label($stops),
            "From {$from->label()} to {$to->cardLabel()} is {$stops} doublings.",
        );
    }
}
