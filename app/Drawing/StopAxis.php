<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Exposure\ShutterTime;

/** Time in stops along a line: one column a stop. Third stops from 1 s at both ends; places in px of the drawing. */
final readonly class StopAxis
{
    /** 1/4000 s and 32 min on the dial. */
    public const FIRST_THIRD = -36;

    public const LAST_THIRD = 33;

    /** So short that it lies left of every axis. */
    private const NEVER_S = 1e-9;

    public function __construct(
        public int $firstThird,
        public int $lastThird,
        public float $left,
        public float $right,
    ) {
    }

    public function x(float $seconds): float
    {
        return $this->xOfThirds(3 * log(max(self::NEVER_S, $seconds), 2));
    }

    public function xOfThirds(float $thirds): float
    {
        $share = ($thirds - $this->firstThird) / ($this->lastThird - $this->firstThird);

        return round($this->left + max(0.0, min(1.0, $share)) * ($this->right - $this->left), 1);
    }

    /** The time in seconds at a place in px. */
    public function secondsAt(float $x): float
    {
        $share = ($x - $this->left) / ($this->right - $this->left);

        return 2 ** (($this->firstThird + $share * ($this->lastThird - $this->firstThird)) / 3);
    }

    public function stopWidth(): float
    {
        return 3 * ($this->right - $this->left) / ($this->lastThird - $this->firstThird);
    }

    /** Whether the time lies on the part of the axis that is drawn. */
    public function shows(float $seconds): bool
    {
        $thirds = 3 * log(max(self::NEVER_S, $seconds), 2);

        return $thirds >= $this->firstThird - 0.5 && $thirds <= $this->lastThird + 0.5;
    }

    /**
     * Every whole stop with its name, named as far apart as $everyPx allows, whole minutes as minutes.
     *
     * @return list<Tick>
     */
    public function ticks(float $everyPx): array
    {
        $every = max(1, (int) ceil($everyPx / $this->stopWidth()));
        $ticks = [];
        for ($thirds = 3 * (int) ceil($this->firstThird / 3); $thirds <= $this->lastThird; $thirds += 3) {
            $stop = intdiv($thirds, 3);
            $ticks[] = new Tick($this->xOfThirds($thirds), $stop % $every === 0 ? self::name($stop) : null);
        }

        return $ticks;
    }

    /**
     * The places a target can be dragged to: every third stop that is drawn.
     *
     * @return list<StopPlace>
     */
    public function places(): array
    {
        $places = [];
        for ($thirds = $this->firstThird; $thirds <= $this->lastThird; $thirds++) {
            $time = ShutterTime::onDial($thirds);
            $places[] = new StopPlace($this->xOfThirds($thirds), $time->label(), $time->seconds);
        }

        return $places;
    }

    private static function name(int $stop): string
    {
        return $stop >= 6 ? 2 ** ($stop - 6).' min' : ShutterTime::onDial(3 * $stop)->label();
    }
}
