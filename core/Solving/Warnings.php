<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterStack;

/** What the person should know about a way before taking it. */
final class Warnings
{
    /** @return list<string> */
    public static function of(Question $question, FilterStack $stack, ShutterTime $shutter, bool $bulb, float $stops): array
    {
        $warnings = [];
        if ($stack->vignettes) {
            $warnings[] = 'Stacked rings darken the corners of a lens this wide: check them on the base frame.';
        }
        foreach ($stack->filters as $filter) {
            $warning = $filter->kind->warning($filter, $stops - self::others($stack, $filter));
            if ($warning !== null) {
                $warnings[] = $warning;
            }
        }
        if ($question->habits->noiseReduction === NoiseReductionHabit::InCamera && $shutter->seconds > 1) {
            $warnings[] = 'Noise reduction in the camera keeps it busy for another '.$shutter->label(
                $question->bag->camera->longestTimed,
            ).'.';
        }
        if ($bulb && $shutter->seconds > 240) {
            $warnings[] = 'Over four minutes: weigh the tripod down and shield it from wind.';
        }

        return $warnings;
    }

    private static function others(FilterStack $stack, Filter $one): float
    {
        return $stack->darkest->value - ($one->stops()->value ?? 0.0);
    }
}
