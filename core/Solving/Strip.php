<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\FilterStack;

/**
 * “I have this reading and this glass: what time?”, answered for every stack of the bag at once, at the reading's own aperture
 * and ISO or the pinned ones. Stacks whose time nothing can count, shorter than a camera's shortest or longer than a night, are left out.
 */
final class Strip
{
    /**
     * @return list<StripMark> in order of stops
     */
    public static function of(Question $question): array
    {
        $question->pins->checkedBy($question->bag);

        return self::through($question, self::distinct($question->stacks()));
    }

    /**
     * Through stacks of one's own choice.
     *
     * @param  array<FilterStack>  $stacks
     * @return list<StripMark> in order of stops
     */
    public static function through(Question $question, array $stacks): array
    {
        $light = new GatheredLight($question);
        $dial = new DialRounding($question->bag);
        $walls = $question->walls();
        $aperture = $question->apertureAsRead();
        $iso = $question->isoAsRead();
        $bare = $question->bias->value - $question->reading->ev100() + 2 * log($aperture->number, 2) - log($iso->speed / 100, 2);
        $marks = [];
        foreach ($stacks as $stack) {
            $open = $light->open($bare + $stack->darkest->value);
            if ($open === null || $open < log(ShutterTime::SHORTEST_S, 2) || $open > log(ShutterTime::LONGEST_S, 2)) {
                continue;
            }
            $exact = ShutterTime::ofStops($open);
            $had = $dial->stops($open);
            $bulb = $had === null || $dial->isBulb($had);
            $shutter = $bulb ? $exact->counted() : ShutterTime::onDial((int) round(3 * $had));
            $passed = array_filter($walls, static fn (Wall $w): bool => $shutter->seconds > $w->longest->seconds * (1 + 1e-9));
            $marks[] = new StripMark(
                $stack, $stack->darkest, $aperture, $iso, $exact, $shutter, $question->bag->camera->longestTimed, $bulb,
                array_values($passed)[0] ?? null,
            );
        }
        usort($marks, static fn (StripMark $a, StripMark $b): int => [
            $a->stops->value, $a->filters->count(), $a->filters->label(),
        ] <=> [$b->stops->value, $b->filters->count(), $b->filters->label()]);

        return $marks;
    }

    /**
     * @param  list<FilterStack>  $stacks
     * @return array<string, FilterStack>
     */
    private static function distinct(array $stacks): array
    {
        return array_combine(array_map(static fn (FilterStack $s): string => $s->label(), $stacks), $stacks);
    }
}
