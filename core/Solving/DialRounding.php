<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Bag;

/** Turns an exact time into one that can be had: a dial setting while the camera times it, a counted time in bulb. */
final readonly class DialRounding
{
    /**
     * Half-way between two settings of the dial the shorter is taken, and half a step beyond the last the camera still times it, whatever
     * the last digits say.
     */
    private const TIE = 1e-9;

    private int $longestThirds;

    /** Bounds in stops from a second. */
    private float $shortest;

    private float $longest;

    private float $timedUpTo;

    private bool $release;

    public function __construct(Bag $bag)
    {
        $this->longestThirds = (int) round($bag->camera->longestTimed->thirds());
        $this->timedUpTo = $this->longestThirds / 3 + 1 / 6;
        $this->shortest = log(ShutterTime::SHORTEST_S, 2);
        $this->longest = log(ShutterTime::LONGEST_S, 2);
        $this->release = $bag->release;
    }

    /** @return array{float, bool}|null seconds and whether it takes bulb; null when it cannot be had */
    public function seconds(float $seconds): ?array
    {
        $stops = $seconds > 0 && is_finite($seconds) ? $this->stops(log($seconds, 2)) : null;

        return $stops === null ? null : [2 ** $stops, $this->isBulb($stops)];
    }

    /** The same on the stop rule: from the exact time to the one that can be had, both in stops from a second. */
    public function stops(float $exact): ?float
    {
        if ($exact < $this->shortest || $exact > $this->longest) {
            return null;
        }
        if ($exact <= $this->timedUpTo + self::TIE) {
            return min($this->longestThirds, round(3 * $exact - self::TIE)) / 3;
        }

        return $this->release ? log(ShutterTime::ofStops($exact)->counted()->seconds, 2) : null;
    }

    /** The longest time that can be had and is no longer than this, in stops from a second. */
    public function before(float $longest): float
    {
        // The first that is counted follows the last that the camera times; between them there is none.
        $first = log(ShutterTime::ofStops($this->timedUpTo + self::TIE)->counted()->seconds, 2);
        if (! $this->release || $longest < $first - self::TIE) {
            return min($this->longestThirds, floor(3 * $longest + self::TIE)) / 3;
        }
        $counted = ShutterTime::ofStops($longest)->counted()->seconds;
        if ($counted <= 2 ** $longest + self::TIE) {
            return log($counted, 2);
        }
        // Counted times stand a tenth of a second apart, from ten seconds on a second, from two minutes on five.
        $step = match (true) {
            $counted > 120 => 5.0,
            $counted > 10 => 1.0,
            default => 0.1,
        };

        return log(ShutterTime::ofSeconds($counted - $step)->counted()->seconds, 2);
    }

    /** Whether a time that can be had is beyond what the camera times. */
    public function isBulb(float $stops): bool
    {
        return $stops > $this->longestThirds / 3 + 1e-9;
    }
}
