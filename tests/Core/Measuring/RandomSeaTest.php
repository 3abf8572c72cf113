<?php

declare(strict_types=1);

use GentlePour\Documents\ObservationFiles;
use GentlePour\Measuring\CrestTimer;
use GentlePour\Measuring\FloatRuns;
use GentlePour\Measuring\SetRhythm;
use GentlePour\Measuring\SwashTimer;

/**
 * Presses with the crests of a sea whose waves differ by a tenth or so either way, the same for the same seed.
 *
 * @return list<float>
 */
function crests(int $seed, int $count, float $periodS): array
{
    mt_srand($seed);
    $presses = [0.0];
    for ($i = 1; $i < $count; $i++) {
        $presses[] = $presses[$i - 1] + $periodS * (1 + 0.24 * (mt_rand() / mt_getrandmax() - 0.5));
    }

    return $presses;
}

it('hears the period of any sea within a tenth, from a dozen presses', function (float $periodS): void {
    for ($seed = 1; $seed <= 40; $seed++) {
        $timer = CrestTimer::ofPresses(crests($seed, 13, $periodS));

        expect($timer->periodS())->toBeWithinShare($periodS, 0.1);
        expect($timer->suspects)->toBe([]);
        expect($timer->spreadS())->toBeLessThan(0.2 * $periodS);
    }
})->with([2.0, 6.0, 11.0, 16.0]);

it('finds every missed crest, and the median moves by less than the waves themselves differ', function (): void {
    for ($seed = 1; $seed <= 40; $seed++) {
        $presses = crests($seed, 15, 8.0);
        $missed = 3 + $seed % 9;
        $with = [...array_slice($presses, 0, $missed), ...array_slice($presses, $missed + 1)];
        $timer = CrestTimer::ofPresses($with);

        expect(array_map(static fn ($s): array => [$s->place, $s->missed], $timer->suspects))->toBe([[$missed - 1, true]]);
        expect($timer->periodS())->toBeWithinShare(CrestTimer::ofPresses($presses)->periodS(), 0.12);
        expect(CrestTimer::ofPresses($with, [$missed - 1])->suspects)->toBe([]);
    }
});

it('finds every doubled press, whichever it is', function (): void {
    for ($seed = 1; $seed <= 40; $seed++) {
        $presses = crests($seed, 13, 8.0);
        $doubled = 2 + $seed % 8;
        $with = [...array_slice($presses, 0, $doubled + 1), $presses[$doubled] + 0.35, ...array_slice($presses, $doubled + 1)];
        $timer = CrestTimer::ofPresses($with);

        expect($timer->suspects[0]->place)->toBe($doubled + 1);
        expect($timer->suspects[0]->missed)->toBeFalse();
    }
});

it('counts the same sets whatever clock they were timed by', function (): void {
    $big = [30.0, 38.0, 46.0, 300.0, 309.0, 571.0, 580.0, 588.0];
    $sets = SetRhythm::of($big, 8.0);
    $later = SetRhythm::of(array_map(static fn (float $s): float => $s + 86400, $big), 8.0);

    expect($later->count())->toBe($sets->count());
    expect($later->apartS())->toBe($sets->apartS());
    expect($later->nextExpectedS())->toBeAbout(86400 + (float) $sets->nextExpectedS(), 1e-6);
});

it('never expects the next set before the last has begun', function (): void {
    for ($seed = 1; $seed <= 60; $seed++) {
        mt_srand($seed);
        $big = [];
        $at = 0.0;
        for ($i = 0, $count = mt_rand(2, 30); $i < $count; $i++) {
            $at += mt_rand(0, 3) === 0 ? mt_rand(60, 600) : mt_rand(6, 12);
            $big[] = $at;
        }
        $sets = SetRhythm::of($big, 8.0);
        expect($sets->nextExpectedS() ?? INF)->toBeGreaterThan($at - 600);
        expect($sets->count())->toBeGreaterThan(0);
        expect($sets->size())->toBeGreaterThanOrEqual(1.0);
    }
});

it('takes the retreat for less than the whole rhythm', function (): void {
    for ($seed = 1; $seed <= 30; $seed++) {
        $tops = crests($seed, 8, 9.0);
        $presses = [];
        foreach ($tops as $i => $top) {
            array_push($presses, $top, $top + 3.5 + ($seed % 5) / 10);
        }
        $swash = SwashTimer::ofPresses($presses);
        expect($swash->retreatS)->toBeLessThan((float) $swash->periodS);
        expect($swash->retreats)->toBe(8);
    }
});

it('has a mean between the slowest and the fastest run of a float', function (): void {
    for ($seed = 1; $seed <= 30; $seed++) {
        mt_srand($seed);
        $seconds = array_map(static fn (): float => mt_rand(20, 90) / 10, range(1, mt_rand(1, 9)));
        $runs = FloatRuns::of(10, $seconds);
        expect($runs->surfaceMS())->toBeGreaterThanOrEqual(10 / max($seconds) - 1e-9)->toBeLessThanOrEqual(10 / min($seconds) + 1e-9);
        expect($runs->columnMS())->toBeLessThan($runs->surfaceMS());
    }
});

it('reads whatever is thrown at it without falling over: rows kept or named, none lost in silence', function (): void {
    mt_srand(11);
    $pieces = [
        '2026', '11', '26', '25', '06', '50', 'MM', '1.4', '-9', '9', '99.0', '', 'NaN', '1e999', "\u{00B0}", '#', ',', ';', '"', '0x1A',
        '٣',
    ];
    for ($round = 0; $round < 150; $round++) {
        $lines = [];
        for ($i = 0, $count = mt_rand(1, 12); $i < $count; $i++) {
            $lines[] = implode(' ', array_map(static fn (): string => $pieces[mt_rand(0, count($pieces) - 1)], range(1, mt_rand(1, 10))));
        }
        $read = ObservationFiles::read(
            ['x.txt' => "#YY MM DD hh mm WVHT DPD\n#yr mo dy hr mn m sec\n".implode("\n", $lines)."\n2026 11 26 06 50 1.4 9\n"],
        );
        $said = count(array_filter($lines, static fn (string $l): bool => trim($l) !== '' && ! str_starts_with(ltrim($l), '#')));

        expect(count($read->badLines))->toBeLessThanOrEqual($said);
        expect($read->observations)->not->toBe([]);
        foreach ($read->observations as $row) {
            expect(is_finite($row->unix) && is_finite($row->significantHeightM ?? 0.0) && is_finite($row->peakPeriodS ?? 0.0))->toBeTrue();
        }
    }
});
