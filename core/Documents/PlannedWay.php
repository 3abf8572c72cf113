<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\InvalidValue;
use GentlePour\Solving\Term;
use GentlePour\Solving\Way;

/** A way to shoot it as it is written down: every value with its label, so that it can be read when the kit has changed. */
final readonly class PlannedWay
{
    /**
     * @param  list<string>  $filters  nearest the lens first
     * @param  list<Term>  $terms
     * @param  list<string>  $warnings
     */
    private function __construct(
        public float $shutterS,
        public string $shutterLabel,
        public string $cardLabel,
        public float $exactS,
        public float $aperture,
        public string $apertureLabel,
        public float $iso,
        public string $isoLabel,
        public array $filters,
        public float $stops,
        public float $exposureErrorStops,
        public bool $bulb,
        public float $score,
        public array $terms,
        public array $warnings,
    ) {
    }

    public static function of(Way $way): self
    {
        return new self(
            $way->shutter->seconds, $way->shutterLabel(), $way->exact->cardLabel(), $way->exact->seconds, $way->aperture->number,
            $way->aperture->label(),
            $way->iso->speed, $way->iso->label(), $way->filters->names(), $way->stack->value, $way->exposureError()->value, $way->bulb,
            $way->score(),
            $way->terms, $way->warnings,
        );
    }

    /** @throws InvalidValue when it is not such a way */
    public static function read(Fields $in): self
    {
        return new self(
            $in->number('shutter_s'), $in->text('shutter_label'), $in->text('card_label'), $in->number('exact_s'), $in->number('aperture'),
            $in->text('aperture_label'), $in->number('iso'), $in->text('iso_label'), $in->texts('filters'), $in->number('stops'),
            $in->number('exposure_error_stops'), $in->flagOr('bulb', false), $in->number('score'),
            array_map(
                static fn (Fields $t): Term => new Term($t->text('name'), $t->number('stops'), $t->text('why')), $in->children('terms'),
            ),
            $in->texts('warnings'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'shutter_s' => $this->shutterS,
            'shutter_label' => $this->shutterLabel,
            'card_label' => $this->cardLabel,
            'exact_s' => $this->exactS,
            'aperture' => $this->aperture,
            'aperture_label' => $this->apertureLabel,
            'iso' => $this->iso,
            'iso_label' => $this->isoLabel,
            'filters' => $this->filters,
            'stops' => $this->stops,
            'exposure_error_stops' => $this->exposureErrorStops,
            'bulb' => $this->bulb,
            'score' => $this->score,
            'terms' => array_map(static fn (Term $t): array => ['name' => $t->name, 'stops' => $t->stops, 'why' => $t->why], $this->terms),
            'warnings' => $this->warnings,
        ];
    }

    public function filtersLabel(): string
    {
        return $this->filters === [] ? 'no filter' : implode(' + ', $this->filters);
    }
}
