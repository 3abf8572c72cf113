<?php

declare(strict_types=1);

namespace GentlePour\Kit;

/** What a stack already holds, against the hard rules: how many more of what may come. Common practice. */
final readonly class StackCount
{
    private const SCREWED_IN_AT_MOST = 2;

    /** @param  list<FilterKind>  $kinds  of the filters there already */
    public function __construct(
        private int $slotsLeft,
        public int $screwed = 0,
        private array $kinds = [],
        private bool $crossed = false,
    ) {
    }

    /** The kind in it beside which no other of its like may come; empty where there is none. */
    public function reserved(): string
    {
        foreach ($this->kinds as $kind) {
            if ($kind->clashesWith($kind)) {
                return $kind->value;
            }
        }

        return '';
    }

    /**
     * With a filter or a crossed pair more; null where a rule forbids it.
     *
     * @param  non-empty-list<Filter>  $unit
     */
    public function with(array $unit): ?self
    {
        $pair = count($unit) > 1;
        $first = $unit[0];
        $slotted = $first->mount === Mount::Slot ? count($unit) : 0;
        $screwed = $this->screwed + ($slotted === 0 ? 1 : 0);
        $clashes = $pair && $this->crossed;
        foreach ($this->kinds as $kind) {
            $clashes = $clashes || $first->kind->clashesWith($kind);
        }

        return $clashes || $slotted > $this->slotsLeft || $screwed > self::SCREWED_IN_AT_MOST
            ? null
            : new self($this->slotsLeft - $slotted, $screwed, [...$this->kinds, $first->kind], $this->crossed || $pair);
    }
}
