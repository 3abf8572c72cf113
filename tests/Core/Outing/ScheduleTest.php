<?php

declare(strict_types=1);

use GentlePour\Outing\Composition;
use GentlePour\Outing\LongFrame;
use GentlePour\Outing\Schedule;
use GentlePour\Outing\Scheduled;

/** A frame that takes the same at any hour. */
function takes(float $openS, float $busyS = 0.0): Closure
{
    return static fn (int $index, float $unix): LongFrame => new LongFrame($openS, $busyS);
}

it('watches the water first, then takes the most wanted at the first time that is allowed, and packs before it leaves (by hand)', function (): void {
    // Arrived at 0, ready after 3 + 15 minutes; two hours. The first is allowed from an hour on, the second all the time.
    $schedule = Schedule::fit(0.0, 7200.0, [new Composition('posts', [[3600.0, 5400.0]]), new Composition('pool', [[0.0, 7200.0]], 3)],
        takes(30.0));
    [$pool, $posts] = $schedule->frames;
    expect($schedule->readyAt)->toBe(1080.0)->and($pool->composition->name)->toBe('pool')->and($pool->from)->toBe(1080.0)
        ->and($posts->from)->toBe(3600.0)
        // 120 + 60 + (10 + 30 + 40) for one frame, and as much again should it be needed.
        ->and($posts->to - $posts->from)->toBe(120.0 + 60 + 80 + 80)->and($pool->to - $pool->from)->toBe(120.0 + 60 + 3 * 80 + 80)
        ->and($schedule->left)->toBe([])->and($schedule->slackS())->toBe(7200.0 - 300 - 1080 - 340 - 500)
        ->and($schedule->openS())->toBe(30.0 * (2 + 4))
        ->and(array_sum(array_column($posts->parts, 1)))->toBe(340.0);
});

it('says why what found no place did not', function (): void {
    $never = new Composition('never', [[0.0, 900.0], [9000.0, 9900.0]]);
    $dark = new Composition('dark', [[0.0, 7200.0]]);
    $long = new Composition('long', [[1000.0, 1500.0]]);
    $frameAt = static fn (int $index, float $unix): ?LongFrame => $index === 1 ? null : new LongFrame(600.0);
    expect(Schedule::fit(0.0, 7200.0, [$never, $dark, $long], $frameAt)->left)->toBe([
        'tide and light do not allow it while you are there', 'nothing in the bag gives it in that light',
        'there is no time left for it while tide and light allow it',
    ]);
    // One who must leave before the water was watched has no time at all.
    $none = Schedule::fit(0.0, 1200.0, [new Composition('a', [[0.0, 9999.0]])], takes(1.0));
    expect($none->frames)->toBe([])->and($none->slackS())->toBe(-180.0);
});

it('doubles the time of a camera that takes its dark frame, and leaves out the filter where none goes on', function (): void {
    $busy = Schedule::fit(0.0, 9999.0, [new Composition('a', [[0.0, 9999.0]])], takes(60.0, 60.0))->frames[0];
    $bare = Schedule::fit(0.0, 9999.0, [new Composition('a', [[0.0, 9999.0]])],
        fn (): LongFrame => new LongFrame(60.0, 0.0, false))->frames[0];
    expect($busy->to - $busy->from)->toBe(120.0 + 60 + 2 * (10 + 120 + 40))->and($bare->to - $bare->from)->toBe(120.0 + 2 * (10 + 60 + 40));
});

it('never overlaps, keeps to tide, light and the time to leave, leaves time for the lens, and gives the first its way (random outings)', function (): void {
    mt_srand(13);
    for ($i = 0; $i < 300; $i++) {
        $wanted = [];
        for ($k = mt_rand(1, 7); $k > 0; $k--) {
            $from = mt_rand(0, 12_000);
            $wanted[] = new Composition("c{$k}", [[(float) $from, (float) $from + mt_rand(300, 6000)]], mt_rand(1, 4),
                [24.0, 70.0, null][mt_rand(0, 2)]);
        }
        $open = array_map(fn (): float => mt_rand(1, 240), $wanted);
        $schedule = Schedule::fit(0.0, 14_400.0, $wanted, fn (int $index, float $unix): ?LongFrame => fmod($unix, 7000) < 500 ? null
            : new LongFrame($open[$index]));
        expect(count($schedule->frames) + count($schedule->left))->toBe(count($wanted));
        foreach ($schedule->frames as $n => $one) {
            [$from, $to] = $one->composition->spans[0];
            expect($one->from)->toBeGreaterThanOrEqual(max($from, $schedule->readyAt))
                ->and($one->to)->toBeLessThanOrEqual(min($to, 14_100.0));
            $next = $schedule->frames[$n + 1] ?? null;
            if ($next instanceof Scheduled) {
                expect($next->from)->toBeGreaterThanOrEqual($one->to + ($next->changesLens ? Schedule::LENS_S : 0.0))
                    ->and($next->changesLens)->toBe($one->composition->focalMm !== null && $next->composition->focalMm !== null
                        && $one->composition->focalMm !== $next->composition->focalMm);
            }
        }
        // Whatever else is wanted, the first stands where it would stand alone.
        $alone = Schedule::fit(0.0, 14_400.0, [$wanted[0]], fn (int $index, float $unix): ?LongFrame => fmod($unix, 7000) < 500 ? null
            : new LongFrame($open[0]));
        $first = array_values(array_filter($schedule->frames, fn (Scheduled $s): bool => $s->index === 0))[0] ?? null;
        expect($first?->from)->toBe($alone->frames[0]->from ?? null);
    }
});

