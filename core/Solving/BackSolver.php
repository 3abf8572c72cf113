<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Stacks;

/**
 * From the wanted shutter time back to aperture, ISO and filters.
 *
 * For each stack the bag allows, each ISO and each aperture in thirds, t = N^2 2^stack (100 / S) 2^bias / 2^EV100. What
 * falls inside the window and under every wall is kept and ranked by a sum of terms, all in stops. In steady light the
 * apertures that can reach the window at all are found by arithmetic, so that only they are visited.
 */
final class BackSolver
{
    /** Half a dial step: how far rounding to the dial can move a time, in stops. */
    private const HALF_STEP = 1 / 6;

    public static function solve(Question $question, int $most = 60): Answer
    {
        $found = self::candidates($question);
        usort($found, static fn (array $a, array $b): int => [$a['score'], $a['order']] <=> [$b['score'], $b['order']]);

        $ways = array_map(static fn (array $c): Way => self::way($c, $question), array_slice($found, 0, $most));
        $byStack = [];
        foreach ($found as $candidate) {
            $byStack[$candidate['stack']->label()] ??= $candidate;
        }
        $byStack = array_map(static fn (array $c): Way => self::way($c, $question), array_slice(array_values($byStack), 0, $most));

        return new Answer(
            $question->reading->ev100(),
            count($found),
            $ways,
            $byStack,
            $ways === [] ? Remedies::for($question) : [],
            $question->walls(),
        );
    }

    /**
     * Every setting that fits, in no order.
     *
     * @return list<array{score: float, order: int, stack: FilterStack, iso: Iso, aperture: Aperture, exact: float, shutter: float, bulb: bool, stops: float}>
     */
    private static function candidates(Question $q): array
    {
        $drift = $q->drift ?? DriftingLight::steady();
        $realiser = new Realiser($q->bag);
        $scale = new Scale($q);
        $isos = $q->bag->camera->isos();
        $apertures = $q->bag->lens->apertures();
        $firstThird = (int) round($apertures[0]->thirds());
        $lastPlace = count($apertures) - 1;
        $longest = $q->walls() === [] ? INF : $q->walls()[0]->longest->seconds * (1 + 1e-9);
        [$shortest, $best, $most] = [$q->target->min->seconds * (1 - 1e-9), $q->target->best->seconds, $q->target->max->seconds * (1 + 1e-9)];
        $most = min($most, $longest);
        $apertureCost = array_map($scale->apertureCost(...), $apertures);
        $isoCost = array_map($scale->isoCost(...), $isos);
        $bias = $q->bias->value - $q->reading->ev100();

        $found = [];
        $order = 0;
        foreach (Stacks::of($q->bag) as $stack) {
            $stackCost = $scale->stackCost($stack);
            [$light, $dark] = [$stack->lightest->value, $stack->darkest->value];
            foreach ($isos as $isoPlace => $iso) {
                $base = $bias - log($iso->speed / 100, 2);
                [$from, $to] = [0, $lastPlace];
                if ($drift->isSteady() && $most > 0) {
                    $from = max($from, (int) ceil(3 * (log($shortest, 2) - self::HALF_STEP - $dark - $base) - 0.6) - $firstThird);
                    $to = min($to, (int) floor(3 * (log($most, 2) + self::HALF_STEP - $light - $base) + 0.6) - $firstThird);
                }
                for ($place = $from; $place <= $to; $place++) {
                    $order++;
                    $aperture = $apertures[$place];
                    $bare = 2 ** ($base + 2 * log($aperture->number, 2));
                    $stops = $dark;
                    if ($light < $dark) {
                        $wanted = $realiser->realise($best);
                        $stops = $wanted === null ? $dark : max($light, min($dark, log($wanted[0] / $bare, 2)));
                    }
                    $exact = $drift->openSeconds($bare * 2 ** $stops);
                    $realised = $exact === null ? null : $realiser->realise($exact);
                    if ($exact === null || $realised === null || $realised[0] < $shortest || $realised[0] > $most) {
                        continue;
                    }
                    [$shutter, $bulb] = $realised;
                    $found[] = [
                        'score' => $stackCost + $isoCost[$isoPlace] + $apertureCost[$place] + $scale->timeCost($shutter, $exact, $bulb),
                        'order' => $order, 'stack' => $stack, 'iso' => $iso, 'aperture' => $aperture, 'exact' => $exact,
                        'shutter' => $shutter, 'bulb' => $bulb, 'stops' => $stops,
                    ];
                }
            }
        }

        return $found;
    }

    /** @param  array{score: float, order: int, stack: FilterStack, iso: Iso, aperture: Aperture, exact: float, shutter: float, bulb: bool, stops: float}  $c */
    private static function way(array $c, Question $q): Way
    {
        $shutter = ShutterTime::ofSeconds($c['shutter']);

        return new Way(
            ShutterTime::ofSeconds($c['exact']),
            $shutter,
            $c['aperture'],
            $c['iso'],
            $c['stack'],
            Stops::of($c['stops']),
            $c['bulb'],
            $q->bag->camera->longestTimed,
            (new Scale($q))->terms($c['stack'], $c['iso'], $c['aperture'], $c['shutter'], $c['exact'], $c['bulb']),
            Warnings::of($q, $c['stack'], $shutter, $c['bulb'], $c['stops']),
        );
    }
}
