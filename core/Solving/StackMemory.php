<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Kit\FilterStack;

/** The stacks of a bag, worked out once for all questions that share bag, reading's filters and pins. */
final class StackMemory
{
    /** @var list<FilterStack>|null */
    private ?array $stacks = null;

    /**
     * @param  callable(): list<FilterStack>  $work
     * @return list<FilterStack>
     */
    public function stacks(callable $work): array
    {
        return $this->stacks ??= $work();
    }
}
