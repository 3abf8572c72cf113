<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/** Waves that pass one after the other. */
final readonly class ShownSwell implements Shown
{
    /** @param  list<float>  $apartS  from each crest to the next */
    public function __construct(public array $apartS)
    {
    }
}
