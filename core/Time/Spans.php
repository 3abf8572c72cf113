<?php

declare(strict_types=1);

namespace GentlePour\Time;

/** Lists of spans of time, each [from, to] in seconds since 1970, in order and apart. */
final class Spans
{
    /**
     * What both lists cover.
     *
     * @param  list<array{float, float}>  $one
     * @param  list<array{float, float}>  $two
     * @return list<array{float, float}>
     */
    public static function intersect(array $one, array $two): array
    {
        $both = [];
        $j = 0;
        $count = count($two);
        foreach ($one as [$from, $to]) {
            while ($j < $count && $two[$j][1] <= $from) {
                $j++;
            }
            for ($k = $j; $k < $count && $two[$k][0] < $to; $k++) {
                $both[] = [max($from, $two[$k][0]), min($to, $two[$k][1])];
            }
        }

        return $both;
    }

    /**
     * Where a condition holds inside the spans, its edges closed in on to a second.
     *
     * @param  list<array{float, float}>  $spans
     * @param  callable(float): bool  $holds
     * @return list<array{float, float}>
     */
    public static function where(array $spans, callable $holds, float $stepS): array
    {
        $found = [];
        foreach ($spans as [$from, $to]) {
            $open = $holds($from) ? $from : null;
            for ($before = $from; $before < $to; $before = $next) {
                $next = min($to, $before + $stepS);
                if ($holds($next) === ($open !== null)) {
                    continue;
                }
                [$low, $high] = [$before, $next];
                while ($high - $low > 1) {
                    $middle = ($low + $high) / 2;
                    $holds($middle) === ($open !== null) ? $low = $middle : $high = $middle;
                }
                if ($open === null) {
                    $open = $high;
                } else {
                    $found[] = [$open, $low];
                    $open = null;
                }
            }
            if ($open !== null) {
                $found[] = [$open, $to];
            }
        }

        return $found;
    }
}
