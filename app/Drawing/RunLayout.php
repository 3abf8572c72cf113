<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Exposure\Stops;
use GentlePour\Kit\Filter;
use GentlePour\Solving\Way;

/**
 * Lays a way out as a run on the stop rule. Steps that lengthen go right on the upper lane; steps that shorten come back on the lower
 * one, so that the arithmetic can be seen.
 */
final readonly class RunLayout
{
    private const LANE = 26.0;

    private const BACK_LANE = 11.0;

    /** Less than this is no step. */
    private const STEP_STOPS = 0.02;

    private const BLOCK_LABEL_PX = 12.0;

    private const RESULT_PX = 15.0;

    public function __construct(
        private StopAxis $axis,
        private RuleSubject $subject,
        private bool $narrow,
    ) {
    }

    public function run(Way $way, float $y): Run
    {
        $steps = $this->steps($way);
        $start = $this->subject->reading->exposure->shutter->thirds();
        [$forward, $far] = $this->blocks(array_values(array_filter($steps, static fn (RunStep $s): bool => $s->stops > 0)), $start);
        [$back, $end] = $this->blocks(array_values(array_filter($steps, static fn (RunStep $s): bool => $s->stops < 0)), $far);
        [$startX, $farX, $endX] = array_map($this->axis->xOfThirds(...), [$start, $far, $end]);
        $key = $way->key();

        return new Run(
            $key, $y, $key === $this->subject->picked?->key(), $forward, $back,
            $back === [] ? self::LANE : self::LANE - self::BACK_LANE - 1, $endX,
            $this->result($way, max($endX, $farX, $startX), min($endX, $startX)),
        );
    }

    /**
     * What a run comes to, beside it: right of it or else left of it, shortened where there is no room, and left to the list of ways where
     * there is none at all.
     */
    private function result(Way $way, float $edge, float $left): Label
    {
        $short = sprintf('%s  %s', $way->shutterLabel(), $way->aperture->label());
        $labels = $this->narrow ? [$short, $way->shutterLabel()] : [$short.'  ISO '.$way->iso->label(), $short, $way->shutterLabel()];
        foreach ($labels as $label) {
            $width = TextWidth::of($label, self::RESULT_PX);
            if ($edge + 14 + $width < $this->axis->right + ($this->narrow ? 6 : 20)) {
                return new Label($label, $edge + 14);
            }
            if ($left - 12 - $width > 0) {
                return new Label($label, $left - 12, anchor: 'end');
            }
        }

        return new Label('', $edge);
    }

    /** @return list<RunStep> from the reading's time to the way's */
    private function steps(Way $way): array
    {
        $reading = $this->subject->reading;
        $stay = Filter::names($this->subject->staying);
        $step = static fn (float $stops, string $name, string $kind): RunStep => new RunStep(
            $stops, $name.' '.Stops::of($stops)->label(), $kind,
        );
        $steps = array_map(
            static fn (Filter $f): RunStep => $step(self::filterStops($way, $f), $f->name, 'filter'),
            array_values(array_filter($way->filters->filters, static fn (Filter $f): bool => ! in_array($f->name, $stay, true))),
        );
        $staying = array_sum(array_map(static fn (Filter $f): float => $f->stops()->value ?? 0.0, $this->subject->staying));
        $steps[] = $step($staying - $reading->filtersOn->value, 'filters off', 'filter');
        $steps[] = $step($way->aperture->stopsFrom($reading->exposure->aperture)->value, $way->aperture->label(), 'aperture');
        $steps[] = $step(-$way->iso->stopsFrom($reading->exposure->iso)->value, 'ISO '.$way->iso->label(), 'iso');
        $steps[] = $step($this->subject->bias->value, 'bias', 'bias');
        if ($this->subject->gathers !== '') {
            $sum = array_sum(array_map(static fn (RunStep $s): float => $s->stops, $steps));
            $steps[] = $step($way->exact->stopsFrom($reading->exposure->shutter)->value - $sum, $this->subject->gathers, 'bias');
        }

        return array_values(array_filter($steps, static fn (RunStep $s): bool => abs($s->stops) > self::STEP_STOPS));
    }

    /** What a filter takes as it is to be set: a variable one takes what is left of the stack. */
    private static function filterStops(Way $way, Filter $filter): float
    {
        $darkest = $filter->stops()->value ?? 0.0;

        return $filter->lightest === null ? $darkest : $darkest + $way->stack->value - $way->filters->darkest->value;
    }

    /**
     * @param  list<RunStep>  $steps
     * @return array{list<Block>, float} blocks, and where they end, in thirds from a second
     */
    private function blocks(array $steps, float $thirds): array
    {
        $blocks = [];
        foreach ($steps as $step) {
            $next = $thirds + 3 * $step->stops;
            $from = $this->axis->xOfThirds(min($thirds, $next));
            $width = $this->axis->xOfThirds(max($thirds, $next)) - $from;
            $fits = $width > TextWidth::of($step->label, self::BLOCK_LABEL_PX) + 8;
            $blocks[] = new Block($from + 0.75, max(1.5, round($width - 1.5, 1)), $step->label, $step->kind, $fits ? $step->label : null);
            $thirds = $next;
        }

        return [$blocks, $thirds];
    }
}
