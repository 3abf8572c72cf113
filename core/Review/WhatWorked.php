<?php

declare(strict_types=1);

namespace GentlePour\Review;

use GentlePour\Measuring\Quartiles;

/**
 * What a place's keepers have in common: the levels between which the middle half of them lie, the way the tide went, and where the sun
 * stood, if three quarters agree. Nothing from fewer than three keepers. The shares are judgement.
 */
final readonly class WhatWorked
{
    public const LEAST_KEEPERS = 3;

    private const AGREE = 0.75;

    /** A sun below this is low. */
    private const LOW_DEG = 8.0;

    private const DOWN_DEG = -0.8;

    /** Further than this to a side it comes from there; nearer it is ahead, and beyond the other behind. */
    private const SIDE_DEG = [60.0, 120.0];

    /** To tenths: no tide is predicted more exactly. */
    private const TENTH_M = 0.1;

    /**
     * @param  array{float, float}|null  $levelsM
     * @param  'rising'|'falling'|null  $trend
     * @param  'low'|'high'|'down'|null  $sun
     * @param  'ahead'|'left'|'right'|'behind'|null  $side
     */
    private function __construct(
        public ?array $levelsM,
        public ?string $trend,
        public ?string $sun,
        public ?string $side,
        public int $keepers,
        public int $frames,
    ) {
    }

    /**
     * Null where there are too few keepers, or they have nothing in common.
     *
     * @param  list<TakenUnder>  $frames
     */
    public static function of(array $frames): ?self
    {
        $kept = array_values(array_filter($frames, static fn (TakenUnder $f): bool => $f->keeper));
        if (count($kept) < self::LEAST_KEEPERS) {
            return null;
        }
        $levels = array_values(array_filter(array_map(static fn (TakenUnder $f): ?float => $f->levelM, $kept), is_float(...)));
        $worked = new self(
            count($levels) < self::LEAST_KEEPERS ? null : self::between($levels),
            self::agreed(array_map(self::trend(...), $kept)),
            self::agreed(array_map(self::sun(...), $kept)),
            self::agreed(array_map(self::side(...), $kept)),
            count($kept), count($frames),
        );

        return $worked->levelsM === null && $worked->trend === null && $worked->sun === null && $worked->side === null ? null : $worked;
    }

    /**
     * @param  list<float>  $levels
     * @return array{float, float}
     */
    private static function between(array $levels): array
    {
        $sorted = Quartiles::sorted($levels);

        return [
            round(floor(Quartiles::at($sorted, 0.25) / self::TENTH_M + 1e-9) * self::TENTH_M, 1),
            round(ceil(Quartiles::at($sorted, 0.75) / self::TENTH_M - 1e-9) * self::TENTH_M, 1),
        ];
    }

    /** @return 'rising'|'falling'|null */
    private static function trend(TakenUnder $frame): ?string
    {
        return $frame->rising === null ? null : ($frame->rising ? 'rising' : 'falling');
    }

    /** @return 'low'|'high'|'down'|null */
    private static function sun(TakenUnder $frame): ?string
    {
        return match (true) {
            $frame->sunAltitudeDeg === null => null,
            $frame->sunAltitudeDeg < self::DOWN_DEG => 'down',
            $frame->sunAltitudeDeg < self::LOW_DEG => 'low',
            default => 'high',
        };
    }

    /** @return 'ahead'|'left'|'right'|'behind'|null */
    private static function side(TakenUnder $frame): ?string
    {
        [$ahead, $behind] = self::SIDE_DEG;

        return match (true) {
            $frame->sunSideDeg === null, self::sun($frame) === 'down' => null,
            abs($frame->sunSideDeg) < $ahead => 'ahead',
            abs($frame->sunSideDeg) > $behind => 'behind',
            $frame->sunSideDeg < 0 => 'left',
            default => 'right',
        };
    }

    /**
     * What three quarters of all say.
     *
     * @template T of string
     *
     * @param  list<T|null>  $said
     * @return T|null
     */
    private static function agreed(array $said): ?string
    {
        foreach (array_unique(array_filter($said, is_string(...))) as $one) {
            if (count(array_keys($said, $one, true)) >= self::AGREE * count($said)) {
                return $one;
            }
        }

        return null;
    }
}
