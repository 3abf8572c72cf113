<?php

declare(strict_types=1);

namespace GentlePour\Outing;

/** One thing on the packing list. */
final readonly class PackItem
{
    /** @param  string  $key  by which it is ticked and remembered */
    public function __construct(
        public string $key,
        public string $words,
        public string $why = '',
    ) {
    }
}
