<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** Something that would open a way where none fits. */
final readonly class Remedy
{
    /**
     * @param  float  $stops  how many stops it has to make good
     * @param  float|null  $seconds  an open time to aim at, where it proposes one
     * @param  Pin|null  $pin  the first that it lets go of, where it does
     * @param  float|null  $ev100  the light to wait for, where it proposes to wait
     */
    public function __construct(
        public RemedyKind $kind,
        public float $stops,
        public string $detail,
        public ?float $seconds = null,
        public ?float $ev100 = null,
        public ?Pin $pin = null,
    ) {
    }
}
