<?php

declare(strict_types=1);

use GentlePour\Tide\HarmonicCurve;
use GentlePour\Tide\MeanLongitudes;

// What makes sure that no turn of the tide is passed over: how fast a slope can change in each stretch of thirty hours, by the sums in the
// docblock of HarmonicCurve; and that walking along the hours gives what looking at each gives.

const CARRIER = 14.4920521 * M_PI / 180; // half of M2's speed in radians an hour: the mean moon's hour angle

/** @return array{list<float>, list<float>} in m/h² and m/h³, of each stretch from a day and a half before the span on */
function boundsOf(HarmonicCurve $curve): array
{
    $turns = (fn () => $this->turningPoints)->call($curve);

    return (fn (): array => [$this->ratesMH2, $this->bendsMH3])->call($turns);
}

/**
 * The same by hand: of each species the greatest length at the ends of a stretch, and what its constituents' drifts add to that.
 *
 * @param  array<string, array{float, float}>  $harmonics  amplitude and phase
 */
function boundsByHand(array $harmonics, float $from, int $stretches): array
{
    $start = $from - 36 * 3600;
    $nodes = array_map(fn (int $i): MeanLongitudes => MeanLongitudes::at($start + 720 * 3600 * $i), [0, 1, 2]);
    $rates = $bends = array_fill(0, $stretches, 0.0);
    $species = [];
    foreach ($harmonics as $name => $harmonic) {
        $species[(int) round(deg2rad(constituents()->speed($name)) / CARRIER)][$name] = $harmonic;
    }
    foreach ($species as $n => $members) {
        $w = $n * CARRIER;
        $lengths = array_fill(0, $stretches + 1, 0.0);
        $within = $drifts = 0.0;
        for ($k = 0; $k <= $stretches; $k++) {
            $x = $y = 0.0;
            foreach ($members as $name => [$amplitude, $phase]) {
                $d = deg2rad(constituents()->speed($name)) - $w;
                $corrections = array_map(fn (MeanLongitudes $at): array => constituents()->correction($name, $at), $nodes);
                [$node, $share] = [intdiv($k, 24), $k % 24 / 24];
                $f = $corrections[$node][0] + $share * ($corrections[$node + 1][0] - $corrections[$node][0]);
                $u = $corrections[$node][1] + $share * ($corrections[$node + 1][1] - $corrections[$node][1]);
                $angle = deg2rad(constituents()->argument($name, $nodes[0]) - $phase + $u) + $d * 30 * $k;
                // 2 i w A' - w² A, of which A' turns by the drift: its length is w (2 d + w) for each metre.
                $x += $amplitude * $f * $w * (2 * $d + $w) * cos($angle);
                $y += $amplitude * $f * $w * (2 * $d + $w) * sin($angle);
            }
            $lengths[$k] = hypot($x, $y);
        }
        foreach ($members as $name => [$amplitude]) {
            $speed = deg2rad(constituents()->speed($name));
            $most = $amplitude * max(array_map(fn (MeanLongitudes $at): float => constituents()->correction($name, $at)[0], $nodes));
            $within += $most * ($speed - $w) ** 2 * (1 + ($speed * 30) ** 2 / 8);
            $drifts += $most * $speed ** 2 * abs($speed - $w);
        }
        for ($k = 0; $k < $stretches; $k++) {
            $rate = max($lengths[$k], $lengths[$k + 1]) + $within;
            $rates[$k] += $rate;
            $bends[$k] += $w * $rate + $drifts;
        }
    }

    return [$rates, $bends];
}

it('bounds how fast the slope can change, stretch by stretch, as the sums by hand do', function (array $harmonics): void {
    $from = at('2026-03-05');
    // Thirty-three days with a day and a half on either side: 864 hours, and a stretch more to look beyond the end.
    $curve = harmonicTide($harmonics, $from, 33);
    [$rates, $bends] = boundsOf($curve);
    expect($rates)->toHaveCount(29)->and($bends)->toHaveCount(29);
    [$ratesByHand, $bendsByHand] = boundsByHand($harmonics, $from, 29);
    foreach ($rates as $k => $rate) {
        expect($rate)->toBeAbout($ratesByHand[$k], 1e-9)->and($bends[$k])->toBeAbout($bendsByHand[$k], 1e-9);
    }
})->with([
    'the sun alone' => [['S2' => [1.0, 30.0]]], 'the moon with its node' => [['O1' => [0.7, 10.0]]],
    'two of one species' => [['M2' => [1.2, 140.0], 'S2' => [0.5, 178.0], 'N2' => [0.3, 90.0]]],
    'of many' => [['M2' => [1.2, 140.0], 'S2' => [0.5, 178.0], 'K1' => [0.3, 20.0], 'O1' => [0.2, 300.0], 'M4' => [0.1, 5.0], 'SA' => [0.1, 0.0]]],
]);

