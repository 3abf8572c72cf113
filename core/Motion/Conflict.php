<?php

declare(strict_types=1);

namespace GentlePour\Motion;

/** Two targets that no one shutter time fulfils. */
final readonly class Conflict
{
    public function __construct(
        public LookTarget $shorter,
        public LookTarget $longer,
    ) {
    }

    /** From the longest time of the one to the shortest of the other. */
    public function stopsApart(): float
    {
        return $this->longer->window->min->stopsFrom($this->shorter->window->max)->value;
    }

    public function sentence(): string
    {
        return sprintf(
            '%s for %s ends at %s, %s for %s begins at %s: %.1f stops apart.',
            ucfirst($this->shorter->look), $this->shorter->name, $this->shorter->window->max->label(),
            $this->longer->look, $this->longer->name, $this->longer->window->min->label(), $this->stopsApart(),
        );
    }
}
