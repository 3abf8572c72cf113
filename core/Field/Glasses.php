<?php

declare(strict_types=1);

namespace GentlePour\Field;

use GentlePour\Kit\FilterStack;

/** The stacks that occur in the tables of a field file, each written down once. */
final class Glasses
{
    /** @var list<FilterStack> */
    private array $stacks = [];

    /** @var array<string, int> */
    private array $places = [];

    /** @return int its place among them */
    public function place(FilterStack $stack): int
    {
        $label = $stack->label();
        if (! isset($this->places[$label])) {
            $this->places[$label] = count($this->stacks);
            $this->stacks[] = $stack;
        }

        return $this->places[$label];
    }

    /** @return list<FilterStack> */
    public function all(): array
    {
        return $this->stacks;
    }
}
