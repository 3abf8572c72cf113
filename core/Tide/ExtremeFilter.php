<?php

declare(strict_types=1);

namespace GentlePour\Tide;

/**
 * Which turning points count as high and low waters: those from which the tide goes at least 1 cm the other way before it comes back, as
 * the tidal services have it. So high and low always alternate, of a stand with its wiggles the highest or the lowest point remains, and
 * a double high water with a deeper dip keeps both its heads.
 */
final class ExtremeFilter
{
    private const WIGGLE_M = 0.01;

    /**
     * @param  list<TideEvent>  $turns  alternating
     * @return list<TideEvent>
     */
    public static function keep(array $turns): array
    {
        $kept = [];
        $last = null;
        foreach ($turns as $turn) {
            if ($last === null || ($turn->high !== $last->high && abs($turn->heightM - $last->heightM) >= self::WIGGLE_M)) {
                $kept[] = $last = $turn;
            } elseif ($turn->high === $last->high && ($turn->heightM <=> $last->heightM) === ($turn->high ? 1 : -1)) {
                array_pop($kept);
                $kept[] = $last = $turn;
            }
        }

        return $kept;
    }
}
