<?php

declare(strict_types=1);

namespace GentlePour\Practice;

use GentlePour\Exposure\Stops;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Handling;
use GentlePour\Kit\Mount;
use GentlePour\Outing\RunSheet;
use GentlePour\Outing\Step;
use GentlePour\Solving\NoiseReductionHabit;

/** Of some steps of a run sheet: which comes first. */
final class StepsInOrder
{
    private const CHOICES = 4;

    public static function ask(Chance $chance): Question
    {
        $dark = Filter::of('dark filter', FilterKind::NeutralDensity, Mount::Slot, Stops::of(10));
        $filters = $chance->whole(0, 1) === 1 ? [$dark, Filter::of('polariser', FilterKind::Polariser, Mount::Slot, null)] : [$dark];
        $sheet = RunSheet::pattern(
            FilterStack::of($filters), true, new Handling(mirror: $chance->whole(0, 1) === 1, opticalFinder: $chance->whole(0, 1) === 1),
            NoiseReductionHabit::Later,
        );
        // Words that stand for a setting are not known yet: a step that has them is left out.
        $steps = array_values(array_filter($sheet, static fn (Step $s): bool => ! str_contains($s->title, '{')));
        $places = array_slice($chance->shuffled(array_keys($steps)), 0, self::CHOICES);
        $first = $steps[min([count($steps) - 1, ...$places])];

        return Question::choice(
            'A ten-stop frame in bulb. Which of these comes first?', '',
            array_map(static fn (int $i): string => $steps[$i]->title, $places), $first->title,
            sprintf('%s. Left for later, %s.', $first->title, $first->skipped),
        );
    }
}
