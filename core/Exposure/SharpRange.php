<?php

declare(strict_types=1);

namespace GentlePour\Exposure;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** Sharp from a distance to another, in m; far is INF for the horizon. */
final readonly class SharpRange
{
    private function __construct(
        public float $nearM,
        public float $farM,
    ) {
    }

    /**
     * @param  float|null  $farM  the horizon where not said
     *
     * @throws InvalidValue when near is not between 10 cm and 10 km, or far not beyond it
     */
    public static function of(float $nearM, ?float $farM = null): self
    {
        Limit::SharpNear->check($nearM, 'near_m');
        if ($farM !== null && (! is_finite($farM) || $farM <= $nearM)) {
            throw (new InvalidValue('The far distance must lie beyond the near one.'))->at('far_m');
        }

        return new self($nearM, $farM ?? INF);
    }
}
