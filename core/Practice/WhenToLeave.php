<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/** A ledge and a rising tide: when to have left. Between low and high water it follows half a cosine, as the rule of twelfths rounds it. */
final class WhenToLeave
{
    private const MARGIN_M = 0.3;

    /** Answers are in steps of so many minutes, and so many apart. */
    private const STEP_MIN = 5;

    private const APART_MIN = 35;

    public static function ask(Chance $chance): Question
    {
        $low = self::STEP_MIN * $chance->whole(72, 144);
        $high = $low + 372 + $chance->whole(-15, 15);
        [$lowM, $highM] = [$chance->whole(4, 12) / 10, $chance->whole(40, 54) / 10];
        $standM = $chance->whole(24, 36) / 10;
        $runUpM = $chance->whole(3, 8) / 10;
        $walk = self::STEP_MIN * $chance->whole(2, 5);
        $awashM = $standM - $runUpM - self::MARGIN_M;
        // Rounded, so that what falls on a minute is that minute.
        $awash = round($low + ($high - $low) * acos(1 - 2 * ($awashM - $lowM) / ($highM - $lowM)) / M_PI, 6);
        $leave = self::STEP_MIN * (int) floor(($awash - $walk) / self::STEP_MIN);
        $place = $chance->whole(0, 3);
        $choices = array_map(static fn (int $i): string => self::clock($leave + self::APART_MIN * ($i - $place)), range(0, 3));

        return Question::choice(
            sprintf(
                'Low water %s, %.1f m; high water %s, %.1f m. The ledge lies at %.1f m, waves run up %.1f m, you keep %.1f m of margin, '
                .'and packing and the walk take %d min. When do you leave at the latest?',
                self::clock($low), $lowM, self::clock($high), $highM, $standM, $runUpM, self::MARGIN_M, $walk,
            ),
            '', $choices, self::clock($leave), sprintf(
                'Run-up and margin leave %.1f m for the tide, which it reaches at %s; %d min before that is %s. In the middle hours it '
                .'rises fastest. A set or a surge comes sooner: the sea decides, not the table.',
                $awashM, self::clock((int) floor($awash)), $walk, self::clock($leave),
            ), new ShownTide($low, $lowM, $high, $highM, $standM, $awashM, $leave),
        );
    }

    /** @param  int  $minutes  of a day, or past it */
    public static function clock(int $minutes): string
    {
        return sprintf('%d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }
}
