<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Unusable;
use GentlePour\Limit;

/** When nothing fits: how many stops are missing on which side, and what would make them good. */
final class Remedies
{
    /** Strengths that are commonly made, in stops. Common practice. */
    private const COMMON_FILTERS = [1, 2, 3, 4, 6, 8, 10, 13, 15, 16, 20];

    /** @return non-empty-list<Remedy> */
    public static function for(Question $q): array
    {
        $pins = self::pins($q);
        if ($pins !== [] || $q->pins->held() !== []) {
            return $pins !== [] ? $pins : self::for($q->pinning(new Pins));
        }
        $wall = $q->walls()[0] ?? null;
        $remedies = [];
        if ($wall !== null && $wall->longest->seconds < $q->target->min->seconds * (1 - 1e-9)) {
            $remedies = self::behindTheWall($q, $wall);
        }
        [$shortest, $longest] = self::reach($q);
        $wallS = $wall?->longest->seconds ?? INF;
        if ($longest < $q->target->min->seconds) {
            $remedies = [...$remedies, ...self::tooBright($q, $longest, $wallS)];
        } elseif ($shortest > min($q->target->max->seconds, $wallS)) {
            $remedies = [...$remedies, ...self::tooDark($q, $shortest, $wallS)];
        }

        return $remedies === [] ? [self::between($q)] : $remedies;
    }

    /**
     * Which pin to let go, and what that gives: one alone, or where none alone is enough, two, three, all.
     *
     * @return list<Remedy>
     */
    private static function pins(Question $q): array
    {
        $held = $q->pins->held();
        for ($count = 1; $count <= count($held); $count++) {
            $found = [];
            foreach (self::choices($held, $count) as $pins) {
                $free = $q->pinning($q->pins->lettingGoOf(...$pins));
                $anyTime = ShutterWindow::any($q->target->best);
                $way = BackSolver::best(in_array(Pin::Shutter, $pins, true) ? $free->with($anyTime, insists: true) : $free);
                if ($way !== null) {
                    $found[] = new Remedy(RemedyKind::Pin, $way->score(), sprintf(
                        'Let go of %s: it would be %s %s ISO %s with %s.',
                        implode(' and ', array_map(static fn (Pin $p): string => $p->words(), $pins)),
                        $way->shutterLabel(), $way->aperture->label(), $way->iso->label(), $way->filters->label(),
                    ), pin: $pins[0]);
                }
            }
            if ($found !== []) {
                usort($found, static fn (Remedy $a, Remedy $b): int => $a->stops <=> $b->stops);

                return $found;
            }
        }

        return [];
    }

    /**
     * @param  list<Pin>  $held
     * @return list<non-empty-list<Pin>> every choice of so many
     */
    private static function choices(array $held, int $count): array
    {
        $choices = [];
        foreach ($held as $i => $pin) {
            $more = $count === 1 ? [[]] : self::choices(array_slice($held, $i + 1), $count - 1);
            foreach ($more as $rest) {
                $choices[] = [$pin, ...$rest];
            }
        }

        return $choices;
    }

    /** The fewest frames whose mean has the wanted blur in this light with this bag; null when one frame does, or no number would. */
    public static function framesToAverage(Question $q): ?int
    {
        return self::framesOf($q, min(self::reach($q)[1], $q->walls()[0]->longest->seconds ?? INF));
    }

    private static function framesOf(Question $q, float $reachableS): ?int
    {
        if ($reachableS <= 0.0) {
            return null;
        }
        $frames = (int) ceil($q->target->best->seconds / $reachableS - 1e-9);

        return $frames < 2 || $frames > Limit::FramesAveraged->most() ? null : $frames;
    }

    /**
     * The shortest and longest times the bag reaches in this light, walls aside.
     *
     * @return array{float, float} seconds
     */
    private static function reach(Question $q): array
    {
        $apertures = $q->bag->lens->apertures();
        $isos = $q->bag->camera->isos();
        $stacks = $q->stacks();
        if ($stacks === []) {
            return [INF, 0.0];
        }
        $dark = max(array_map(static fn (FilterStack $s): float => $s->darkest->value, $stacks));
        $light = min(array_map(static fn (FilterStack $s): float => $s->lightest->value, $stacks));
        $scale = 2 ** ($q->bias->value - $q->reading->ev100());
        $shortest = $scale * $apertures[0]->number ** 2 * 100 / $isos[count($isos) - 1]->speed * 2 ** $light;
        $longest = $scale * $apertures[count($apertures) - 1]->number ** 2 * 100 / $isos[0]->speed * 2 ** $dark;
        $drift = $q->drift ?? DriftingLight::steady();

        return [$drift->openSeconds($shortest) ?? INF, $drift->openSeconds($longest) ?? INF];
    }

    /** @return non-empty-list<Remedy> */
    private static function behindTheWall(Question $q, Wall $wall): array
    {
        $missing = $q->target->min->stopsFrom($wall->longest)->value;
        $remedies = [];
        if ($wall->kind === WallKind::Release) {
            $remedies[] = new Remedy(RemedyKind::Release, $missing, sprintf(
                'Take a release: the camera times %s at most, %.1f stops short of the look.',
                $wall->longest->label($q->bag->camera->longestTimed), $missing,
            ));
        } elseif ($wall->kind !== WallKind::Longest) {
            $remedies[] = new Remedy($wall->kind->remedy(), $missing, sprintf(
                '%s: %.1f stops short of the look, which asks for %s.', ucfirst($wall->why), $missing, $q->target->min->label(),
            ));
        } else {
            $remedies[] = new Remedy(RemedyKind::Limit, $missing, sprintf(
                'Your limit of %s is %.1f stops short of the look; it would have to be %s.', $wall->longest->label(), $missing,
                $q->target->min->label(),
            ), $q->target->min->seconds);
        }
        $average = self::average($q, $wall->longest->seconds, $missing);
        if ($average !== null) {
            $remedies[] = $average;
        }
        $remedies[] = new Remedy(RemedyKind::Nearest, $missing, sprintf(
            'Take the nearest look within reach: %s.', $wall->longest->label($q->bag->camera->longestTimed),
        ), $wall->longest->seconds);

        return $remedies;
    }

