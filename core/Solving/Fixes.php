<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Unusable;
use GentlePour\Limit;
use GentlePour\Numeral;

/** Single changes of bag or light after which something fits, walls aside. Each was tried. */
final class Fixes
{
    /** Strengths that are commonly made, in stops. Common practice. */
    private const COMMON_FILTERS = [1, 2, 3, 4, 6, 8, 10, 13, 15, 16, 20];

    /** So much more than the bare difference is tried, where the dial steps over it, in stops. */
    private const ROOM = [0.0, 0.2, 0.4, 0.7, 1.0];

    /** The same in steps of a dial. */
    private const STEPS = [0.0, 1 / 3, 2 / 3, 1.0];

    /** @return list<Remedy> */
    public static function of(Question $q): array
    {
        [$shortest, $longest] = self::reach($q);
        $light = new GatheredLight($q);
        $wanted = [$light->bare(log($q->target->min->seconds, 2)), $light->bare(log($q->target->max->seconds, 2))];

        return match (true) {
            $longest < $wanted[0] => self::tooBright($q, $wanted[0] - $longest, $light->bare(log($q->target->best->seconds, 2)) - $longest),
            $shortest > $wanted[1] => self::tooDark($q, $shortest - $wanted[1]),
            default => [],
        };
    }

    /**
     * What constant light on a sensor would take for the shortest and the longest frame of this bag, walls aside.
     *
     * @return array{float, float} in stops from a second
     */
    private static function reach(Question $q): array
    {
        $apertures = $q->bag->lens->apertures();
        $isos = $q->bag->camera->isos();
        $stacks = $q->stacks();
        if ($stacks === []) {
            return [INF, -INF];
        }
        $dark = max(array_map(static fn (FilterStack $s): float => $s->darkest->value, $stacks));
        $bright = min(array_map(static fn (FilterStack $s): float => $s->lightest->value, $stacks));
        $bare = static fn (Aperture $aperture, float $iso, float $stack): float => $q->bias->value - $q->reading->ev100()
            + 2 * log($aperture->number, 2) - log($iso / 100, 2) + $stack;

        return [
            $bare($apertures[0], $isos[count($isos) - 1]->speed, $bright),
            $bare($apertures[count($apertures) - 1], $isos[0]->speed, $dark),
        ];
    }

    /**
     * @param  float  $missing  stops short of the look
     * @param  float  $toBest  stops short of its middle
     * @return list<Remedy>
     */
    private static function tooBright(Question $q, float $missing, float $toBest): array
    {
        if (! is_finite($missing)) {
            return [];
        }
        $remedies = [];
        foreach (Unusable::of($q->bag) as $unusable) {
            $on = self::packing($q, self::fitting($unusable->filter));
            if ($unusable->filter->kind->darkensAll() && $on !== null && BackSolver::best($on) !== null) {
                $remedies[] = new Remedy(RemedyKind::Fit, $missing, $unusable->why, filter: $unusable->filter);
            }
        }
        foreach (self::COMMON_FILTERS as $stops) {
            $with = $stops < $missing - 1e-9 ? null : self::packing($q, self::plain($q, $stops));
            if ($with !== null && BackSolver::best($with) !== null) {
                $remedies[] = new Remedy(RemedyKind::Filter, $missing, sprintf(
                    'Add a filter of %d %s: the darkest your bag makes is %.1f stops short of the look, and %.1f of its middle.', $stops,
                    $stops === 1 ? 'stop' : 'stops', $missing, $toBest,
                ), amount: (float) $stops);

                break;
            }
        }
        $now = $q->reading->ev100();
        $wait = self::first($missing, static fn (float $stops): Question => $q->lit(self::tenths($now - $stops, -1) - $now));
        if ($wait !== null) {
            $ev = self::tenths($now - $wait, -1);
            $remedies[] = new Remedy(RemedyKind::Wait, $missing, sprintf(
                'Wait until the light has dropped by %.1f stops, to EV %s.', $now - $ev, self::signed($ev),
            ), ev100: $ev);
        }

        return $remedies;
    }

