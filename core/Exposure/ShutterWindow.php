<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;

/** The shutter times that give the wanted picture: shortest, best and longest. */
final readonly class ShutterWindow
{
    private function __construct(
        public ShutterTime $min,
        public ShutterTime $best,
        public ShutterTime $max,
    ) {
    }

    /** Any time that can be counted. */
    public static function any(?ShutterTime $best = null): self
    {
        return self::of(ShutterTime::ofSeconds(ShutterTime::SHORTEST_S), ShutterTime::ofSeconds(ShutterTime::LONGEST_S), $best);
    }

    /**
     * @param  ShutterTime|null  $best  the geometric middle when not said
     *
     * @throws InvalidValue when the ends are upside down or the best is not between them
     */
    public static function of(ShutterTime $min, ShutterTime $max, ?ShutterTime $best = null): self
    {
        if ($min->seconds > $max->seconds) {
            throw (new InvalidValue('The shortest wanted time must not be above the longest.'))->at('min_s');
        }
        $best ??= ShutterTime::ofSeconds(sqrt($min->seconds * $max->seconds));
        if ($best->seconds < $min->seconds * (1 - 1e-9) || $best->seconds > $max->seconds * (1 + 1e-9)) {
            throw (new InvalidValue('The best time must lie between the shortest and the longest.'))->at('best_s');
        }

        return new self($min, $best, $max);
    }

    /** The same window aimed at another time, which must lie inside. */
    public function aimedAt(ShutterTime $best): self
    {
        return self::of($this->min, $this->max, $best);
    }

    /** Those times of the window that lie within so many stops of the best. */
    public function nearBest(Stops $within): self
    {
        return self::of(
            ShutterTime::ofSeconds(max($this->min->seconds, $this->best->seconds / $within->factor())),
            ShutterTime::ofSeconds(min($this->max->seconds, $this->best->seconds * $within->factor())), $this->best,
        );
    }

    public function contains(ShutterTime $time): bool
    {
        return $time->seconds >= $this->min->seconds * (1 - 1e-9) && $time->seconds <= $this->max->seconds * (1 + 1e-9);
    }

    /** What both windows allow, aimed at its geometric middle; null when they do not meet. */
    public function intersect(self $other): ?self
    {
        $min = max($this->min->seconds, $other->min->seconds);
        $max = min($this->max->seconds, $other->max->seconds);

        return $min <= $max ? self::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max)) : null;
    }

    public function width(): Stops
    {
        return $this->max->stopsFrom($this->min);
    }
}
