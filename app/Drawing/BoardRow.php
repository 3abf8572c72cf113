<?php

declare(strict_types=1);

namespace App\Drawing;

/** A row under the day board's curve. */
final readonly class BoardRow
{
    /** @param  list<Bar>  $bars */
    public function __construct(
        public string $name,
        public BoardRowKind $kind,
        public float $y,
        public array $bars,
    ) {
    }
}
