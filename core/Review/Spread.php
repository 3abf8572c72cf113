<?php

declare(strict_types=1);

namespace GentlePour\Review;

/** The mean of some numbers and how sure it is. */
final readonly class Spread
{
    /** From fewer nothing is said. Judgement. */
    public const LEAST = 3;

    /** Standard errors to either side that hold the true mean nineteen times in twenty, for many numbers. */
    private const SURE = 2.0;

    private function __construct(
        public float $mean,
        public float $standardError,
        public int $count,
    ) {
    }

    /**
     * Null for fewer than three.
     *
     * @param  list<float>  $numbers
     */
    public static function of(array $numbers): ?self
    {
        $count = count($numbers);
        if ($count < self::LEAST) {
            return null;
        }
        $mean = array_sum($numbers) / $count;
        $square = array_sum(array_map(static fn (float $n): float => ($n - $mean) ** 2, $numbers));

        return new self($mean, sqrt($square / ($count - 1) / $count), $count);
    }

    /** Half of the interval in which the true mean lies, nineteen times in twenty. */
    public function giveOrTake(): float
    {
        return self::SURE * $this->standardError;
    }
}
