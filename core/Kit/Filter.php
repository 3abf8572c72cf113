<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Limit;

/** One filter of the bag. What was measured counts before what is engraved. */
final readonly class Filter
{
    private function __construct(
        public string $name,
        public FilterKind $kind,
        public Mount $mount,
        private ?Stops $nominal,
        private ?Stops $measured,
        public ?Stops $lightest,
        public ?float $threadMm,
        public ?ColourCast $cast,
    ) {
    }

    /**
     * @param  Stops|null  $nominal  as engraved; for a variable filter its darkest; none for an unmeasured welding glass
     * @param  Stops|null  $lightest  of a variable filter only
     *
     * @throws InvalidValue when the kind lacks what it needs
     */
    public static function of(
        string $name, FilterKind $kind, Mount $mount, ?Stops $nominal, ?Stops $measured = null, ?Stops $lightest = null,
        ?float $threadMm = null, ?ColourCast $cast = null,
    ): self {
        if (trim($name) === '') {
            throw InvalidValue::missing('The name of a filter')->at('name');
        }
        $nominal ??= $kind->usualStops();
        if ($kind->marking()->isNeeded() && $nominal === null && $measured === null) {
            throw InvalidValue::missing('The marking of “'.$name.'”')->at('marking');
        }
        foreach ([$nominal, $measured, $lightest] as $stops) {
            if ($stops !== null) {
                Limit::FilterStrength->check($stops->value, 'stops');
            }
        }
        $ranges = $kind->marking() === FilterMarkingForm::Range;
        if ($ranges && ($lightest === null || $nominal === null || $lightest->value >= $nominal->value)) {
            throw new InvalidValue('The variable filter “'.$name.'” needs a lightest and a darkest setting, the lightest first.');
        }
        if ($threadMm !== null) {
            Limit::Thread->check($threadMm, 'thread_mm');
        }

        return new self(trim($name), $kind, $mount, $nominal, $measured, $ranges ? $lightest : null, $threadMm, $cast);
    }

    /** Null for a welding glass that was never measured: its density is not known. */
    public function stops(): ?Stops
    {
        return $this->kind->darkensAll() ? $this->measured ?? $this->nominal : Stops::zero();
    }

    /**
     * @param  array<Filter>  $filters
     * @return list<string>
     */
    public static function names(array $filters): array
    {
        return array_map(static fn (self $f): string => $f->name, array_values($filters));
    }

    /** Stops at the dark end of a graduated filter; what it adds when two are crossed as a makeshift. Null for other kinds. */
    public function graduation(): ?Stops
    {
        return $this->kind->hasEdge() ? $this->measured ?? $this->nominal : null;
    }

    public function isMeasured(): bool
    {
        return $this->measured !== null;
    }

    /** Whether it darkens the whole frame by a known amount, and so belongs in a stack that sets the time. */
    public function setsTheTime(): bool
    {
        return $this->kind->darkensAll() && $this->stops() !== null;
    }
}
