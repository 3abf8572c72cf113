<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;

/**
 * From the wanted shutter time back to aperture, ISO and filters.
 *
 * For each stack the bag allows, each ISO and each aperture in thirds, t = N^2 2^stack (100 / S) 2^bias / 2^EV100. What
 * falls inside the window and under every wall is kept and ranked by a sum of terms, all in stops.
 */
final class BackSolver
{
    /** Half a dial step: how far rounding to the dial can move a time, in stops. */
    private const HALF_STEP = 1 / 6;

    /** A step of the dial, in stops. */
    private const STEP = 1 / 3 + 1e-6;

    /** Digits of a score that count; and of what is even in them, what a stop nearer to the wanted time is worth. */
    private const DIGITS = 9;

    private const NEARER = 1e-11;

    /** So near a bound counts as on it, in stops. */
    private const ON_IT = 2e-9;

    public static function solve(Question $question, int $most = 60): Answer
    {
        $question->pins->checkedBy($question->bag);
        [$best, $byStack, $count] = self::candidates($question, $most);
        $way = static fn (Candidate $c): Way => self::way($c, $question);
        $ways = array_map($way, $best);

        return new Answer(
            $question->reading->ev100(),
            $count,
            $ways,
            array_map($way, $byStack),
            $ways === [] ? Remedies::for($question) : [],
            $question->walls(),
        );
    }

    /** The best way alone; null where nothing fits. */
    public static function best(Question $question): ?Way
    {
        return self::ways($question, 1)[0] ?? null;
    }

    /** @return list<Way> the best alone, best first */
    public static function ways(Question $question, int $most): array
    {
        return array_map(static fn (Candidate $c): Way => self::way($c, $question), self::candidates($question, $most)[0]);
    }

    /** @return list<Way> the best of each stack, whatever aperture and ISO it was read at */
    public static function byStack(Question $question, int $most): array
    {
        return array_map(static fn (Candidate $c): Way => self::way($c, $question), self::candidates($question, $most, true)[1]);
    }

