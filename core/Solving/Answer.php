<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** What the back-solver found. */
final readonly class Answer
{
    /**
     * @param  int  $count  how many settings fit in all
     * @param  list<Way>  $ways  the best of them, best first
     * @param  list<Way>  $byStack  one for each stack of filters: the reading's own aperture and ISO where they come within a step of the
     *     target, and these first; else the best, best first
     * @param  list<Remedy>  $remedies  never empty when no way fits
     * @param  list<Wall>  $walls
     */
    public function __construct(
        public float $ev100,
        public int $count,
        public array $ways,
        public array $byStack,
        public array $remedies,
        public array $walls,
    ) {
    }

    public function best(): ?Way
    {
        return $this->ways[0] ?? null;
    }
}
