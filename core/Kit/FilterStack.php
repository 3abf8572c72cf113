<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Exposure\Stops;

/** Filters together before the lens, in the order in which they are fitted: nearest the lens first. */
final readonly class FilterStack
{
    /** @param  list<Filter>  $filters nearest the lens first */
    private function __construct(
        public array $filters,
        public Stops $darkest,
        public Stops $lightest,
        public bool $vignettes,
    ) {
    }

    public static function empty(): self
    {
        return new self([], Stops::zero(), Stops::zero(), false);
    }

    /** @param  list<Filter>  $filters in any order */
    public static function of(array $filters, bool $vignettes = false): self
    {
        $darkest = $lightest = 0.0;
        foreach ($filters as $filter) {
            $darkest += $filter->stops()->value ?? 0.0;
            $lightest += ($filter->lightest ?? $filter->stops())->value ?? 0.0;
        }
        usort($filters, static fn (Filter $a, Filter $b): int => [self::depth($a), $b->stops()->value ?? 0.0] <=> [self::depth($b), $a->stops()->value ?? 0.0]);

        return new self($filters, Stops::of($darkest), Stops::of($lightest), $vignettes);
    }

    /** Screwed in before slotted in; a polariser innermost of its kind of mount, a graduated filter outermost. */
    private static function depth(Filter $filter): int
    {
        return ($filter->mount === Mount::Thread ? 0 : 10) + match ($filter->kind) {
            FilterKind::Polariser => 0,
            FilterKind::Graduated => 5,
            default => 2,
        };
    }

    public function isVariable(): bool
    {
        return $this->lightest->value < $this->darkest->value;
    }

    public function count(): int
    {
        return count($this->filters);
    }

    public function has(FilterKind $kind): bool
    {
        foreach ($this->filters as $filter) {
            if ($filter->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> nearest the lens first */
    public function names(): array
    {
        return array_map(static fn (Filter $f): string => $f->name, $this->filters);
    }

    public function label(): string
    {
        return $this->filters === [] ? 'no filter' : implode(' + ', $this->names());
    }
}
