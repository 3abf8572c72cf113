<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Bag;

/** Turns an exact time into one that can be had: a dial place while the camera times it, a counted time in bulb. */
final readonly class Realiser
{
    /** Half-way between two places on the dial the shorter is taken, whatever the last digits say: it protects highlights. */
    private const TIE = 1e-9;

    private float $longestTimedS;

    private int $longestThirds;

    private bool $release;

    public function __construct(Bag $bag)
    {
        $this->longestThirds = (int) round($bag->camera->longestTimed->thirds());
        $this->longestTimedS = 2 ** ($this->longestThirds / 3);
        $this->release = $bag->release;
    }

    /** @return array{float, bool}|null seconds and whether it takes bulb; null when it cannot be had */
    public function realise(float $seconds): ?array
    {
        if ($seconds < ShutterTime::SHORTEST_S || $seconds > ShutterTime::LONGEST_S) {
            return null;
        }
        if ($seconds <= $this->longestTimedS * 2 ** (1 / 6)) {
            return [2 ** (min($this->longestThirds, (int) round(3 * log($seconds, 2) - self::TIE)) / 3), false];
        }

        return $this->release ? [ShutterTime::ofSeconds($seconds)->counted()->seconds, true] : null;
    }
}
