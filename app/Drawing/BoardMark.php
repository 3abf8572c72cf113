<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Tide\LevelSpan;
use GentlePour\Units;

/** A level mark of known height on a day board, and when the water is on the side of it that counts. */
final readonly class BoardMark
{
    /** @param  list<LevelSpan>  $spans */
    public function __construct(
        public string $name,
        public bool $above,
        public float $heightM,
        public array $spans,
    ) {
    }

    public function words(Units $units = new Units): string
    {
        return sprintf('%s %s %s', $this->name, $this->above ? 'above' : 'below', $units->metres($this->heightM));
    }
}
