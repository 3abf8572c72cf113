<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\InvalidValue;

/** A picture that is wanted of an outing, and when tide and light would allow it. Instants in seconds since 1970, UTC. */
final readonly class Composition
{
    public const MOST_FRAMES = 20;

    /**
     * @param  list<array{float, float}>  $spans  in order of time
     * @param  int  $frames  that are wanted of it, brackets among them
     * @param  float|null  $focalMm  null where the lens does not matter
     *
     * @throws InvalidValue when no frame or too many are wanted
     */
    public function __construct(
        public string $name,
        public array $spans,
        public int $frames = 1,
        public ?float $focalMm = null,
    ) {
        if ($frames < 1 || $frames > self::MOST_FRAMES) {
            throw (new InvalidValue('Between one and '.self::MOST_FRAMES.' frames of a composition.'))->at('frames');
        }
    }
}
