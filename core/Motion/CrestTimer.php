<?php

declare(strict_types=1);

namespace GentlePour\Motion;

use GentlePour\Bounds;
use GentlePour\InvalidValue;

/** A wave period from presses, one with each crest that passes a rock. */
final readonly class CrestTimer
{
    /** Fewer presses say too little. Common practice: time at least four waves. */
    public const ENOUGH_PRESSES = 5;

    /** @param  list<float>  $intervalsS sorted */
    private function __construct(
        public array $intervalsS,
    ) {
    }

    /**
     * @param  list<float>  $pressesS  seconds on any one clock, in order
     *
     * @throws InvalidValue when the presses are not in order, or fewer than two, or more than five hundred
     */
    public static function ofPresses(array $pressesS): self
    {
        Bounds::of('The number of presses', 2, 500)->check(count($pressesS));
        $intervals = [];
        for ($i = 1, $count = count($pressesS); $i < $count; $i++) {
            $intervals[] = Bounds::of('The time between two crests', 0.2, 60, 's')->check($pressesS[$i] - $pressesS[$i - 1]);
        }
        sort($intervals);

        return new self($intervals);
    }

    public function presses(): int
    {
        return count($this->intervalsS) + 1;
    }

    public function isEnough(): bool
    {
        return $this->presses() >= self::ENOUGH_PRESSES;
    }

    /** The median interval in seconds: one missed or doubled press does not move it. */
    public function periodS(): float
    {
        return self::quantile($this->intervalsS, 0.5);
    }

    /** Half the spread between the quartiles, in seconds. */
    public function spreadS(): float
    {
        return (self::quantile($this->intervalsS, 0.75) - self::quantile($this->intervalsS, 0.25)) / 2;
    }

    /** @param  list<float>  $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $place = $share * (count($sorted) - 1);
        $below = (int) floor($place);
        $above = min($below + 1, count($sorted) - 1);

        return $sorted[$below] + ($place - $below) * ($sorted[$above] - $sorted[$below]);
    }
}
