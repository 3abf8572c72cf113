<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;

/**
 * What the back-solver weighs, every term in stops so that it can be compared and explained. The weights are judgement:
 * a stop away from the best time counts one; the rest is set against that.
 */
final readonly class Scale
{
    /** Each filter: glass to clean, to seal and to flare. */
    private const PER_FILTER = 0.25;

    /** A polariser is there for the glare; as mere darkness it is uncertain by half a stop either way. */
    private const POLARISER = 0.35;

    private const BULB = 0.25;

    private const VIGNETTING = 0.5;

    /** A variable filter darkens unevenly, the more so the wider the lens. */
    private const UNEVEN = 0.4;

    private const STRONG_CAST = 1.0;

    /** ISO below base gives highlight room away: something for using it at all, and something for each stop. */
    private const EXTENDED_ISO = 0.35;

    private const PER_EXTENDED_STOP = 0.35;

    public function __construct(private Question $question)
    {
    }

    public function apertureCost(Aperture $aperture): float
    {
        return $this->apertureAway($aperture) + $this->diffraction($aperture);
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
        return self::PER_FILTER * $stack->count()
            + ($stack->vignettes ? self::VIGNETTING : 0.0)
            + ($stack->has(FilterKind::Polariser) ? self::POLARISER : 0.0)
            + ($stack->has(FilterKind::Variable) ? self::UNEVEN : 0.0)
            + ($stack->has(FilterKind::Welding) ? self::STRONG_CAST : 0.0);
    }

    public function timeCost(float $shutterS, float $exactS, bool $bulb): float
    {
        return abs(log($shutterS / $this->question->target->best->seconds, 2))
            + $this->question->habits->highlights->cost(log($shutterS / $exactS, 2))
            + ($bulb ? self::BULB : 0.0);
    }

    /** @return list<Term> */
    public function terms(FilterStack $stack, Iso $iso, Aperture $aperture, float $shutterS, float $exactS, bool $bulb): array
    {
        $best = $this->question->target->best->seconds;
        $away = log($shutterS / $best, 2);
        $terms = [
            new Term('target', abs($away), match (true) {
                abs($away) < 0.1 => 'the wanted time',
                default => sprintf('%.1f stops %s than the wanted time', abs($away), $away > 0 ? 'longer' : 'shorter'),
            }),
            new Term('aperture', $this->apertureAway($aperture), $this->apertureWhy($aperture)),
            new Term('iso', $this->isoCost($iso), $this->isoWhy($iso)),
            new Term('filters', self::PER_FILTER * $stack->count(), match ($stack->count()) {
                0 => 'no filter', 1 => 'one filter', default => $stack->count().' filters',
            }),
            new Term('bulb', $bulb ? self::BULB : 0.0, $bulb ? 'bulb, with the release' : 'timed by the camera'),
        ];
        $error = log($shutterS / $exactS, 2);
        $extras = [
            new Term('diffraction', $this->diffraction($aperture), 'diffraction softens '.$aperture->label()),
            new Term('highlights', $this->question->habits->highlights->cost($error), sprintf(
                'rounding makes it %.2f stops %s', abs($error), $error > 0 ? 'brighter' : 'darker',
            )),
            new Term('polariser', $stack->has(FilterKind::Polariser) ? self::POLARISER : 0.0, 'the polariser takes glare too, by its turn'),
            new Term('vignetting', $stack->vignettes ? self::VIGNETTING : 0.0, 'stacked rings darken the corners'),
            new Term('unevenness', $stack->has(FilterKind::Variable) ? self::UNEVEN : 0.0, 'a variable filter darkens unevenly'),
            new Term('cast', $stack->has(FilterKind::Welding) ? self::STRONG_CAST : 0.0, 'welding glass has a strong cast'),
        ];

        return [...$terms, ...array_values(array_filter($extras, static fn (Term $t): bool => $t->stops > 0.005))];
    }

    private function apertureAway(Aperture $aperture): float
    {
        [$widest, $smallest] = $this->question->habits->aperture->range();

        return max(0.0, $widest->stopsFrom($aperture)->value, $aperture->stopsFrom($smallest)->value);
    }

    private function apertureWhy(Aperture $aperture): string
    {
        $habit = $this->question->habits->aperture;
        $away = $this->apertureAway($aperture);
        [$widest] = $habit->range();

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
            $above > 0 => sprintf('ISO %s, %.1f stops above base', $iso->label(), $above),
            default => 'extended ISO '.$iso->label().' gives away highlight room',
        };
    }

    /** Stops by which the Airy disc is wider than the smallest blur that matters on this sensor. */
    private function diffraction(Aperture $aperture): float
    {
        return max(0.0, log($aperture->airyDiscMm() / $this->question->bag->camera->sensor->smallestBlurMm(), 2));
    }
}
