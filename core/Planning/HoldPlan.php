<?php

declare(strict_types=1);

namespace GentlePour\Planning;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Limit;
use GentlePour\Sky\LightCurve;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Habits;
use GentlePour\Solving\Question;
use GentlePour\Solving\Way;

/** Keeping one look through changing light: what to set at each few minutes, and when to change. */
final class HoldPlan
{
    private const MOST_STEPS = 120;

    /** Ways looked at for each step: stacks of filters that may stay on. */
    private const WAYS = 40;

    /** What is worth changing filters for in the dark, in stops. Judgement. */
    private const WORTH_CHANGING = 0.75;

    /**
     * @param  ShutterWindow  $target  its best time is held to a third of a stop
     * @return list<HoldStep>
     */
    public static function of(
        LightCurve $light, ShutterWindow $target, Bag $bag, Habits $habits, float $fromUnix, float $toUnix, float $stepS = 300.0,
    ): array {
        $stepS = max($stepS, ($toUnix - $fromUnix) / self::MOST_STEPS);
        $held = $target->nearBest(Stops::ofThirds(1));
        $plan = [];
        $before = null;
        for ($unix = $fromUnix; $unix <= $toUnix + 1; $unix += $stepS) {
            $ev = $light->ev100($unix);
            $drift = Limit::LightDrift->clamp($light->driftStopsPerMinute($unix));
            $question = new Question(self::reading($ev), Stops::zero(), $held, $bag, null, DriftingLight::of($drift), $habits);
            $ways = BackSolver::solve($question, self::WAYS);
            $way = self::steady($before, $ways->byStack) ?? $ways->best();
            $changes = $way !== null && ($before === null || $way->filters->label() !== $before->filters->label());
            $plan[] = new HoldStep($unix, $ev, $drift, $way, $changes);
            $before = $way;
        }

        return $plan;
    }

    /**
     * When the light alone gives the wanted time: no filter, base ISO, any aperture of the lens.
     *
     * @return list<array{float, float}> spans
     */
    public static function withoutFilter(LightCurve $light, ShutterWindow $target, Bag $bag, float $fromUnix, float $toUnix): array
    {
        $ev = static fn (Aperture $aperture, ShutterTime $time): float => (new Exposure($aperture, $time, $bag->camera->isoBase))->ev100();
        $apertures = $bag->lens->apertures();

        return $light->between($ev($apertures[0], $target->max), $ev($apertures[count($apertures) - 1], $target->min), $fromUnix, $toUnix);
    }

    /**
     * The stack that is on stays on while it serves nearly as well: changing filters in the dark costs time.
     *
     * @param  list<Way>  $ways
     */
    private static function steady(?Way $before, array $ways): ?Way
    {
        foreach ($ways as $way) {
            if ($way->filters->label() === $before?->filters->label() && $way->score() < $ways[0]->score() + self::WORTH_CHANGING) {
                return $way;
            }
        }

        return null;
    }

    /** A reading that stands for a light of so many EV: f/1, 1 s at ISO 100, which is EV 0, behind EV stops of filter. */
    private static function reading(float $ev100): Reading
    {
        return new Reading(new Exposure(Aperture::of(1), ShutterTime::ofSeconds(1), Iso::of(100)), Stops::of($ev100));
    }
}
