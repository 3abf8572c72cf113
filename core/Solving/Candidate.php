<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Kit\FilterStack;

/** A setting that fits, as the back-solver keeps it while it looks on. */
final readonly class Candidate
{
    /**
     * @param  float  $exact  the time the arithmetic asks for, in stops from a second
     * @param  float  $rounded  the time that can be had, likewise
     * @param  float  $stops  of the stack, as it is to be set
     * @param  bool  $asRead  whether aperture and ISO are the reading's own, which comes before any other
     * @param  int  $order  in which it was found: what is alike stays in it
     */
    public function __construct(
        public float $score,
        public int $order,
        public FilterStack $stack,
        public Iso $iso,
        public Aperture $aperture,
        public float $exact,
        public float $rounded,
        public float $stops,
        public bool $asRead = false,
    ) {
    }

    /**
     * @param  list<self>  $found
     * @return list<self> the best so many, best first
     */
    public static function best(array $found, int $most): array
    {
        usort($found, static fn (self $a, self $b): int => [! $a->asRead, $a->score, $a->order] <=> [! $b->asRead, $b->score, $b->order]);

        return array_slice($found, 0, $most);
    }
}
