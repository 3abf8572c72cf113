<?php

declare(strict_types=1);

use GentlePour\Exposure\ShutterTime;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\WaterKind;
use GentlePour\Motion\WaterSpec;

// What photographers of water say of their times, put beside the model as one table. Common practice throughout. docs/numbers.md shows the
// same table; how far the model falls short is said there in stops, and this test holds the two to each other.

/** Stops beyond which a misfit has to be named below as one. */
const MISFIT_UNNAMED = 0.5;

/**
 * @return list<array{0: string, 1: WaterSpec, 2: array{float, float}, 3: non-empty-list<Look>, 4: float, 5: float, 6?: float}> the fact; its
 *     water; distance in m and focal length in mm; the looks that people mean; from and to in s; the misfit that is known of
 */
function tradeFacts(): array
{
    $stream = new WaterSpec(WaterKind::River, speedMS: 1.0);
    $surf = new WaterSpec(WaterKind::Surf, periodS: 8.0, heightM: 1.0);
    $gentle = new WaterSpec(WaterKind::Swell, periodS: 4.0);
    $gone = [Look::Mist, Look::Glass];

    return [
        ['a fall of 1 m from 4 m', new WaterSpec(WaterKind::Plunge, dropM: 1.0), [4, 24], [Look::Silk], 1.0, 1.5],
        ['a fall of 3 m from 5 m', new WaterSpec(WaterKind::Plunge, dropM: 3.0), [5, 24], [Look::Silk], 1.0, 1.5],
        ['the same from 15 m', new WaterSpec(WaterKind::Plunge, dropM: 3.0), [15, 24], [Look::Silk], 1.0, 1.5],
        ['a fall of 20 m from 30 m', new WaterSpec(WaterKind::Plunge, dropM: 20.0), [30, 24], [Look::Silk], 1.0, 1.5],
        ['a fall of 40 m from 60 m', new WaterSpec(WaterKind::Plunge, dropM: 40.0), [60, 24], [Look::Silk], 1.0, 1.5],
        ['a cascade of 4 m/s from 8 m', new WaterSpec(WaterKind::Cascade, speedMS: 4.0), [8, 24], [Look::Silk], 1.0, 1.5],
        ['a fall like milk', new WaterSpec(WaterKind::Plunge, dropM: 3.0), [5, 24], $gone, 30.0, 30.0],
        ['a stream of 1 m/s, framed 2 m wide', $stream, [2 / 1.5, 24], [Look::Silk], 0.5, 2.0],
        ['the same, framed 3 m wide', $stream, [3 / 1.5, 24], [Look::Silk], 0.5, 2.0, 0.5],
        ['surf of 8 s, painted', $surf, [10, 24], [Look::Brushed], 0.25, 1.0],
        ['surf at the usual time', $surf, [10, 24], [Look::Brushed, Look::Silk], 0.5, 2.0],
        ['surf, smooth', $surf, [10, 24], [Look::Silk], 2.0, 10.0],
        ['surf, called mist or ghost', $surf, [10, 24], $gone, 15.0, 60.0],
        ['surf, flat after minutes', $surf, [10, 24], [Look::Glass], 180.0, 480.0],
        ['storm surf of 5 m at 400 mm from 500 m', new WaterSpec(WaterKind::Surf, periodS: 12.0, heightM: 5.0), [500, 400], [Look::Brushed],
            1 / 15, 1 / 4, 0.8],
        ['a swell of 8 s at the usual time', new WaterSpec(WaterKind::Swell, periodS: 8.0), [10, 24], [Look::Brushed, Look::Silk], 0.5,
            2.0],
        ['gentle waves of 4 s, outlines left', $gentle, [12, 24], [Look::Brushed, Look::Silk], 2.0, 2.0],
        ['gentle waves nearly gone', $gentle, [12, 24], $gone, 4.0, 4.0],
        ['gentle waves without texture', $gentle, [12, 24], [Look::Glass], 30.0, 30.0],
        ['chop of 3 s nearly gone', new WaterSpec(WaterKind::Chop, periodS: 3.0), [20, 24], $gone, 4.0, 4.0],
        ['a long swell flat after minutes', new WaterSpec(WaterKind::Swell, periodS: 12.0), [15, 24], [Look::Glass], 180.0, 480.0],
    ];
}

/** @param  array{float, float}  $seen */
function seenAt(array $seen): Framing
{
    return new Framing(new Sensor(36, 24), $seen[1], $seen[0]);
}

