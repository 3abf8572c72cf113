<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/** A swell that passes: press with its crests. */
final class ReadSwell
{
    /** In s. */
    private const PERIODS = [5.0, 13.0];

    /** Waves are no clockwork: each comes early or late by up to such a share. */
    private const SPREAD = 0.14;

    private const WAVES = 12;

    private const WITHIN = 0.1;

    public static function ask(Chance $chance): Question
    {
        $period = self::PERIODS[0] + $chance->share() * (self::PERIODS[1] - self::PERIODS[0]);
        $apart = [];
        for ($i = 0; $i < self::WAVES; $i++) {
            $apart[] = round($period * (1 + self::SPREAD * (2 * $chance->share() - 1)), 3);
        }
        $sorted = $apart;
        sort($sorted);
        $median = ($sorted[self::WAVES / 2 - 1] + $sorted[self::WAVES / 2]) / 2;

        return Question::number(
            'A swell. Press as each crest passes the post, five times or more: what is its period?', $median, self::WITHIN,
            sprintf('The median of its waves is %.1f s, and single ones come up to a seventh of it early or late: count several.', $median),
            new ShownSwell($apart),
        );
    }
}
