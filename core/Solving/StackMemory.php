<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Kit\FilterStack;

/** The stacks of a bag, worked out once for all questions that share bag, reading's filters and pins. */
final class StackMemory
{
    /** @var list<FilterStack>|null */
    private ?array $stacks = null;

    /** @var list<float>|null */
    private ?array $costs = null;

    /** @param  list<FilterStack>  $stacks  those that alone are looked at */
    public static function holding(array $stacks): self
    {
        $memory = new self;
        $memory->stacks = $stacks;

        return $memory;
    }

    /**
     * @param  callable(): list<FilterStack>  $work
     * @return list<FilterStack>
     */
    public function stacks(callable $work): array
    {
        return $this->stacks ??= $work();
    }

    /**
     * What each of them costs in the ranking, in the same order.
     *
     * @param  callable(): list<float>  $work
     * @return list<float>
     */
    public function costs(callable $work): array
    {
        return $this->costs ??= $work();
    }
}
