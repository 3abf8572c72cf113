<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\DriftingLight;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Planning\HoldPlan;
use GentlePour\Planning\HoldStep;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\Observer;
use GentlePour\Solving\BackSolver;
use GentlePour\Solving\Habits;
use GentlePour\Solving\Question;
use GentlePour\Solving\Way;

const DUSK = 1_811_881_200.0; // 2027-06-01 19:40 UTC, an hour and a half before sunset there

function duskLight(): LightCurve
{
    return LightCurve::of(new Observer(56.5, -9.8));
}

function between(float $min, float $max): ShutterWindow
{
    return ShutterWindow::of(ShutterTime::ofSeconds($min), ShutterTime::ofSeconds($max));
}

/** @return list<Way> the best of each stack for one step, the best of all first */
function waysAt(HoldStep $step, ShutterWindow $target): array
{
    $reading = new Reading(new Exposure(Aperture::of(1), ShutterTime::ofSeconds(1), Iso::of(100)), Stops::of($step->ev100));
    $drift = DriftingLight::of($step->driftStopsPerMinute);

    return BackSolver::solve(
        new Question($reading, Stops::zero(), $target, bag([nd('Three', 3), nd('Six', 6)]), null, $drift, new Habits), 40,
    )->byStack;
}

it('keeps the filters that are on until others are worth three quarters of a stop more (judgement)', function (float $min, float $max): void {
    $target = between($min, $max);
    $plan = HoldPlan::of(duskLight(), $target, bag([nd('Three', 3), nd('Six', 6)]), new Habits, DUSK, DUSK + 3 * 3600);
    $before = null;
    $kept = $changed = 0;
    foreach ($plan as $step) {
        $ways = waysAt($step, between(sqrt($min * $max) / 2 ** (1 / 3), sqrt($min * $max) * 2 ** (1 / 3)));
        $same = array_values(array_filter($ways, fn (Way $w): bool => $before !== null && $w->filters->label() === $before));
        $stays = $same !== [] && $same[0]->score() < $ways[0]->score() + 0.75;
        $expected = $stays ? $before : ($ways[0] ?? null)?->filters->label();
        $taken = array_values(array_filter($ways, fn (Way $w): bool => $w->filters->label() === $expected))[0] ?? null;
        expect($step->way?->filters->label())->toBe($expected)->and($step->way?->exact->seconds)->toBe($taken?->exact->seconds)
            ->and($step->changes)->toBe($step->way !== null && $expected !== $before);
        $kept += $stays && $ways[0]->filters->label() !== $before ? 1 : 0;
        $changed += $step->changes ? 1 : 0;
        $before = $step->way?->filters->label();
    }
    expect($kept)->toBeGreaterThan(0)->and($changed)->toBeGreaterThan(1);
})->with([[1.0, 4.0], [8.0, 20.0]]);

it('holds the best time to a third of a stop, however wide the look is, or says that it cannot be held', function (ShutterWindow $target, float $bestS): void {
    $plan = HoldPlan::of(duskLight(), $target, bag([nd('Six', 6), nd('Ten', 10)]), new Habits, DUSK, DUSK + 3 * 3600);
    $off = array_map(
        fn (HoldStep $s): ?float => $s->way === null ? null : abs(log($s->way->shutter->seconds / $bestS, 2)), $plan,
    );
    expect(max(array_filter($off, is_float(...))))->toBeLessThanOrEqual(1 / 3 + 1e-9)
        ->and(count(array_filter($off, is_float(...))))->toBeGreaterThan(5)->and($off)->toContain(null);
})->with([
    'a look without an upper bound' => [ShutterWindow::of(ShutterTime::ofSeconds(15), ShutterTime::ofSeconds(14400),
        ShutterTime::ofSeconds(30)), 30.0],
    'any time' => [ShutterWindow::any(ShutterTime::ofSeconds(2)), 2.0],
]);

it('takes a step every five minutes from first to last, or as many as will do over a long time', function (): void {
    $steps = fn (float $hours, float $stepS = 300.0): array => array_map(
        fn (HoldStep $s): float => $s->unix - DUSK,
        HoldPlan::of(duskLight(), between(1, 4), bag([nd('Six', 6)]), new Habits, DUSK, DUSK + $hours * 3600, $stepS),
    );
    expect($steps(0.5))->toBe([0.0, 300.0, 600.0, 900.0, 1200.0, 1500.0, 1800.0])
        ->and($steps(0.5, 900))->toBe([0.0, 900.0, 1800.0])->and($steps(0))->toBe([0.0])
        // A last step that is due within a second is taken.
        ->and($steps(1799.5 / 3600))->toHaveCount(7)->and($steps(1799 / 3600))->toHaveCount(7)->and($steps(1798.5 / 3600))->toHaveCount(6)
        ->and(HoldPlan::of(duskLight(), between(1, 4), bag([]), new Habits, DUSK, DUSK + 900)[1]->unix)->toBe(DUSK + 300)
        ->and($steps(24))->toHaveCount(121)->and($steps(24)[1])->toBe(720.0);
});

it('says the light of each step, and no way where the bag has none', function (): void {
    $light = duskLight();
    $plan = HoldPlan::of($light, between(1, 4), bag([nd('Three', 3)]), new Habits, DUSK - 6 * 3600, DUSK - 5 * 3600, 1800);
    foreach ($plan as $step) {
        expect($step->ev100)->toBe($light->ev100($step->unix))->and($step->way)->toBeNull()->and($step->changes)->toBeFalse()
            ->and($step->driftStopsPerMinute)->toBe($light->driftStopsPerMinute($step->unix));
    }
    expect($plan)->toHaveCount(3);
});

it('needs no filter between the light of the least aperture for the longest time and that of the greatest for the shortest', function (): void {
    $light = duskLight();
    // f/4 for 4 s is EV 2, f/22 for 1 s is EV 8.92, by the exact numbers of the dial, both at ISO 100.
    $spans = HoldPlan::withoutFilter($light, between(1, 4), bag([nd('Six', 6)]), DUSK - 7 * 3600, DUSK + 5 * 3600);
    expect($spans)->toHaveCount(1)->and($light->ev100($spans[0][0]))->toBeAbout(9.0, 0.1)
        ->and($light->ev100($spans[0][1]))->toBeAbout(2.0, 0.02);
});
