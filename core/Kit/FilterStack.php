<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Exposure\Stops;
use GentlePour\Limit;

/** Filters together before the lens, in the order in which they are fitted: nearest the lens first. */
final readonly class FilterStack
{
    /**
     * @param  list<Filter>  $filters  nearest the lens first
     * @param  float  $uneven  stops by which two crossed graduated filters darken one part more than another; nought otherwise
     */
    private function __construct(
        public array $filters,
        public Stops $darkest,
        public Stops $lightest,
        public bool $vignettes,
        public bool $crossed,
        public float $uneven,
    ) {
    }

    public static function empty(): self
    {
        return new self([], Stops::zero(), Stops::zero(), false, false, 0.0);
    }

    /** @param  list<Filter>  $filters  in any order */
    public static function of(array $filters): self
    {
        $stack = self::empty();
        foreach (self::ordered($filters) as $filter) {
            $stack = $stack->with([$filter]);
        }

        return $stack;
    }

    /**
     * With a filter more, or with two graduated ones that stand against each other as a makeshift for a solid one: the weaker counts in
     * full, the rest is uneven. What is added goes outside of what is there, but for graduated filters, which stay outermost.
     *
     * @param  non-empty-list<Filter>  $unit
     */
    public function with(array $unit, bool $vignettes = false): self
    {
        $crossed = count($unit) > 1;
        $graduations = $crossed ? self::graduations($unit) : [0.0];
        $adds = self::adds($unit);
        $last = $this->filters === [] ? null : $this->filters[count($this->filters) - 1];
        $filters = $last !== null && $last->kind->hasEdge() && ! $unit[0]->kind->hasEdge()
            ? self::ordered([...$this->filters, ...$unit])
            : [...$this->filters, ...$unit];

        return new self(
            $filters, Stops::of($this->darkest->value + $adds), Stops::of($this->lightest->value + ($unit[0]->lightest->value ?? $adds)),
            $this->vignettes || $vignettes, $this->crossed || $crossed, $this->uneven + max($graduations) - min($graduations),
        );
    }

    /**
     * The stops that a filter or a crossed pair adds at its darkest.
     *
     * @param  non-empty-list<Filter>  $unit
     */
    public static function adds(array $unit): float
    {
        return count($unit) > 1 ? min(self::graduations($unit)) : $unit[0]->stops()->value ?? 0.0;
    }

    /**
     * @param  non-empty-list<Filter>  $pair
     * @return non-empty-list<float>
     */
    private static function graduations(array $pair): array
    {
        return array_map(static fn (Filter $f): float => $f->graduation()->value ?? 0.0, $pair);
    }

    /**
     * Nearest the lens first.
     *
     * @param  list<Filter>  $filters
     * @return list<Filter>
     */
    public static function ordered(array $filters): array
    {
        usort(
            $filters,
            static fn (Filter $a, Filter $b): int => [
                self::depth($a), $b->stops()->value ?? 0.0,
            ] <=> [self::depth($b), $a->stops()->value ?? 0.0],
        );

        return $filters;
    }

    /** Screwed in before slotted in; a polariser innermost of its kind of mount, a graduated filter outermost. */
    private static function depth(Filter $filter): int
    {
        return ($filter->mount === Mount::Thread ? 0 : 10) + $filter->kind->order();
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

    /** The colour of all of them together; what is not measured is taken as none, and none goes beyond what one may have. */
    public function colour(): ColourCast
    {
        [$red, $blue] = [0.0, 0.0];
        foreach ($this->filters as $filter) {
            $red += $filter->cast->redStops ?? 0.0;
            $blue += $filter->cast->blueStops ?? 0.0;
        }

        return ColourCast::of(Limit::CastRed->clamp($red), Limit::CastBlue->clamp($blue));
    }

    /** The casts of all of them added up, in stops; what is not measured is taken as none. */
    public function cast(): float
    {
        return array_reduce($this->filters, static fn (float $sum, Filter $f): float => $sum + ($f->cast?->size() ?? 0.0), 0.0);
    }

    /** @return list<string> nearest the lens first */
    public function names(): array
    {
        return Filter::names($this->filters);
    }

    public function label(): string
    {
        $outer = array_filter($this->filters, fn (Filter $f): bool => $this->crossed && $f->kind->hasEdge());
        $names = array_map(static fn (Filter $f): string => $f->name, array_diff_key($this->filters, $outer));
        if ($outer !== []) {
            $names[] = implode(' × ', array_map(static fn (Filter $f): string => $f->name, $outer));
        }

        return $names === [] ? 'no filter' : implode(' + ', $names);
    }
}
