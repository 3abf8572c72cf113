<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\FramePlan;
use GentlePour\Documents\PlannedWay;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Outing\Step;
use GentlePour\Solving\BackSolver;

function framePlan(?CrestRhythm $rhythm = null): FramePlan
{
    $way = BackSolver::solve(question(bag([nd('Six', 6)]), 0.55, 3.06))->best() ?? throw new LogicException;

    return new FramePlan(
        PlannedWay::of($way), 0.5, 1.25, 3.0, 1.5, $rhythm, 'Open with the crest.', '1/60, f/11, ISO 100', 12.9, 4.0, 0.25, 0.31, 0.125,
        30.0,
        [new Step('compose', 'Compose', 'Level.', 'it may be off'), new Step('base', 'Base', 'Look.', 'it may be wrong')],
        ['Mind the sea.'],
        'the ladder, held', null,
        [new LookBand(Look::Held, null, 0.004), new LookBand(Look::Silk, 0.004, 2.5), new LookBand(Look::Glass, 2.5, null)], true,
    );
}

function again(FramePlan $plan): FramePlan
{
    return FramePlan::read(Fields::ofJson((string) json_encode($plan->toArray(), JSON_PRESERVE_ZERO_FRACTION)));
}

it('reads back exactly what it wrote, with a rhythm and without', function (?CrestRhythm $rhythm): void {
    $plan = framePlan($rhythm);
    expect(again($plan))->toEqual($plan)->and($plan->toArray()['version'])->toBe(FramePlan::VERSION)
        ->and(array_keys($plan->toArray()))->toBe([
            'version', 'way', 'window', 'rhythm', 'moment', 'reading', 'water', 'longest_timed_s', 'steps', 'cautions', 'purpose', 'guess',
            'looks',
            'noise_in_camera',
        ]);
})->with([null, fn () => new CrestRhythm(8.0, 0.9, 1.79e12), fn () => new CrestRhythm(8.0, null, 1.79e12, 96.0, 1.79e12 + 5e4)]);

it('reads a plan of the first version, which did not say its version nor the middle of its look', function (): void {
    $old = framePlan()->toArray();
    unset($old['version'], $old['looks'], $old['noise_in_camera'], $old['window']['middle_s'], $old['purpose'], $old['moment'],
        $old['water']['waves']);
    $plan = FramePlan::read(new Fields($old));
    expect($plan->middleS)->toBe(1.25)->and($plan->purpose)->toBeNull()->and($plan->moment)->toBeNull()->and($plan->waves)->toBeNull()
        ->and($plan->looks)->toBe([])->and($plan->noiseInCamera)->toBeFalse()
        ->and($plan->rhythm)->toBeNull()->and($plan->steps[1])->toEqual(new Step('base', 'Base', 'Look.', 'it may be wrong'));
});

it('refuses a plan of a version that is yet to come, and one that is none', function (): void {
    $plan = framePlan()->toArray();
    expect(fn () => FramePlan::read(new Fields(['version' => 3] + $plan)))->toBeRefused('newer version', 'version')
        ->and(fn () => FramePlan::read(new Fields(['looks' => ['woolly' => 2.0]] + $plan)))->toBeRefused('“woolly” is no look', 'looks')
        ->and(fn () => FramePlan::read(new Fields(['way' => []] + $plan)))->toBeRefused('needed', 'way.shutter_s')
        ->and(fn () => FramePlan::read(Fields::ofJson('{}')))->toBeRefused('“window” is needed', 'window');
});
