<?php

declare(strict_types=1);

namespace GentlePour\Solving;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Stacks;
use GentlePour\Limit;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookTarget;

/** Lists of frames that belong together: a ladder of looks, frames to blend, brackets, companions. */
final class ShotPlans
{
    /** A companion that freezes may be as much shorter as this without harm, in stops. */
    private const FREEZE_ROOM = 3.0;

    /** Every look once, at equal exposure, from held to glass. */
    public static function ladder(Question $question, LookBands $bands): ShotPlan
    {
        $shots = $left = [];
        foreach ($bands->bands as $band) {
            $way = self::best($question, self::reachable($band, $question));
            if ($way === null) {
                $left[] = sprintf('%s at %s: no setting of this bag', $band->look->value, $band->window()->best->label());

                continue;
            }
            $shots[] = new Shot(ShotRole::Ladder, $band->look->value.': '.$band->look->words(), $way);
        }

        return new ShotPlan('Ladder of looks', $shots, $left);
    }

    /**
     * A frame for each window, to be blended.
     *
     * @param  list<array{window: ShutterWindow, targets: non-empty-list<LookTarget>}>  $frames
     */
    public static function blend(Question $question, array $frames): ShotPlan
    {
        $shots = $left = [];
        foreach ($frames as $frame) {
            $for = implode(' and ', array_map(static fn (LookTarget $w): string => $w->name.' '.$w->look, $frame['targets']));
            $way = self::best($question, $frame['window']);
            if ($way === null) {
                $left[] = sprintf('%s at %s: no setting of this bag', $for, $frame['window']->best->label());

                continue;
            }
            $shots[] = new Shot(ShotRole::Blend, $for, $way);
        }

        return new ShotPlan('Frames to blend', $shots, $left);
    }

    /**
     * The same frame at n steps either way by time, the darkest first. Its blur changes with it.
     *
     * @throws InvalidValue when n is not between 1 and 4
     */
    public static function bracketByTime(Question $question, Way $way, int $each, BracketStep $step = BracketStep::Full): ShotPlan
    {
        $shots = $left = [];
        foreach (self::steps($each) as $steps) {
            $shot = self::inTime($question, $way, $steps, $step, $steps === 0 ? 'as worked out' : $step->words($steps).' by time');
            is_string($shot) ? $left[] = $shot : $shots[] = $shot;
        }

        return new ShotPlan(sprintf('Bracket of %d by time', 2 * $each + 1), $shots, $left);
    }

    /**
     * The same at n steps either way by aperture, so that the blur stays the same in all.
     *
     * @throws InvalidValue when n is not between 1 and 4
     */
    public static function bracketByAperture(Question $question, Way $way, int $each, BracketStep $step = BracketStep::Full): ShotPlan
    {
        $shots = $left = [];
        $lens = $question->bag->lens;
        foreach (self::steps($each) as $steps) {
            $aperture = self::aperture($way->aperture->thirds() - 3 * $steps * $step->stops());
            if ($aperture->thirds() < $lens->widest->thirds() - 0.1 || $aperture->thirds() > $lens->smallest->thirds() + 0.1) {
                $left[] = $step->words($steps).': the lens does not reach '.$aperture->label();

                continue;
            }
            $purpose = $steps === 0 ? 'as worked out' : $step->words($steps).' by aperture, same blur';
            $shots[] = new Shot(ShotRole::Bracket, $purpose, $way->changed($way->exact, $way->shutter, $aperture, $way->bulb));
        }

        return new ShotPlan(sprintf('Bracket of %d by aperture', 2 * $each + 1), $shots, $left);
    }

    /**
     * The base frame at n steps either way by time, at the reading's own aperture and ISO: bare, and with the polariser where there is
     * one, of several the one that takes the least light.
     *
     * @throws InvalidValue when n is not between 1 and 4
     */
    public static function bracketOfBase(Question $question, int $each, BracketStep $step = BracketStep::Full): ShotPlan
    {
        $polarisers = array_filter(
            Stacks::of($question->bag), static fn (FilterStack $s): bool => $s->count() === 1 && $s->has(FilterKind::Polariser),
        );
        usort($polarisers, static fn (FilterStack $a, FilterStack $b): int => $a->darkest->value <=> $b->darkest->value);
        $shots = $left = [];
        foreach (Strip::through($question, [FilterStack::empty(), ...array_slice($polarisers, 0, 1)]) as $mark) {
            $with = $mark->filters->count() === 0 ? 'bare' : 'with '.$mark->filters->label();
            foreach (self::steps($each) as $steps) {
                $purpose = 'base frame, '.$with.($steps === 0 ? '' : ', '.$step->words($steps));
                $shot = self::inTime($question, $mark->way(), $steps, $step, $purpose);
                is_string($shot) ? $left[] = $shot : $shots[] = $shot;
            }
        }

        return new ShotPlan('Bracket of the base frame', $shots, $left);
    }