/**
 * From where to where the model has the looks, in seconds.
 *
 * @param  array{float, float}  $seen
 * @param  list<Look>  $looks
 * @return array{float, float}
 */
function modelSpan(WaterSpec $water, array $seen, array $looks): array
{
    $bands = LookBands::of($water->in(seenAt($seen)), seenAt($seen));
    $of = array_values(array_filter(array_map($bands->band(...), $looks)));

    return [min(array_map(static fn (LookBand $b): float => $b->minS ?? 0.0, $of)),
        max(array_map(static fn (LookBand $b): float => $b->maxS ?? INF, $of))];
}

/** Stops by which the model's span falls short of the trade's at its worse end. */
function misfitStops(float $from, float $to, float $least, float $most): float
{
    return max(0.0, log($least / $from, 2), is_finite($most) ? log($to / $most, 2) : 0.0);
}

it('agrees with the trade to half a stop, or says by how much it does not', function (
    string $fact, WaterSpec $water, array $seen, array $looks, float $from, float $to, float $known = 0.0,
): void {
    [$least, $most] = modelSpan($water, $seen, $looks);
    $misfit = misfitStops($from, $to, $least, $most);

    $known > 0 ? expect($misfit)->toBeAbout($known, 0.1)->toBeGreaterThan(MISFIT_UNNAMED)
        : expect($misfit)->toBeLessThanOrEqual(MISFIT_UNNAMED);
})->with(tradeFacts());

it('stands in docs/numbers.md as it is worked out', function (): void {
    $page = (string) file_get_contents(dirname(__DIR__, 3).'/docs/numbers.md');
    $time = static fn (float $s): string => ShutterTime::ofSeconds(max(1 / 16000, $s))->label();
    foreach (tradeFacts() as $row) {
        [$fact, $water, $seen, $looks, $from, $to] = $row;
        [$least, $most] = modelSpan($water, $seen, $looks);
        $line = sprintf(
            '| %s | %s | %s | %s | %.1f |', $fact, implode(' or ', array_map(static fn (Look $l): string => $l->value, $looks)),
            $from === $to ? $time($from) : $time($from).' to '.$time($to),
            is_finite($most) ? $time($least).' to '.$time($most) : 'from '.$time($least), misfitStops($from, $to, $least, $most),
        );
        expect($page)->toContain($line);
    }
});

it('tells 1/10 from 1/5 s on any fall at a glance: a drop of 0.08 of the texture or more', function (float $dropM, float $distanceM): void {
    $fall = (new WaterSpec(WaterKind::Plunge, dropM: $dropM))->in(seenAt([$distanceM, 24]));

    expect($fall->textureKept(0.1) - $fall->textureKept(0.2))->toBeGreaterThanOrEqual(0.08);
})->with([[1, 4], [3, 5], [3, 15], [20, 30], [40, 60]]);

it('needs less time the closer the camera or the longer the lens: three frames of one fall differ', function (): void {
    $silk = static fn (float $distanceM, float $focalMm): float => modelSpan(new WaterSpec(WaterKind::Plunge, dropM: 3.0),
        [$distanceM, $focalMm], [Look::Silk])[0];
    [$near, $far, $long] = [$silk(5, 24), $silk(15, 24), $silk(15, 70)];

    // A frame three times as wide: half a stop to a stop. The last two frames are nearly the same, and so are their times.
    expect(log($far / $near, 2))->toBeGreaterThan(0.5)->toBeLessThan(1.0)
        ->and($long)->toBeGreaterThan($near)->toBeLessThan(1.1 * $near);
});

it('moves silk by half a stop to a stop for three times the frame, for each flow whose sizes reach that far', function (WaterKind $kind, float $distanceM): void {
    $silk = static fn (float $distance): float => modelSpan(new WaterSpec($kind, speedMS: 2.0), [$distance, 24], [Look::Silk])[0];

    expect(log($silk(3 * $distanceM) / $silk($distanceM), 2))->toBeGreaterThan(0.5)->toBeLessThan(1.0);
})->with([
    'a plunging fall' => [WaterKind::Plunge, 5.0], 'a cascade' => [WaterKind::Cascade, 4.0], 'a rapid' => [WaterKind::Rapid, 4.0],
    'a weir' => [WaterKind::Weir, 2.5], 'a river' => [WaterKind::River, 0.8], 'a backwash' => [WaterKind::Backwash, 2.0],
]);
