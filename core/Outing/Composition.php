<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\InvalidValue;

/** A picture that is wanted of an outing, and when tide and light would allow it. Instants in seconds since 1970, UTC. */
final readonly class Composition
{
    public const MOST_FRAMES = 20;

    public const MOST_BRACKET_STOPS = 3;

    /**
     * @param  list<array{float, float}>  $spans  in order of time
     * @param  int  $frames  that are wanted of it, each a bracket where there is one
     * @param  float|null  $focalMm  null where the lens does not matter
     * @param  int  $bracketStops  each frame is taken at -n to +n stops by time; nought for one alone
     *
     * @throws InvalidValue when no frame or too many are wanted, or the bracket is wider than three stops
     */
    public function __construct(
        public string $name,
        public array $spans,
        public int $frames = 1,
        public ?float $focalMm = null,
        public int $bracketStops = 0,
    ) {
        if ($frames < 1 || $frames > self::MOST_FRAMES) {
            throw (new InvalidValue('Between one and '.self::MOST_FRAMES.' frames of a composition.'))->at('frames');
        }
        if ($bracketStops < 0 || $bracketStops > self::MOST_BRACKET_STOPS) {
            throw (new InvalidValue('A bracket goes up to '.self::MOST_BRACKET_STOPS.' stops to either side.'))->at('bracket_stops');
        }
    }

    /** How many exposures one frame of it is. */
    public function exposures(): int
    {
        return 2 * $this->bracketStops + 1;
    }

    /** How many times the time of its middle exposure all of them are open. */
    public function openTimes(): float
    {
        return array_sum(array_map(static fn (int $stop): float => 2.0 ** $stop, range(-$this->bracketStops, $this->bracketStops)));
    }
}