    /** @return list<Remedy> */
    private static function tooDark(Question $q, float $missing): array
    {
        $remedies = [];
        $staying = array_values(array_filter($q->stayingOn(), static fn (Filter $f): bool => ($f->stops()->value ?? 0.0) > 0.05));
        foreach ($staying as $filter) {
            $off = new Pins($q->pins->shutter, $q->pins->aperture, $q->pins->iso, $q->pins->with, [...$q->pins->without, $filter]);
            if (BackSolver::best($q->pinning($off)) !== null) {
                $remedies[] = new Remedy(RemedyKind::Leave, $missing, sprintf(
                    'Take “%s” off, which was on for the reading: %.1f stops more light.', $filter->name,
                    $filter->stops()->value ?? 0.0,
                ), filter: $filter);
            }
        }
        if (! is_finite($missing)) {
            return $remedies;
        }
        [$camera, $lens] = [$q->bag->camera, $q->bag->lens];
        $isos = $camera->isos();
        $fastest = (int) round($isos[count($isos) - 1]->thirds());
        $raised = self::thirds($missing, static fn (int $thirds): Question => $q->packing(
            $q->bag->with(camera: $camera->withIsoMax(Iso::onDial($fastest + $thirds))),
        ));
        if ($raised !== null) {
            $iso = Iso::onDial($fastest + $raised);
            $more = $iso->stopsFrom($camera->isoMax);
            $remedies[] = new Remedy(RemedyKind::Iso, $missing, sprintf(
                'Raise the ISO to %s: %s beyond %s, the highest you accept.', $iso->label(), $more->words(), $camera->isoMax->label(),
            ), amount: $more->value);
        }
        $widest = (int) round($lens->apertures()[0]->thirds());
        $opened = self::thirds($missing, static fn (int $thirds): Question => $q->packing(
            $q->bag->with(lens: $lens->openingTo(Aperture::onDial($widest - $thirds))),
        ));
        if ($opened !== null) {
            $aperture = Aperture::onDial($widest - $opened);
            $more = $lens->widest->stopsFrom($aperture);
            $remedies[] = new Remedy(RemedyKind::Aperture, $missing, sprintf(
                'Use a lens that opens to %s: %s wider than %s.', $aperture->label(), $more->words(), $lens->widest->label(),
            ), amount: $more->value);
        }
        $now = $q->reading->ev100();
        $wait = self::first($missing, static fn (float $stops): Question => $q->lit(self::tenths($now + $stops, 1) - $now));
        if ($wait !== null) {
            $ev = self::tenths($now + $wait, 1);
            $remedies[] = new Remedy(
                RemedyKind::Wait, $missing, sprintf('Wait for %.1f stops more light, EV %s.', $ev - $now, self::signed($ev)), ev100: $ev,
            );
        }

        return $remedies;
    }

    private static function signed(float $ev): string
    {
        return Numeral::minus(sprintf('%.1f', $ev));
    }

    /** To the tenth that a person reads, never on the side that is not enough. */
    private static function tenths(float $value, int $side): float
    {
        return ($side > 0 ? ceil(10 * $value - 1e-9) : floor(10 * $value + 1e-9)) / 10;
    }

    /**
     * The least that is enough.
     *
     * @param  callable(float): Question  $with
     * @param  list<float>  $room
     */
    private static function first(float $missing, callable $with, array $room = self::ROOM): ?float
    {
        foreach ($room as $more) {
            try {
                $changed = $with($missing + $more);
            } catch (InvalidValue) {
                return null;
            }
            if (BackSolver::best($changed) !== null) {
                return $missing + $more;
            }
        }

        return null;
    }

    /**
     * Likewise, in steps of a dial.
     *
     * @param  callable(int): Question  $with  so many thirds of a stop
     */
    private static function thirds(float $missing, callable $with): ?int
    {
        $stops = self::first(
            ceil(3 * $missing - 1e-6) / 3, static fn (float $stops): Question => $with((int) round(3 * $stops)), self::STEPS,
        );

        return $stops === null ? null : (int) round(3 * $stops);
    }

    private static function packing(Question $q, Filter $filter): ?Question
    {
        $others = array_values(array_filter($q->bag->filters, static fn (Filter $f): bool => $f->name !== $filter->name));

        return count($others) >= Limit::FiltersPacked->most() ? null : $q->packing($q->bag->with(filters: [...$others, $filter]));
    }

    private static function plain(Question $q, int $stops): Filter
    {
        return Filter::of(
            $q->bag->freeName('new'), FilterKind::NeutralDensity, $q->bag->holderFits() ? Mount::Slot : Mount::Thread, Stops::of($stops),
        );
    }

    /** The same as if a ring or an adapter carried it. */
    private static function fitting(Filter $filter): Filter
    {
        return Filter::of(
            $filter->name, $filter->kind, Mount::Thread, $filter->stops(), $filter->stops(), $filter->lightest, null, $filter->cast,
        );
    }
}
