<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** A wave period from presses, one with each crest that passes a rock. */
final readonly class CrestTimer
{
    /** Fewer presses say too little. Common practice: time at least four waves. */
    public const ENOUGH_PRESSES = 5;

    /** Waves of one sea differ by a third or so; half as long or half as long again is a slip of the thumb. Judgement. */
    private const DOUBLE_BELOW = 0.45;

    private const MISSED_ABOVE = 1.6;

    /**
     * The peak period over the one that is pressed. People press the crests that stand out, so that theirs is near the significant
     * period, T_1/3 = 0.95 T_p (Y. Goda, Random Seas and Design of Maritime Structures, for gamma 3.3; from memory).
     */
    private const PEAK_OVER_PRESSED = 1.05;

    /**
     * @param  list<float>  $pressesS
     * @param  list<float>  $intervalsS  those that count, sorted
     * @param  list<SuspectPress>  $suspects
     */
    private function __construct(
        public array $pressesS,
        public array $intervalsS,
        public array $suspects,
    ) {
    }

    /**
     * @param  list<float>  $pressesS  seconds on any one clock, in order
     * @param  list<int>  $leftOut  intervals, by the place of the press that begins them, that are known to hold a missed crest
     *
     * @throws InvalidValue when the presses are not in order, or fewer than two, or more than five hundred
     */
    public static function ofPresses(array $pressesS, array $leftOut = []): self
    {
        Limit::Presses->check(count($pressesS), 'presses');
        $intervals = [];
        for ($i = 1, $count = count($pressesS); $i < $count; $i++) {
            $interval = Limit::BetweenCrests->check($pressesS[$i] - $pressesS[$i - 1], 'presses');
            if (! in_array($i - 1, $leftOut, true)) {
                $intervals[$i - 1] = $interval;
            }
        }
        if ($intervals === []) {
            throw (new InvalidValue('Nothing is left to time.'))->at('presses');
        }

        return new self($pressesS, Quartiles::sorted(array_values($intervals)), self::suspects($intervals));
    }

    public function presses(): int
    {
        return count($this->pressesS);
    }

    public function isEnough(): bool
    {
        return $this->presses() >= self::ENOUGH_PRESSES;
    }

    /** The median interval in seconds: one missed or doubled press does not move it. */
    public function periodS(): float
    {
        return Quartiles::at($this->intervalsS, 0.5);
    }

    /** The peak period of the sea in seconds, by which its texture is judged. */
    public function peakPeriodS(): float
    {
        return self::peakOfPressedS($this->periodS());
    }

    /** The peak period in seconds of a sea whose crests were pressed so many seconds apart. */
    public static function peakOfPressedS(float $periodS): float
    {
        return self::PEAK_OVER_PRESSED * $periodS;
    }

    /** Half the spread between the quartiles, in seconds. */
    public function spreadS(): float
    {
        return (Quartiles::at($this->intervalsS, 0.75) - Quartiles::at($this->intervalsS, 0.25)) / 2;
    }

    /**
     * @param  non-empty-array<int, float>  $intervals  by the place of the press that begins them
     * @return list<SuspectPress>
     */
    private static function suspects(array $intervals): array
    {
        if (count($intervals) < 3) {
            return [];
        }
        $median = Quartiles::at(Quartiles::sorted(array_values($intervals)), 0.5);
        $suspects = [];
        foreach ($intervals as $place => $interval) {
            $share = $interval / $median;
            if ($share < self::DOUBLE_BELOW) {
                $suspects[] = new SuspectPress($place + 1, false, $interval);
            } elseif ($share > self::MISSED_ABOVE) {
                $suspects[] = new SuspectPress($place, true, $interval);
            }
        }

        return $suspects;
    }
}
