<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Exposure\Stops;

/**
 * The kinds of filter, and everything in which one kind differs from another: what it does to the exposure, how it is written down, where
 * it goes before the lens and what a person should know of it. A new kind is one more case; every match below then asks for the rest.
 * Common practice, unless it says judgement.
 */
enum FilterKind: string
{
    case NeutralDensity = 'nd';
    case Graduated = 'graduated';
    case Polariser = 'polariser';
    case Variable = 'variable';
    case Welding = 'welding';

    /** Stops of a polariser whose marking says nothing: between 1 and 2 by its turn. */
    public const POLARISER_STOPS = 1.5;

    public function label(): string
    {
        return match ($this) {
            self::NeutralDensity => 'neutral density',
            self::Graduated => 'graduated',
            self::Polariser => 'polariser',
            self::Variable => 'variable density',
            self::Welding => 'welding glass',
        };
    }

    /**
     * Whether it darkens the whole frame. One that does not is never put on to lengthen the time; it stays on where it was for the
     * reading.
     */
    public function darkensAll(): bool
    {
        return match ($this) {
            self::NeutralDensity, self::Polariser, self::Variable, self::Welding => true,
            self::Graduated => false,
        };
    }

    /** How its strength is engraved. */
    public function marking(): FilterMarkingForm
    {
        return match ($this) {
            self::NeutralDensity, self::Graduated => FilterMarkingForm::Strength,
            self::Polariser => FilterMarkingForm::StrengthIfAny,
            self::Variable => FilterMarkingForm::Range,
            self::Welding => FilterMarkingForm::Nothing,
        };
    }

    /** What it takes where its marking says nothing; null where that cannot be known. */
    public function usualStops(): ?Stops
    {
        return match ($this) {
            self::NeutralDensity, self::Graduated, self::Variable, self::Welding => null,
            self::Polariser => Stops::of(self::POLARISER_STOPS),
        };
    }

    /** Whether it runs from clear to dark by an edge: soft, hard or reverse. */
    public function hasEdge(): bool
    {
        return match ($this) {
            self::Graduated => true,
            self::NeutralDensity, self::Polariser, self::Variable, self::Welding => false,
        };
    }

    /** Its place among filters of the same mount, nearest the lens first. */
    public function order(): int
    {
        return match ($this) {
            self::Polariser => 0,
            self::NeutralDensity, self::Variable, self::Welding => 2,
            self::Graduated => 5,
        };
    }

    /** Whether it is turned by eye before anything else goes on. */
    public function isTurned(): bool
    {
        return match ($this) {
            self::Polariser => true,
            self::NeutralDensity, self::Graduated, self::Variable, self::Welding => false,
        };
    }

    /** Kinds that cannot stand in one stack with this one. */
    public function clashesWith(self $other): bool
    {
        return match ($this) {
            self::Polariser, self::Variable => $other === self::Polariser || $other === self::Variable,
            self::NeutralDensity, self::Graduated, self::Welding => false,
        };
    }

    /** What using it as mere darkness costs beside a plain filter, in stops. Judgement. */
    public function cost(): FilterCost
    {
        return match ($this) {
            self::NeutralDensity, self::Graduated => FilterCost::none(),
            self::Polariser => new FilterCost('polariser', 0.35, 'the polariser takes glare too, by its turn'),
            self::Variable => new FilterCost('unevenness', 0.4, 'a variable filter darkens unevenly'),
            self::Welding => new FilterCost('cast', 1.0, 'welding glass has a strong cast'),
        };
    }

    /**
     * What a person should know before using it; null where there is nothing.
     *
     * @param  float  $stops  what it is set to in this stack
     */
    public function warning(Filter $filter, float $stops): ?string
    {
        return match ($this) {
            self::NeutralDensity, self::Graduated => null,
            self::Polariser => $filter->isMeasured() ? null : 'A polariser takes 1 to 2 stops by its turn; check the histogram.',
            self::Variable => sprintf('Set “%s” to %.1f stops; near its dark end a cross may show.', $filter->name, $stops),
            self::Welding => 'Welding glass has a strong cast: shoot raw and take a white reference through it.',
        };
    }
}
