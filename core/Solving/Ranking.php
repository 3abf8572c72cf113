<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Kit\FilterCost;
use GentlePour\Kit\FilterStack;

/**
 * What the back-solver weighs, every term in stops so that it can be compared and explained. The weights are judgement:
 * a stop away from the best time counts one; the rest is set against that.
 */
final readonly class Ranking
{
    /** Each filter is one more thing to clean, to seal and to flare. */
    private const PER_FILTER = 0.25;

    public const BULB = 0.25;

    private const VIGNETTING = 0.5;

    /** Each stop of cast that was measured. */
    private const PER_CAST_STOP = 0.5;

    /** Two crossed graduated filters: a makeshift, and worse the more their strengths differ. */
    private const MAKESHIFT = 1.0;

    private const PER_UNEVEN_STOP = 0.5;

    /** Each stop that an aperture is wider than the depth asked for needs. */
    private const PER_DEPTH_STOP = 0.6;

    /** ISO below base gives highlight room away: something for using it at all, and something for each stop. */
    private const EXTENDED_ISO = 0.35;

    private const PER_EXTENDED_STOP = 0.35;

    /** A time that was set by hand is kept to a third of a stop, a step of the dial; beyond it no habit is worth a stop of it. */
    private const ON_A_SET_TIME = 1 / 3 + 1e-6;

    private const PER_STOP_OFF_A_SET_TIME = 12.0;

    /** The f-number that what must be sharp asks for; nought where nothing is asked. */
    private float $neededF;

    public function __construct(private Question $question)
    {
        $this->neededF = $question->sharp === null ? 0.0 : $question->depth()->needed($question->sharp);
    }

    public function apertureCost(Aperture $aperture): float
    {
        return $this->apertureAway($aperture) + $this->diffraction($aperture) + $this->depth($aperture);
    }

    /** @param  float  $away  stops from the wanted time, either way */
    public function targetCost(float $away): float
    {
        return $away + ($this->question->insists ? self::PER_STOP_OFF_A_SET_TIME * max(0.0, $away - self::ON_A_SET_TIME) : 0.0);
    }

    public function isoCost(Iso $iso): float
    {
        $above = $iso->stopsFrom($this->question->bag->camera->isoBase)->value;

        return match (true) {
            $above > 0.01 => $above * $this->question->habits->iso->costPerStop(),
            $above < -0.01 => self::EXTENDED_ISO - $above * self::PER_EXTENDED_STOP,
            default => 0.0,
        };
    }

    public function stackCost(FilterStack $stack): float
    {
        return self::PER_FILTER * $this->added($stack) + $this->makeshift($stack) + self::PER_CAST_STOP * $stack->cast()
            + ($stack->vignettes ? self::VIGNETTING : 0.0)
            + array_sum(array_map(static fn (FilterCost $c): float => $c->stops, self::costs($stack)));
    }

    /** @return list<Term> */
    public function terms(FilterStack $stack, Iso $iso, Aperture $aperture, float $shutterS, float $exactS, bool $bulb): array
    {
        $best = $this->question->target->best->seconds;
        $away = log($shutterS / $best, 2);
        $terms = [
            new Term('target', $this->targetCost(abs($away)), match (true) {
                abs($away) < 0.1 => 'the wanted time',
                default => sprintf('%.1f stops %s than the wanted time', abs($away), $away > 0 ? 'longer' : 'shorter'),
            }),
            new Term('aperture', $this->apertureAway($aperture), $this->apertureWhy($aperture)),
            new Term('iso', $this->isoCost($iso), $this->isoWhy($iso)),
            new Term('filters', self::PER_FILTER * $this->added($stack), match ($this->added($stack)) {
                0 => 'no filter', 1 => 'one filter', default => $this->added($stack).' filters',
            }),
            new Term('bulb', $bulb ? self::BULB : 0.0, $bulb ? 'bulb, with the release' : 'timed by the camera'),
        ];
        $error = log($shutterS / $exactS, 2);
        $extras = [
            new Term('diffraction', $this->diffraction($aperture), 'diffraction softens '.$aperture->label()),
            new Term('highlights', $this->question->habits->highlights->cost($error), sprintf(
                'rounding makes it %.2f stops %s, and you %s', abs($error), $error > 0 ? 'brighter' : 'darker',
                $this->question->habits->highlights === HighlightHabit::Protect ? 'protect highlights' : 'expose to the right',
            )),
            ...array_map(static fn (FilterCost $c): Term => new Term($c->name, $c->stops, $c->why), self::costs($stack)),
            new Term('vignetting', $stack->vignettes ? self::VIGNETTING : 0.0, 'stacked rings darken the corners'),
            new Term(
                'makeshift', $this->makeshift($stack),
                sprintf('two graduated filters crossed leave the frame uneven by %.1f stops', $stack->uneven),
            ),
            new Term('cast', self::PER_CAST_STOP * $stack->cast(), sprintf('the filters have a cast of %.1f stops', $stack->cast())),
            new Term(
                'depth', $this->depth($aperture),
                sprintf('%s is sharp over less than you ask; f/%.1f would do', $aperture->label(), $this->neededF),
            ),
        ];

        return [...$terms, ...array_values(array_filter($extras, static fn (Term $t): bool => $t->stops > 0.005))];
    }

    /** Filters that are put on for the long frame: one that was on for the reading costs nothing more. */
    private function added(FilterStack $stack): int
    {
        return $stack->count() - count($this->question->stayingOn());
    }

    private function makeshift(FilterStack $stack): float
    {
        return $stack->crossed ? self::MAKESHIFT + self::PER_UNEVEN_STOP * $stack->uneven : 0.0;
    }

    /** @return list<FilterCost> what each kind in the stack costs, once a kind */
    private static function costs(FilterStack $stack): array
    {
        $costs = [];
        foreach ($stack->filters as $filter) {
            $costs[$filter->kind->value] ??= $filter->kind->cost();
        }

        return array_values($costs);
    }

    private function depth(Aperture $aperture): float
    {
        return $this->neededF <= 0 ? 0.0 : self::PER_DEPTH_STOP * max(0.0, 2 * log($this->neededF / $aperture->number, 2));
    }

    /** @return array{Aperture, Aperture} where the person likes to work: the lens's own best apertures under the school of the best */
    private function preferred(): array
    {
        $habit = $this->question->habits->aperture;

        return $habit === ApertureHabit::Best ? $this->question->bag->lens->preferred ?? $habit->range() : $habit->range();
    }

    private function apertureAway(Aperture $aperture): float
    {
        [$widest, $smallest] = $this->preferred();

        return max(0.0, $widest->stopsFrom($aperture)->value, $aperture->stopsFrom($smallest)->value);
    }

    private function apertureWhy(Aperture $aperture): string
    {
        $habit = $this->question->habits->aperture;
        $away = $this->apertureAway($aperture);
        [$widest] = $this->preferred();

        return match (true) {
            $away < 0.01 => $aperture->label().' '.$habit->reason(),
            $aperture->number < $widest->number => sprintf('%s is %.1f stops wider than you like', $aperture->label(), $away),
            default => sprintf('%s is %.1f stops smaller than you like', $aperture->label(), $away),
        };
    }

    private function isoWhy(Iso $iso): string
    {
        $above = $iso->stopsFrom($this->question->bag->camera->isoBase)->value;

        return match (true) {
            abs($above) < 0.01 => 'base ISO',
            $above > 0 => sprintf(
                'ISO %s, %.1f stops above base, %s', $iso->label(), $above,
                $this->question->habits->iso === IsoHabit::Lowest ? 'and you keep it low' : 'raised freely as you like',
            ),
            default => 'extended ISO '.$iso->label().' gives away highlight room',
        };
    }

    /** Stops by which the Airy disc is wider than the smallest blur that matters on this sensor. */
    private function diffraction(Aperture $aperture): float
    {
        return max(0.0, log($aperture->airyDiscMm() / $this->question->bag->camera->sensor->smallestBlurMm(), 2));
    }
}
