<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

/** Quantiles of a few measurements, joined linearly between them. */
final class Quartiles
{
    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    public static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }

    /** @param  list<float>  $sorted  at least one */
    public static function at(array $sorted, float $share): float
    {
        $place = $share * (count($sorted) - 1);
        $below = (int) floor($place);
        $above = min($below + 1, count($sorted) - 1);

        return $sorted[$below] + ($place - $below) * ($sorted[$above] - $sorted[$below]);
    }

    /** @param  list<float>  $values  in any order, at least one */
    public static function median(array $values): float
    {
        return self::at(self::sorted($values), 0.5);
    }
}
