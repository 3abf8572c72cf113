<?php

declare(strict_types=1);

namespace GentlePour\Field;

use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\FilterStack;
use GentlePour\Solving\Question;
use GentlePour\Solving\Strip;

/**
 * “This glass, what time?” for every base shutter of the dial: the time through each stack worth looking at, with aperture and ISO as
 * they were read.
 */
final readonly class GlassTable
{
    /** From 1/8000 s to 30 s. */
    public const BASE = [-39, 15];

    /** More nobody looks through with cold hands. Judgement. */
    private const MOST = 24;

    /** Stacks so near each other in strength do the same; in stops. Judgement. */
    private const ALIKE = 0.15;

    /**
     * @param  list<int>  $glasses  the stacks, the lightest first
     * @param  list<list<int>>  $cells  a row for each base shutter, the shortest first; in it for each stack the place of its time, -1
     *     where none can be counted or a wall is before it
     */
    private function __construct(public array $glasses, public array $cells)
    {
    }

    /** @param  Question  $question  with its bag and walls; its reading and target are no matter */
    public static function of(Question $question, Times $times, Glasses $glasses): self
    {
        $stacks = self::worth($question);
        $cells = array_map(static function (int $base) use ($question, $times, $stacks): array {
            $found = [];
            foreach (Strip::through($question->inLight(self::reading($question, $base)), $stacks) as $mark) {
                if ($mark->wall === null) {
                    $found[$mark->filters->label()] = $times->place($mark->shutter, $mark->longestTimed, $mark->bulb);
                }
            }

            return array_map(static fn (FilterStack $s): int => $found[$s->label()] ?? -1, $stacks);
        }, range(self::BASE[0], self::BASE[1]));

        return new self(array_map($glasses->place(...), $stacks), $cells);
    }

    /** At the widest aperture and the base ISO: whatever they are, they stay. */
    public static function reading(Question $question, int $baseThirds): Reading
    {
        $bag = $question->bag;
        $aperture = $bag->lens->apertures()[0];

        return new Reading(new Exposure($aperture, ShutterTime::onDial($baseThirds), Iso::of($bag->camera->isoBase->speed)), Stops::zero());
    }

    /**
     * Of stacks alike in strength that with the fewest filters.
     *
     * @return list<FilterStack> the lightest first
     */
    private static function worth(Question $question): array
    {
        $stacks = array_values(array_filter(
            $question->stacks(), static fn (FilterStack $s): bool => $s->filters !== [] && ! $s->isVariable() && ! $s->crossed,
        ));
        usort($stacks, static fn (FilterStack $a, FilterStack $b): int => [$a->count(), $a->darkest->value]
            <=> [$b->count(), $b->darkest->value]);
        $chosen = [];
        foreach ($stacks as $stack) {
            $alike = array_filter(
                $chosen, static fn (FilterStack $c): bool => abs($c->darkest->value - $stack->darkest->value) < self::ALIKE,
            );
            if ($alike === [] && count($chosen) < self::MOST) {
                $chosen[] = $stack;
            }
        }
        usort($chosen, static fn (FilterStack $a, FilterStack $b): int => $a->darkest->value <=> $b->darkest->value);

        return $chosen;
    }
}
