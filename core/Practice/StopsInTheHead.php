<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;

/** A time through a filter, and a filter undone by ISO or aperture: each stop doubles or halves. */
final class StopsInTheHead
{
    /** Strengths that are sold, in stops. */
    private const FILTERS = [2, 3, 4, 6, 8, 10];

    /** Whole stops from a second at which a base frame is taken: behind the strongest filter that is four minutes at the most. */
    private const BASE = [-9, -2];

    public static function ask(Chance $chance): Question
    {
        return match ($chance->whole(0, 3)) {
            0 => self::byIso($chance),
            1 => self::byAperture($chance),
            default => self::time($chance),
        };
    }

    private static function time(Chance $chance): Question
    {
        $base = $chance->whole(...self::BASE);
        $stops = $chance->one(self::FILTERS);
        $label = static fn (int $at): string => $at < 0 ? ShutterTime::onDial(3 * $at)->label() : ShutterTime::ofStops($at)->exactLabel();
        $right = $base + $stops;
        $others = [$right - 1, $right + 1, $chance->one([$right - 2, $right + 2])];

        return Question::choice(
            "The base frame is {$label($base)}. {$stops} stops of filter go on. How long now?", $label($base)." + {$stops}",
            $chance->shuffled(array_map($label, [$right, ...$others])), $label($right),
            sprintf(
                '%d doublings: times %s. From %s that is %s.', $stops, number_format(Stops::of($stops)->factor()), $label($base),
                $label($right),
            ),
        );
    }

    private static function byIso(Chance $chance): Question
    {
        $stops = $chance->whole(1, 5);
        $label = static fn (int $n): string => 'ISO '.Iso::onDial(3 * $n)->label();
        $others = [$stops + 1, $stops - 1, $chance->one([$stops + 2, $stops + 3])];

        return Question::choice(
            'A filter of '.self::stops($stops).' is on, and the time may not change. From ISO 100, which ISO gives it back?',
            "ISO 100, {$stops} back", $chance->shuffled(array_map($label, [$stops, ...$others])), $label($stops),
            "Each stop doubles the ISO: 100 times {$stops} doublings is {$label($stops)}.",
        );
    }

    private static function byAperture(Chance $chance): Question
    {
        $from = $chance->whole(6, 9);
        $stops = $chance->whole(1, 4);
        $label = static fn (int $n): string => Aperture::onDial(3 * $n)->label();
        $right = $from - $stops;
        $others = [$right - 1, $right + 1, $chance->one([$right + 2, $right - 2])];

        return Question::choice(
            "At {$label($from)} the frame came out ".self::stops($stops).' too dark. Time and ISO stay. Which aperture?',
            "{$label($from)}, {$stops} brighter", $chance->shuffled(array_map($label, [$right, ...$others])), $label($right),
            "The row of stops is 1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22: {$stops} towards the smaller number is {$label($right)}.",
        );
    }

    private static function stops(int $count): string
    {
        return $count.($count === 1 ? ' stop' : ' stops');
    }
}