    /** @return list<int> */
    private static function steps(int $each): array
    {
        Limit::Bracket->check($each, 'each');

        return range(-$each, $each);
    }

    /** A frame of a bracket by time; or in words why not. */
    private static function inTime(Question $question, Way $way, int $steps, BracketStep $step, string $purpose): Shot|string
    {
        $wall = $question->walls()[0] ?? null;
        // One stop more light on film or in drifting light is not twice the time, but twice what constant light would take.
        $light = new GatheredLight($question);
        $open = $light->open($light->bare(log($way->exact->seconds, 2)) + $steps * $step->stops());
        if ($open === null) {
            return $step->words($steps).': the light fails before';
        }
        $exact = 2 ** $open;
        $rounded = (new DialRounding($question->bag))->seconds($exact);
        if ($rounded === null || ($wall !== null && $rounded[0] > $wall->longest->seconds * (1 + 1e-9))) {
            $walled = $wall !== null && $exact > $wall->longest->seconds;

            return $step->words($steps).': '.($walled ? $wall->why : 'beyond what the shutter can do');
        }

        return new Shot(ShotRole::Bracket, $purpose, $way->changed(
            ShutterTime::ofSeconds($exact), ShutterTime::ofSeconds($rounded[0]), $way->aperture, $rounded[1],
        ));
    }

    /** On the dial where it is one of its thirds, else as a lens with half stops names it. */
    private static function aperture(float $thirds): Aperture
    {
        return abs($thirds - round($thirds)) < 0.2 ? Aperture::onDial((int) round($thirds)) : Aperture::of(round(2 ** ($thirds / 6), 1));
    }

    /**
     * n frames of t / n instead of one of t: the same blur when averaged, with n times the light a frame may gather.
     *
     * @throws InvalidValue when n is not between 2 and 64
     */
    public static function average(Question $question, int $frames): ShotPlan
    {
        $mean = FrameMean::of($question->target, $frames);
        $way = self::best($question, $mean);
        if ($way === null) {
            return new ShotPlan("Mean of {$frames} frames", [], ["{$frames} frames of {$mean->best->label()}: no setting of this bag"]);
        }

        return new ShotPlan("Mean of {$frames} frames", array_map(
            static fn (int $i): Shot => new Shot(ShotRole::Average, "{$i} of {$frames}", $way), range(1, $frames),
        ));
    }

    /** The long frame, and one short enough to hold still what stirs: bare, wide and at a higher ISO. */
    public static function freeze(Question $question, Way $long, ShutterTime $still, string $what): ShotPlan
    {
        $shortest = ShutterTime::ofSeconds(max(ShutterTime::SHORTEST_S, $still->seconds / 2 ** self::FREEZE_ROOM));
        $way = self::best($question, ShutterWindow::of($shortest, $still, $still));
        $first = new Shot(ShotRole::Blend, 'the water', $long);

        return $way === null
            ? new ShotPlan('With a companion', [$first], [sprintf('%s at %s: too dark for this lens and ISO', $what, $still->label())])
            : new ShotPlan('With a companion', [new Shot(ShotRole::Companion, 'holds still: '.$what, $way), $first]);
    }

    /** The same look with the polariser and without. */
    public static function polariserPair(Question $question): ShotPlan
    {
        $answer = BackSolver::solve($question);
        $found = [true => null, false => null];
        foreach ($answer->byStack as $way) {
            $found[$way->filters->has(FilterKind::Polariser)] ??= $way;
        }
        $shots = $left = [];
        $purposes = [[true, 'with the polariser: no glare on rock and leaves'], [false, 'without: reflections and highlights stay']];
        foreach ($purposes as [$on, $purpose]) {
            $found[$on] === null
                ? $left[] = $purpose.': no setting of this bag'
                : $shots[] = new Shot(ShotRole::Blend, $purpose, $found[$on]);
        }

        return new ShotPlan('With and without the polariser', $shots, $left);
    }

    /** The frame and a dark one of the same length with the cap on, to be subtracted later. */
    public static function darkFrame(Way $way): ShotPlan
    {
        return new ShotPlan('With a dark frame', [
            new Shot(ShotRole::Blend, 'the frame', $way),
            new Shot(
                ShotRole::Dark, 'the same with the cap on',
                $way->changed($way->exact, $way->shutter, $way->aperture, $way->bulb, FilterStack::empty()),
            ),
        ]);
    }

    private static function best(Question $question, ShutterWindow $window): ?Way
    {
        return BackSolver::best($question->with($window));
    }

    /** The look's window, cut at the nearest wall where its aim lies beyond. */
    private static function reachable(LookBand $band, Question $question): ShutterWindow
    {
        $window = $band->window();
        $wall = $question->walls()[0] ?? null;

        return $wall === null || $wall->longest->seconds >= $window->best->seconds || $wall->longest->seconds < $window->min->seconds
            ? $window
            : ShutterWindow::of($window->min, $window->max, $wall->longest);
    }
}
