<?php

declare(strict_types=1);

namespace GentlePour\Measuring;

/** A slip of the thumb: a crest that was missed after a press, or a press that was doubled. */
final readonly class SuspectPress
{
    /** @param  int  $place  of the press: the one before the missed crest, or the one too many */
    public function __construct(
        public int $place,
        public bool $missed,
        public float $intervalS,
    ) {
    }
}
