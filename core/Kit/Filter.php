<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Bounds;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;

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
        if ($kind === FilterKind::Polariser) {
            $nominal ??= Stops::of(FilterKind::POLARISER_STOPS);
        }
        if ($kind !== FilterKind::Welding && $nominal === null && $measured === null) {
            throw InvalidValue::missing('The marking of “'.$name.'”')->at('marking');
        }
        foreach ([$nominal, $measured, $lightest] as $stops) {
            if ($stops !== null) {
                Bounds::of('The strength of “'.$name.'”', 0, 24, 'stops')->check($stops->value, 'stops');
            }
        }
        if ($kind === FilterKind::Variable && ($lightest === null || $nominal === null || $lightest->value >= $nominal->value)) {
            throw new InvalidValue('The variable filter “'.$name.'” needs a lightest and a darkest setting, the lightest first.');
        }
        if ($threadMm !== null) {
            Bounds::of('A filter thread', 10, 200, 'mm')->check($threadMm, 'thread_mm');
        }

        return new self(trim($name), $kind, $mount, $nominal, $measured, $kind === FilterKind::Variable ? $lightest : null, $threadMm, $cast);
    }

    /** Null for a welding glass that was never measured: its density is not known. */
    public function stops(): ?Stops
    {
        return $this->kind === FilterKind::Graduated ? Stops::zero() : $this->measured ?? $this->nominal;
    }

    /** Stops at the dark end of a graduated filter; what it adds when two are crossed as a makeshift. Null for other kinds. */
    public function graduation(): ?Stops
    {
        return $this->kind === FilterKind::Graduated ? $this->measured ?? $this->nominal : null;
    }

    public function isMeasured(): bool
    {
        return $this->measured !== null;
    }

    /** Whether it darkens the whole frame by a known amount, and so belongs in a stack that sets the time. */
    public function setsTheTime(): bool
    {
        return $this->kind !== FilterKind::Graduated && $this->stops() !== null;
    }
}