it('never lets the slope change or bend faster than its bounds say, nor much slower where one species is alone', function (array $harmonics, float $nearly): void {
    $from = at('2026-03-05');
    $curve = harmonicTide($harmonics, $from, 12);
    [$rates, $bends] = boundsOf($curve);
    $start = $from - 36 * 3600;
    $at = function (float $hour) use ($harmonics, $start): array {
        $now = MeanLongitudes::at($start + 3600 * $hour);
        [$second, $third] = [0.0, 0.0];
        foreach ($harmonics as $name => [$amplitude, $phase]) {
            [$f, $u] = constituents()->correction($name, $now);
            $speed = deg2rad(constituents()->speed($name));
            $angle = deg2rad(constituents()->argument($name, $now) + $u - $phase);
            $second -= $amplitude * $f * $speed ** 2 * cos($angle);
            $third += $amplitude * $f * $speed ** 3 * sin($angle);
        }

        return [abs($second), abs($third)];
    };
    for ($k = 0; $k < 12; $k++) {
        $looks = array_map(fn (int $i): array => $at(30 * $k + $i / 4), range(0, 120));
        [$rate, $bend] = [max(array_column($looks, 0)), max(array_column($looks, 1))];
        expect($rates[$k])->toBeGreaterThan($rate)->toBeLessThan($nearly * $rate)
            ->and($bends[$k])->toBeGreaterThan($bend)->toBeLessThan($nearly * $bend);
    }
})->with([
    'the moon' => [['M2' => [1.0, 140.0]], 1.001], 'the sun' => [['S2' => [1.0, 30.0]], 1.05], 'once a day' => [['O1' => [0.7, 10.0]], 1.1],
    'springs and neaps' => [['M2' => [1.2, 140.0], 'S2' => [0.5, 178.0]], 1.12],
]);

it('walks along the hours to the slopes that a look at each hour gives', function (): void {
    $curve = harmonicTide([
        'M2' => [1.62, 142.0], 'S2' => [0.58, 178.0], 'K1' => [0.24, 48.0], 'O1' => [0.19, 352.0], 'M4' => [0.09, 210.0], 'M6' => [0.05, 20.0],
        'SA' => [0.07, 220.0],
    ], at('2026-10-01'), 5.5);
    $slopes = (fn (): array => $this->slopes())->call($curve);
    // Five and a half days, a day and a half before and after: 204 hours and their end.
    expect($slopes)->toHaveCount(205);
    $look = fn (float $hour): float => (fn (): float => $this->lookAt($hour)[1])->call($curve);
    foreach ($slopes as $hour => $slope) {
        // At the joint of two cubics their slopes are one but for what a computer rounds.
        expect($slope)->toBeAbout($look((float) $hour), 1e-9);
    }
    // A look of 24 minutes more is none.
    expect((fn (): array => $this->slopes())->call(harmonicTide(['M2' => [1.0, 0.0]], at('2026-10-01'), 5.5 + 0.4 / 24)))->toHaveCount(205)
        ->and((fn (): array => $this->slopes())->call(harmonicTide(['M2' => [1.0, 0.0]], at('2026-10-01'), 5.5 + 0.6 / 24)))->toHaveCount(205)
        ->and((fn (): array => $this->slopes())->call(harmonicTide(['M2' => [1.0, 0.0]], at('2026-10-01'), 5.5 + 1.1 / 24)))->toHaveCount(206);
});

it('works out its turns once', function (): void {
    $curve = harmonicTide(['M2' => [1.0, 0.0]], at('2026-10-01'), 3);
    expect($curve->turnsWithMargin()[0])->toBe($curve->turnsWithMargin()[0])
        ->and($curve->eventsWithMargin()[3])->toBe($curve->turnsWithMargin()[3]);
});
