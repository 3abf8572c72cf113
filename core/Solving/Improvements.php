<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;

/** What a small change would make clearly better: something packed that is at home, the release, a filter worth buying. */
final class Improvements
{
    /** Less of a gain is not worth a word, in stops of cost. Judgement. */
    private const WORTH = 0.4;

    /** Strengths worth buying one of. Common practice. */
    private const STRENGTHS = [3, 6, 10, 15];

    /**
     * @param  list<Filter>  $atHome
     * @return list<Remedy> the greatest gain first; its stops are the gain
     */
    public static function of(Question $question, array $atHome): array
    {
        $now = self::score($question);
        $bag = $question->bag;
        $found = [];
        if (! $bag->release) {
            $found[] = [RemedyKind::Release, 'Take the release.', $question->packing(self::with($bag, [], true))];
        }
        foreach ($atHome as $filter) {
            if ($filter->setsTheTime()) {
                $found[] = [
                    RemedyKind::Pack, 'Pack “'.$filter->name.'”, which is at home.',
                    $question->packing(self::with($bag, [$filter], $bag->release)),
                ];
            }
        }
        foreach (self::STRENGTHS as $stops) {
            if (! self::hasNear($bag, $atHome, $stops)) {
                $new = Filter::of(
                    $bag->freeName("new {$stops} stops"), FilterKind::NeutralDensity, $bag->slots > 0 ? Mount::Slot : Mount::Thread,
                    Stops::of($stops),
                );
                $found[] = [
                    RemedyKind::Buy, "A filter of {$stops} stops would be worth having.",
                    $question->packing(self::with($bag, [$new], $bag->release)),
                ];
            }
        }
        $remedies = [];
        foreach ($found as [$kind, $words, $changed]) {
            $best = BackSolver::best($changed);
            $gain = $best === null ? 0.0 : min(20.0, $now - $best->score());
            if ($best !== null && $gain >= self::WORTH) {
                $remedies[] = new Remedy($kind, $gain, sprintf(
                    '%s It would be %s %s ISO %s with %s.', $words, $best->shutterLabel(), $best->aperture->label(), $best->iso->label(),
                    $best->filters->label(),
                ));
            }
        }
        usort($remedies, static fn (Remedy $a, Remedy $b): int => $b->stops <=> $a->stops);

        return $remedies;
    }

    private static function score(Question $question): float
    {
        return BackSolver::best($question)?->score() ?? INF;
    }

    /** @param  list<Filter>  $more */
    private static function with(Bag $bag, array $more, bool $release): Bag
    {
        return new Bag($bag->camera, $bag->lens, [...$bag->filters, ...$more], $bag->slots, $release, $bag->rings, $bag->adapters);
    }

    /** @param  list<Filter>  $atHome */
    private static function hasNear(Bag $bag, array $atHome, int $stops): bool
    {
        foreach ([...$bag->filters, ...$atHome] as $filter) {
            if ($filter->kind === FilterKind::NeutralDensity && abs(($filter->stops()->value ?? 99.0) - $stops) < 0.7) {
                return true;
            }
        }

        return false;
    }
}
