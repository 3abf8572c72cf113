<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\FilterStack;

/** One way to shoot it. */
final readonly class Way
{
    /**
     * @param  ShutterTime  $exact  the time the arithmetic asks for
     * @param  ShutterTime  $shutter  the time that is set or counted
     * @param  Stops  $stack  the strength of the filters as they are to be set
     * @param  list<Term>  $terms
     * @param  list<string>  $warnings
     */
    public function __construct(
        public ShutterTime $exact,
        public ShutterTime $shutter,
        public Aperture $aperture,
        public Iso $iso,
        public FilterStack $filters,
        public Stops $stack,
        public bool $bulb,
        public ShutterTime $longestTimed,
        public array $terms,
        public array $warnings,
    ) {
    }

    /** The same with another time, aperture or stack: one of a bracket. */
    public function changed(ShutterTime $exact, ShutterTime $shutter, Aperture $aperture, bool $bulb, ?FilterStack $filters = null): self
    {
        return new self(
            $exact, $shutter, $aperture, $this->iso, $filters ?? $this->filters, $filters === null ? $this->stack : $filters->darkest,
            $bulb, $this->longestTimed, $this->terms, $this->warnings,
        );
    }

    /** Its name among the ways of one answer: filters, aperture and ISO. */
    public function key(): string
    {
        return implode('|', [$this->filters->label(), $this->aperture->label(), $this->iso->label()]);
    }

    /** How much brighter (+) or darker (-) than asked the frame comes out for the rounding to the dial. */
    public function exposureError(): Stops
    {
        return $this->shutter->stopsFrom($this->exact);
    }

    /** Stops of cost; the lowest is best. */
    public function score(): float
    {
        return array_sum(array_map(static fn (Term $t): float => $t->stops, $this->terms));
    }

    public function exposure(): Exposure
    {
        return new Exposure($this->aperture, $this->shutter, $this->iso);
    }

    public function shutterLabel(): string
    {
        return $this->shutter->label($this->longestTimed);
    }

    /** The reasons for its place, those that cost most first and always the aperture's, in one sentence. */
    public function why(): string
    {
        $terms = $this->terms;
        usort($terms, static fn (Term $a, Term $b): int => $b->stops <=> $a->stops);
        $named = array_filter(
            $terms, static fn (Term $t, int $place): bool => $place < 3 || $t->name === 'aperture', ARRAY_FILTER_USE_BOTH,
        );
        $reasons = array_map(static fn (Term $t): string => $t->why, $named);
        $sentence = implode(', ', $reasons).'.';

        return str_starts_with($sentence, 'f/') ? $sentence : ucfirst($sentence);
    }
}
