<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Photo\Srgb;

/** A histogram: what to do with the next frame. */
final class ReadHistogram
{
    /** What is asked, by how many stops the frame is off. */
    private const SAYS = [
        -2 => 'two stops more', -1 => 'a stop more', 0 => 'leave it as it is', 2 => 'less, until the white is back',
    ];

    /** A scene that is exposed right reaches from so many stops below middle grey to so many above: white lies 2.47 above 18 %. */
    private const DARKEST = [-4.5, -3.0];

    private const BRIGHTEST = [1.9, 2.2];

    private const GREY = 0.18;

    private const PIXELS = 4000;

    public static function ask(Chance $chance): Question
    {
        $off = $chance->one(array_keys(self::SAYS));
        $dark = self::DARKEST[0] + $chance->share() * (self::DARKEST[1] - self::DARKEST[0]);
        $bright = self::BRIGHTEST[0] + $chance->share() * (self::BRIGHTEST[1] - self::BRIGHTEST[0]);
        $counts = array_fill(0, 256, 0);
        for ($i = 0; $i < self::PIXELS; $i++) {
            $stops = self::triangular(($i + 0.5) / self::PIXELS, $dark, 0.0, $bright) + $off;
            $counts[Srgb::level(min(1.0, self::GREY * 2 ** $stops))]++;
        }

        return Question::choice(
            'The histogram of a base frame, dark on the left. What of the next?', '', array_values(self::SAYS), self::SAYS[$off],
            match ($off) {
                0 => 'It reaches nearly to the right edge, and nothing stands against it: all the light that the file can hold.',
                2 => 'It stands against the right edge: white that is gone. Less light until the edge is free.',
                -1 => 'There is room on the right for a stop: what lies in the dark is noise.',
                -2 => 'There is room on the right for two stops: what lies in the dark is noise.',
            },
            new ShownLevels(array_values($counts)),
        );
    }

    /** The value below which such a share of a triangular distribution lies. */
    private static function triangular(float $share, float $least, float $mode, float $most): float
    {
        $below = ($mode - $least) / ($most - $least);

        return $share < $below
            ? $least + sqrt($share * ($most - $least) * ($mode - $least))
            : $most - sqrt((1 - $share) * ($most - $least) * ($most - $mode));
    }
}