    /**
     * The best settings; one for each stack, as read where that comes within a step of the target; and how many fit in all. Everything is
     * reckoned in stops from a second, as on the stop rule. Only what may yet be among the best is kept.
     *
     * @param  bool  $alone  the best of each stack alone, whatever it was read at: the other lists stay short, and nothing is counted
     * @return array{list<Candidate>, list<Candidate>, int}
     */
    private static function candidates(Question $q, int $most, bool $alone = false): array
    {
        $light = new GatheredLight($q);
        $dial = new DialRounding($q->bag);
        $ranking = new Ranking($q);
        $isos = $q->pins->iso === null ? $q->bag->camera->isos() : [$q->pins->iso];
        $apertures = $q->pins->aperture === null ? $q->bag->lens->apertures() : [$q->pins->aperture];
        $apertureStops = array_map(static fn (Aperture $a): float => 2 * log($a->number, 2), $apertures);
        $last = count($apertures) - 1;
        $errorCost = [$q->habits->highlights->cost(-1.0), $q->habits->highlights->cost(1.0)];
        $apertureCost = array_map($ranking->apertureCost(...), $apertures);
        $isoCost = array_map($ranking->isoCost(...), $isos);
        $isoStops = array_map(static fn (Iso $iso): float => log($iso->speed / 100, 2), $isos);
        $shortest = log($q->target->min->seconds, 2) - self::ON_IT;
        $longest = log($q->target->max->seconds, 2) + self::ON_IT;
        $wall = $q->walls()[0] ?? null;
        $longest = $wall === null ? $longest : min($longest, log($wall->longest->seconds, 2) + self::ON_IT);
        $target = log($q->target->best->seconds, 2);
        // What a variable filter is set for: the target, or the last that can be had before a wall.
        $wanted = $target <= $longest ? $dial->stops($target) ?? $target : $dial->before($longest);
        $pinned = $q->pins->shutter !== null;
        // What constant light would have to be gathered for, at the two ends: outside of it no setting can fit.
        $least = $light->bare($shortest - self::HALF_STEP);
        $greatest = $light->bare($longest + self::HALF_STEP);
        $bias = $q->bias->value - $q->reading->ev100();

        $readIso = $alone ? null : self::place($isos, $q->isoAsRead());
        $readAperture = self::place($apertures, $q->apertureAsRead());

        $kept = $byStack = [];
        [$worst, $order, $count] = [$alone ? -INF : INF, 0, 0];
        $stackCosts = $q->stackCosts();
        foreach ($q->stacks() as $place => $stack) {
            $stackCost = $stackCosts[$place];
            [$lightest, $darkest] = [$stack->lightest->value, $stack->darkest->value];
            $variable = $lightest < $darkest;
            $bestOfStack = $same = null;
            foreach ($isos as $i => $iso) {
                $base = $bias - $isoStops[$i];
                // Apertures stand a third of a stop apart, so those that can fit at all lie between two of them.
                $to = min($last, 1 + (int) floor(3 * ($greatest - $base - $lightest - $apertureStops[0])));
                for ($a = max(0, (int) ceil(3 * ($least - $base - $darkest - $apertureStops[0])) - 1); $a <= $to; $a++) {
                    $bare = $base + $apertureStops[$a];
                    $order++;
                    if ($alone && $bestOfStack !== null && $stackCost + $isoCost[$i] + $apertureCost[$a] > $bestOfStack->score) {
                        continue;
                    }
                    $stops = $variable ? max($lightest, min($darkest, $light->bare($wanted) - $bare)) : $darkest;
                    $exact = $light->open($bare + $stops);
                    $had = match (true) {
                        $exact === null => null,
                        ! $pinned => $dial->stops($exact),
                        abs($exact - $wanted) <= self::HALF_STEP + self::ON_IT => $dial->stops($target),
                        default => null,
                    };
                    if ($exact === null || $had === null || $had < $shortest || $had > $longest) {
                        continue;
                    }
                    $count++;
                    // A third here is often set against one there: of what is even the nearer leads, whatever the last digits say.
                    $score = $stackCost + $isoCost[$i] + $apertureCost[$a] + $ranking->targetCost(abs($had - $target))
                        + abs($had - $exact) * $errorCost[$had > $exact ? 1 : 0] + ($dial->isBulb($had) ? Ranking::BULB : 0.0);
                    $score = round($score, self::DIGITS) + self::NEARER * abs($had - $target);
                    if ($i === $readIso && $a === $readAperture && abs($had - $target) <= self::STEP) {
                        $same = new Candidate($score, $order, $stack, $iso, $apertures[$a], $exact, $had, $stops, true);
                    }
                    if ($score >= $worst && $bestOfStack !== null && $score >= $bestOfStack->score) {
                        continue;
                    }
                    $candidate = new Candidate($score, $order, $stack, $iso, $apertures[$a], $exact, $had, $stops);
                    if ($bestOfStack === null || $score < $bestOfStack->score) {
                        $bestOfStack = $candidate;
                    }
                    if ($score < $worst) {
                        $kept[] = $candidate;
                        if (count($kept) >= 4 * $most) {
                            $kept = Candidate::best($kept, $most);
                            $worst = $kept[$most - 1]->score;
                        }
                    }
                }
            }
            if ($bestOfStack !== null) {
                $byStack[] = $same ?? $bestOfStack;
            }
        }

        return [Candidate::best($kept, $most), Candidate::best($byStack, $most), $count];
    }

    /**
     * @param  list<Aperture>|list<Iso>  $dial
     * @return int|null where on it the reading's own setting is
     */
    private static function place(array $dial, Aperture|Iso $own): ?int
    {
        foreach ($dial as $i => $setting) {
            if (abs($setting->thirds() - $own->thirds()) < self::STEP / 10) {
                return $i;
            }
        }

        return null;
    }

    private static function way(Candidate $c, Question $q): Way
    {
        $exact = ShutterTime::ofStops($c->exact);
        $bulb = (new DialRounding($q->bag))->isBulb($c->rounded);
        $shutter = $bulb ? ShutterTime::ofStops($c->rounded)->counted() : ShutterTime::onDial((int) round(3 * $c->rounded));

        return new Way(
            $exact,
            $shutter,
            $c->aperture,
            $c->iso,
            $c->stack,
            Stops::of($c->stops),
            $bulb,
            $q->bag->camera->longestTimed,
            (new Ranking($q))->terms($c->stack, $c->iso, $c->aperture, $shutter->seconds, $exact->seconds, $bulb),
            Warnings::of($q, $c->stack, $shutter, $bulb, $c->stops),
        );
    }
}
