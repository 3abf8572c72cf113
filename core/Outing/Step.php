<?php

declare(strict_types=1);

namespace GentlePour\Outing;

/** One thing to do, in its place in the order. */
final readonly class Step
{
    /** @param  string  $skipped what goes wrong when it is left out */
    public function __construct(
        public string $key,
        public string $title,
        public string $detail,
        public string $skipped,
    ) {
    }
}