it('refuses a composition of no frame or of too many', function (): void {
    expect(fn () => new Composition('a', [], 0))->toBeRefused('Between one and 20', 'frames')
        ->and(fn () => new Composition('a', [], 21))->toBeRefused('Between one and 20', 'frames');
});

test('a bracket of two stops is five exposures, open for seven and three quarters of the middle one', function (): void {
    $one = new Composition('a', [[0.0, 9e4]], bracketStops: 2);
    $plain = Schedule::fit(0.0, 20_000.0, [new Composition('a', [[0.0, 9e4]])], static fn (): LongFrame => new LongFrame(60.0));
    $fitted = Schedule::fit(0.0, 20_000.0, [$one], static fn (): LongFrame => new LongFrame(60.0));
    $long = static fn (Schedule $s): float => $s->frames[0]->to - $s->frames[0]->from;

    expect($one->exposures())->toBe(5)->and($one->openTimes())->toBe(7.75)
        // Twice, since one more is reckoned with: 6.75 times a minute, and four more times to settle.
        ->and($long($fitted) - $long($plain))->toBeAbout(2 * (6.75 * 60 + 4 * Schedule::SETTLE_S), 1e-6)
        ->and($fitted->openS())->toBeAbout(2 * 7.75 * 60, 1e-6)
        ->and(static fn () => new Composition('a', [], bracketStops: 4))->toBeRefused('A bracket goes up to 3 stops', 'bracket_stops');
});

it('takes the change of a lens off the slack, and reckons with the dark frame in what batteries must do', function (): void {
    $wanted = [new Composition('wide', [[0.0, 2000.0]], 1, 24.0), new Composition('long', [[2000.0, 9000.0]], 1, 70.0)];
    $schedule = Schedule::fit(0.0, 9000.0, $wanted, takes(30.0, 20.0));
    // 120 + 60 + 2 x (10 + 50 + 40) each, and two minutes for the lens between them.
    expect(array_column($schedule->frames, 'changesLens'))->toBe([false, true])
        ->and($schedule->slackS())->toBe(9000.0 - 300 - 1080 - 2 * 380 - 120)->and($schedule->openS())->toBe(2 * 2 * 50.0);
});

it('knows lenses apart by more than half a millimetre, and where both matter', function (?float $one, ?float $other, bool $changes): void {
    $wanted = [new Composition('a', [[0.0, 2000.0]], 1, $one), new Composition('b', [[2000.0, 9000.0]], 1, $other)];
    expect(Schedule::fit(0.0, 9000.0, $wanted, takes(1.0))->frames[1]->changesLens)->toBe($changes);
})->with([[24.0, 24.5, false], [24.0, 24.6, true], [24.6, 24.0, true], [24.0, null, false], [null, 24.0, false]]);

it('says what is done in each part, of frames and of brackets, one and many', function (int $frames, int $stops, string $words): void {
    $parts = Schedule::fit(0.0, 9e4, [new Composition('a', [[0.0, 9e4]], $frames, null, $stops)], takes(10.0))->frames[0]->parts;
    expect(array_column($parts, 0))->toBe(['compose, focus, base frame', 'filter on, settings', $words, 'once more, if need be']);
})->with([
    [1, 0, 'the long frame, and a look at it'], [3, 0, '3 long frames, and a look at each'], [1, 2, 'the bracket of 5, and a look at it'],
    [2, 1, '2 brackets of 3, and a look at each'],
]);

it('goes on looking past a light in which nothing in the bag gives it, and fills a span to its last second', function (): void {
    $late = static fn (int $index, float $unix): ?LongFrame => $unix < 2000.0 ? null : new LongFrame(30.0);
    expect(Schedule::fit(0.0, 9000.0, [new Composition('a', [[0.0, 9000.0]])], $late)->frames[0]->from)->toBe(1080.0 + 8 * 120);
    // 340 s are what it takes: as long as the span is, and not in one a second shorter.
    expect(Schedule::fit(0.0, 9000.0, [new Composition('a', [[2000.0, 2340.0]])], takes(30.0))->frames)->toHaveCount(1)
        ->and(Schedule::fit(0.0, 9000.0, [new Composition('a', [[2000.0, 2339.0]])], takes(30.0))->frames)->toBe([]);
});

it('lets one follow another at once where the lens stays, from either side', function (): void {
    // The first has the middle; before and after it there is just room for one each.
    $spans = [[2000.0, 2340.0], [1660.0, 2000.0], [2340.0, 2680.0]];
    $wanted = array_map(static fn (array $span): Composition => new Composition('a', [$span], 1, 24.0), $spans);
    expect(array_column(Schedule::fit(0.0, 9000.0, $wanted, takes(30.0))->frames, 'from'))->toBe([1660.0, 2000.0, 2340.0]);
    // With another lens there is not.
    $other = [$wanted[0], new Composition('b', [$spans[1]], 1, 70.0), new Composition('c', [$spans[2]], 1, 70.0)];
    expect(Schedule::fit(0.0, 9000.0, $other, takes(30.0))->frames)->toHaveCount(1);
});

it('takes as many frames and as wide a bracket as there may be', function (): void {
    expect((new Composition('a', [], 20, null, 3))->exposures())->toBe(7)
        ->and(fn () => new Composition('a', [], 21))->toBeRefused('Between one and 20 frames of a composition.', 'frames')
        ->and(fn () => new Composition('a', [], 1, null, 4))->toBeRefused('A bracket goes up to 3 stops to either side.', 'bracket_stops')
        ->and(fn () => new Composition('a', [], 1, null, -1))->toBeRefused('A bracket goes up to');
});
