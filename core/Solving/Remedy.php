<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Kit\Filter;

/** Something that would open a way where none fits. */
final readonly class Remedy
{
    /**
     * @param  float  $stops  how many stops it has to make good
     * @param  float|null  $seconds  an open time to aim at, where it proposes one
     * @param  Pin|null  $pin  the first that it lets go of, where it does
     * @param  float|null  $ev100  the light to wait for, where it proposes to wait
     * @param  list<WallKind>  $walls  that would have to give
     * @param  float|null  $amount  of the filter to add, of ISO or aperture to gain, in stops
     * @param  int|null  $frames  to average
     * @param  Filter|null  $filter  to take off, or to make fit
     * @param  self|null  $and  what is needed besides
     */
    public function __construct(
        public RemedyKind $kind,
        public float $stops,
        public string $detail,
        public ?float $seconds = null,
        public ?float $ev100 = null,
        public ?Pin $pin = null,
        public array $walls = [],
        public ?float $amount = null,
        public ?int $frames = null,
        public ?Filter $filter = null,
        public ?self $and = null,
    ) {
    }
}