    /** @return non-empty-list<Remedy> */
    private static function tooBright(Question $q, float $longestS, float $wallS): array
    {
        $missing = log($q->target->min->seconds / $longestS, 2);
        $toBest = log($q->target->best->seconds / $longestS, 2);
        $filter = (int) ceil($missing);
        foreach (self::COMMON_FILTERS as $common) {
            if ($common >= $missing) {
                $filter = $common;
                break;
            }
        }
        $remedies = [...self::thatDoNotFit($q, $missing), new Remedy(RemedyKind::Filter, $missing, sprintf(
            'Add a filter of %d stops: the darkest your bag makes is %.1f stops short of the look, and %.1f of its middle.', $filter,
            $missing, $toBest,
        ))];
        $average = self::average($q, min($longestS, $wallS), $missing);
        if ($average !== null) {
            $remedies[] = $average;
        }
        $remedies[] = new Remedy(RemedyKind::Wait, $missing, sprintf(
            'Wait until the light has dropped by %.1f stops, to EV %.1f.', $missing, $q->reading->ev100() - $missing,
        ), ev100: $q->reading->ev100() - $missing);
        if ($longestS >= ShutterTime::SHORTEST_S) {
            $nearest = ShutterTime::ofSeconds(min($longestS, $wallS));
            $remedies[] = new Remedy(
                RemedyKind::Nearest, $missing, 'Take the longest within reach: '.$nearest->label($q->bag->camera->longestTimed).'.',
                $nearest->seconds,
            );
        }

        return $remedies;
    }

    /**
     * What is packed and cannot be put on comes before anything is to be bought.
     *
     * @return list<Remedy>
     */
    private static function thatDoNotFit(Question $q, float $missing): array
    {
        $dark = array_filter(Unusable::of($q->bag), static fn (Unusable $u): bool => $u->filter->kind->darkensAll());

        return array_values(array_map(static fn (Unusable $u): Remedy => new Remedy(RemedyKind::Fit, $missing, $u->why), $dark));
    }

    /** @return non-empty-list<Remedy> */
    private static function tooDark(Question $q, float $shortestS, float $wallS): array
    {
        $missing = log($shortestS / min($q->target->max->seconds, $wallS), 2);
        $widest = $q->bag->lens->widest;
        $isos = $q->bag->camera->isos();
        $highest = $isos[count($isos) - 1];

        $remedies = [
            ...array_map(static fn (Filter $f): Remedy => new Remedy(RemedyKind::Leave, $missing, sprintf(
                'Take “%s” off, which was on for the reading: %.1f stops more light.', $f->name, $f->stops()->value ?? 0.0,
            )), array_values(array_filter($q->stayingOn(), static fn (Filter $f): bool => ($f->stops()->value ?? 0.0) > 0.05))),
            new Remedy(RemedyKind::Iso, $missing, sprintf(
                'Raise the ISO by %.1f stops beyond %s, the highest you accept.', $missing, $highest->label(),
            )),
            new Remedy(
                RemedyKind::Aperture, $missing, sprintf('Use a lens that opens %.1f stops wider than %s.', $missing, $widest->label()),
            ),
            new Remedy(
                RemedyKind::Wait, $missing, sprintf('Wait for %.1f stops more light, EV %.1f.', $missing, $q->reading->ev100() + $missing),
                ev100: $q->reading->ev100() + $missing,
            ),
        ];
        if ($shortestS <= $wallS && $shortestS <= ShutterTime::LONGEST_S) {
            $nearest = ShutterTime::ofSeconds($shortestS);
            $remedies[] = new Remedy(
                RemedyKind::Nearest, $missing, 'Take the shortest within reach: '.$nearest->label($q->bag->camera->longestTimed).'.',
                $nearest->seconds,
            );
        }

        return $remedies;
    }

    /** Several shorter frames averaged have the blur of one long one: n frames of t/n. */
    private static function average(Question $q, float $reachableS, float $missing): ?Remedy
    {
        $frames = self::framesOf($q, $reachableS);
        if ($frames === null) {
            return null;
        }
        $each = ShutterTime::ofSeconds($q->target->best->seconds / $frames);

        return new Remedy(RemedyKind::Average, $missing, sprintf(
            'Average %d frames of %s: the same blur as one of %s, without more filters.', $frames,
            $each->label($q->bag->camera->longestTimed), $q->target->best->label(),
        ), $each->seconds);
    }

    /** The bag reaches both sides of the window but no setting falls inside: the window is narrower than the steps. */
    private static function between(Question $q): Remedy
    {
        return new Remedy(RemedyKind::Window, $q->target->width()->value, sprintf(
            'Your settings step over the wanted %s to %s, which is only %.2f stops wide: '
                .'widen the window or the range of apertures and ISOs.',
            $q->target->min->label(), $q->target->max->label(), $q->target->width()->value,
        ));
    }
}
