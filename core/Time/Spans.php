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
     * Where a value lies between two bounds inside the spans, its edges closed in on to a second. Far from both bounds it is
     * passed over for as long as it takes to come near.
     *
     * @param  list<array{float, float}>  $spans
     * @param  callable(float): float  $value
     * @param  float  $mostPerS  most that the value changes in a second
     * @param  float  $stepS  shortest stride: what lies inside for less may be passed over
     * @return list<array{float, float}>
     */
    public static function whereBetween(array $spans, callable $value, float $least, float $most, float $mostPerS, float $stepS): array
    {
        // Positive inside, negative outside, by the distance to the nearer bound.
        $inside = static function (float $unix) use ($value, $least, $most): float {
            $v = $value($unix);

            return min($v - $least, $most - $v);
        };
        $found = [];
        foreach ($spans as [$from, $to]) {
            $at = $inside($from);
            $edges = $at >= 0 ? [$from] : [];
            for ($before = $from; $before < $to; [$before, $at] = [$next, $after]) {
                $next = min($to, $before + max($stepS, abs($at) / $mostPerS));
                $after = $inside($next);
                if (($after >= 0) !== self::isOpen($edges)) {
                    $edges[] = RegulaFalsi::root($inside, $before, $at, $next, $after, 1.0);
                }
            }
            array_push($found, ...self::pairs($edges, $to));
        }

        return $found;
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
            $edges = $holds($from) ? [$from] : [];
            for ($before = $from; $before < $to; $before = $next) {
                $next = min($to, $before + $stepS);
                $open = self::isOpen($edges);
                if ($holds($next) === $open) {
                    continue;
                }
                [$low, $high] = [$before, $next];
                while ($high - $low > 1) {
                    $middle = ($low + $high) / 2;
                    $holds($middle) === $open ? $low = $middle : $high = $middle;
                }
                $edges[] = $open ? $low : $high;
            }
            array_push($found, ...self::pairs($edges, $to));
        }

        return $found;
    }

    /** @param  list<float>  $edges  by turns where it begins and where it ends */
    private static function isOpen(array $edges): bool
    {
        return count($edges) % 2 === 1;
    }

    /**
     * @param  list<float>  $edges  by turns where it begins and where it ends
     * @param  float  $to  where what is open still ends
     * @return list<array{float, float}>
     */
    private static function pairs(array $edges, float $to): array
    {
        return array_map(static fn (array $pair): array => [$pair[0], $pair[1] ?? $to], array_chunk($edges, 2));
    }
}
