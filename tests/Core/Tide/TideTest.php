<?php

declare(strict_types=1);

use GentlePour\Outing\GetOff;
use GentlePour\Outing\RunUp;
use GentlePour\Tide\Constituents;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\HarmonicCurve;
use GentlePour\Tide\LearnedLevel;
use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\MeanLongitudes;
use GentlePour\Tide\NodalCorrection;
use GentlePour\Tide\Sighting;
use GentlePour\Tide\SubordinateCurve;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\Instant;

function constituents(): Constituents
{
    static $table = null;

    return $table ??= Constituents::of(json_decode((string) file_get_contents(dirname(__DIR__, 3).'/data/constituents.json'), true));
}

/** @param  array<string, array{float, float}>  $harmonics */
function harmonicTide(array $harmonics, float $from, float $days, float $mean = 0.0): HarmonicCurve
{
    return HarmonicCurve::of(
        array_map(fn (string $name, array $h): Harmonic => new Harmonic($name, $h[0], $h[1]), array_keys($harmonics), $harmonics),
        constituents(), $mean, $from, $from + 86400 * $days,
    );
}

function demoTide(float $days = 30): HarmonicCurve
{
    return harmonicTide(
        [
            'M2' => [1.62, 142], 'S2' => [0.58, 178], 'N2' => [0.31, 120], 'K1' => [0.24, 48], 'O1' => [0.19, 352], 'M4' => [0.09, 210],
            'SA' => [0.07, 220],
        ],
        at('2026-10-01'), $days, 2.92,
    );
}

function at(string $utc): float
{
    return Instant::parse($utc, new DateTimeZone('UTC'));
}

/** A table of one tide: low at six, high at noon, low at six again. */
function oneTide(): TableCurve
{
    return TableCurve::of(
        [
            new TideEvent(at('2026-10-01T06:00'), 1.0, false), new TideEvent(at('2026-10-01T12:00'), 5.0, true),
            new TideEvent(at('2026-10-01T18:00'), 1.0, false),
        ],
    );
}

it('has the speeds of the tidal committee’s list, which agree with the mean motions (Doodson 1921)', function (): void {
    $hour = fn (float $unix): array => [MeanLongitudes::at($unix), MeanLongitudes::at($unix + 3600)];
    foreach (['M2' => 28.9841042, 'S2' => 30.0, 'N2' => 28.4397295, 'K1' => 15.0410686, 'O1' => 13.9430356, 'M4' => 57.9682084, 'Mf' => 1.0980331] as $name => $degHour) {
        [$now, $then] = $hour(at('2026-08-11'));
        $moved = fmod(constituents()->argument($name, $then) - constituents()->argument($name, $now) + 720, 360);
        expect(constituents()->speed($name))->toBeAbout($degHour, 1e-6)->and($moved)->toBeAbout($degHour, 1e-4);
    }
});

it('bounds the nodal factors as Schureman’s table 14 does (Special Publication 98, 1940; extremes from memory)', function (
    string $name, float $least, float $most,
): void {
    $factors = [];
    for ($year = 1990; $year < 2009; $year++) {
        foreach (['01', '04', '07', '10'] as $month) {
            $factors[] = constituents()->correction($name, MeanLongitudes::at(at("{$year}-{$month}-01")))[0];
        }
    }
    expect(min($factors))->toBeAbout($least, 0.01)->and(max($factors))->toBeAbout($most, 0.01);
})->with([
    ['M2', 0.963, 1.038],
    ['K1', 0.882, 1.113],
    ['O1', 0.806, 1.183],
    ['K2', 0.748, 1.317],
    ['S2', 1.0, 1.0],
    ['M4', 0.928, 1.077],
]);

it('gives compounds the corrections of their members', function (): void {
    $at = MeanLongitudes::at(at('2026-08-11'));
    [$m2, $k1] = [constituents()->correction('M2', $at), constituents()->correction('K1', $at)];

    expect(constituents()->correction('MS4', $at)[0])->toBeAbout($m2[0], 1e-12)
        ->and(constituents()->correction('2MK3', $at)[0])->toBeAbout($m2[0] ** 2 * $k1[0], 1e-12)
        ->and(constituents()->correction('2MK3', $at)[1])->toBeAbout(2 * $m2[1] - $k1[1], 1e-12)
        ->and(NodalCorrection::of('MS4', $at))->toBeNull();
});

it('evaluates to the plain sum of cosines, to a tenth of a millimetre in a metre', function (): void {
    $from = at('2026-10-01');
    $harmonics = ['M2' => [1.62, 142.0], 'S2' => [0.58, 178.0], 'K1' => [0.24, 48.0], 'M6' => [0.03, 20.0], 'MSF' => [0.02, 10.0]];
    $harmonics = array_filter($harmonics, fn (string $name): bool => constituents()->knows($name), ARRAY_FILTER_USE_KEY);
    $curve = harmonicTide($harmonics, $from, 30);
    $base = 86400 * floor(($from - 36 * 3600) / 86400);
    for ($hour = 0.3; $hour < 720; $hour += 7.7) {
        $sum = 0.0;
        foreach ($harmonics as $name => [$amplitude, $phase]) {
            [$f, $u] = constituents()->correction($name, MeanLongitudes::at($from + 3600 * $hour));
            $v = constituents()->argument(
                $name, MeanLongitudes::at($base),
            ) + constituents()->speed($name) * (($from - $base) / 3600 + $hour);
            $sum += $f * $amplitude * cos(deg2rad($v + $u - $phase));
        }
        expect($curve->heightM($from + 3600 * $hour))->toBeAbout($sum, 3e-4);
    }
});

it('has its high and low waters where the curve turns, to a second', function (): void {
    $curve = demoTide();
    $events = $curve->events();
    expect(count($events))->toBe(116);
    foreach ($events as $i => $event) {
        $slope = fn (float $unix): float => $curve->heightM($unix + 30) - $curve->heightM($unix - 30);
        expect($slope($event->unix - 2) * ($event->high ? 1 : -1))->toBeGreaterThan(0)
            ->and($slope($event->unix + 2) * ($event->high ? 1 : -1))->toBeLessThan(0)
            ->and($curve->heightM($event->unix))->toBeAbout($event->heightM, 1e-9)
            ->and($i === 0 || $events[$i - 1]->high !== $event->high)->toBeTrue();
    }
});

it('gives the same waters whatever span is asked for', function (): void {
    $long = demoTide(30)->events();
    $short = harmonicTide(
        [
            'M2' => [1.62, 142], 'S2' => [0.58, 178], 'N2' => [0.31, 120], 'K1' => [0.24, 48], 'O1' => [0.19, 352], 'M4' => [0.09, 210],
            'SA' => [0.07, 220],
        ],
        at('2026-10-10'), 3, 2.92,
    )->events();
    foreach ($short as $event) {
        $same = array_values(array_filter($long, fn (TideEvent $e): bool => abs($e->unix - $event->unix) < 5));
        expect(count($same))->toBe(1)->and($same[0]->heightM)->toBeAbout($event->heightM, 0.001);
    }
});

it('falls and rises by the rule of twelfths between two waters of a table, within its rounding (common practice)', function (): void {
    $sixths = array_map(fn (int $i): float => (oneTide()->heightM(at('2026-10-01T06:00') + 3600 * $i) - 1.0) / 4.0 * 12, range(0, 6));
    foreach ([0, 1, 3, 6, 9, 11, 12] as $i => $twelfths) {
        expect($sixths[$i])->toBeAbout($twelfths, 0.25);
    }
});

it('refuses tables that make no tide', function (): void {
    $e = fn (string $at, float $m, bool $high): TideEvent => new TideEvent(at($at), $m, $high);

    expect(fn () => TableCurve::of([$e('2026-10-01T06:00', 1, false)]))->toBeRefused('two high or low')
        ->and(fn () => TableCurve::of([$e('2026-10-01T06:00', 1, false), $e('2026-10-01T06:05', 4, true)]))->toBeRefused('ten minutes')
        ->and(fn () => TableCurve::of([$e('2026-10-01T06:00', 4, false), $e('2026-10-01T12:00', 1, true)]))->toBeRefused('low water stands higher');
});

it('moves a subordinate place’s waters in time and height, and stretches the curve between', function (): void {
    $reference = demoTide();
    $curve = SubordinateCurve::of($reference, SubordinateOffsets::of(20, 35, true, 0.8, 0.6));
    foreach (array_slice($curve->events(), 2, 20) as $event) {
        $theirs = array_values(
            array_filter($reference->events(), fn (TideEvent $e): bool => abs($e->unix + ($e->high ? 1200 : 2100) - $event->unix) < 1),
        )[0];
        expect($event->heightM)->toBeAbout($theirs->heightM * ($event->high ? 0.8 : 0.6), 1e-9)
            ->and($curve->heightM($event->unix))->toBeAbout($event->heightM, 1e-6);
    }
    expect(fn () => SubordinateOffsets::of(9999, 0, true, 1, 1))->toBeRefused('time')
        ->and(fn () => SubordinateOffsets::of(0, 0, true, 99, 1))->toBeRefused('ratio');
});

it('finds when the tide stands above, below and between heights, as walking along the curve does', function (?float $above, ?float $below): void {
    $curve = demoTide(6);
    $level = Level::between($above, $below);
    $spans = $level->spans($curve);
    $inside = fn (float $unix): bool => array_filter(
        $spans, fn (LevelSpan $s): bool => $unix >= $s->from - 1 && $unix <= $s->to + 1,
    ) !== [];
    for ($unix = $curve->from(); $unix < $curve->to(); $unix += 97) {
        $margin = min(abs($curve->heightM($unix) - ($above ?? 99)), abs($curve->heightM($unix) - ($below ?? 99)));
        if ($margin > 0.002) {
            expect($inside($unix))->toBe($level->holds($curve->heightM($unix)));
        }
    }
    foreach ($spans as $span) {
        expect($span->highestM)->toBeGreaterThanOrEqual($span->lowestM)->and($span->to)->toBeGreaterThan($span->from);
    }
})->with([
    [4.0, null],
    [null, 1.5],
    [2.0, 4.2],
    [2.9, 3.0],
]);

it('passes over what is not asked for without changing the rest', function (): void {
    $curve = demoTide(10);
    $within = [[$curve->from() + 86400, $curve->from() + 2 * 86400], [$curve->from() + 6 * 86400, $curve->from() + 7 * 86400]];
    $all = Level::between(4.0, null)->spans($curve);
    foreach (Level::between(4.0, null)->spans($curve, $within) as $span) {
        $same = array_filter($all, fn (LevelSpan $s): bool => abs($s->from - $span->from) < 1 || abs($s->to - $span->to) < 1);
        expect($same)->not->toBe([]);
    }
    foreach ($all as $span) {
        $overlaps = array_filter($within, fn (array $w): bool => $span->from < $w[1] && $span->to > $w[0]);
        $found = array_filter(
            Level::between(4.0, null)->spans($curve, $within), fn (LevelSpan $s): bool => $s->from < $span->to && $s->to > $span->from,
        );
        expect($overlaps === [] || $found !== [])->toBeTrue();
    }
});

it('learns a level from sightings, and takes the safe side', function (): void {
    $seen = fn (float $m, bool $reached): Sighting => new Sighting(0, $m, $reached);
    $learned = LearnedLevel::of([$seen(3.2, false), $seen(4.4, true), $seen(3.6, false), $seen(4.1, true)]);

    expect($learned->notReachedM)->toBe(3.6)->and($learned->reachedM)->toBe(4.1)->and($learned->isContradicted())->toBeFalse()
        ->and($learned->toBeReachedM())->toBe(4.1)->and($learned->toStayDryM())->toBe(3.6)
        ->and(LearnedLevel::of([])->toBeReachedM())->toBeNull();
});

it('says which sightings speak against each other', function (): void {
    $seen = fn (float $m, bool $reached): Sighting => new Sighting(0, $m, $reached);
    $learned = LearnedLevel::of([$seen(3.2, false), $seen(3.9, false), $seen(3.8, true), $seen(4.4, true)]);

    expect($learned->isContradicted())->toBeTrue()->and(count($learned->contradicting))->toBe(2)
        ->and($learned->toBeReachedM())->toBe(3.9)->and($learned->toStayDryM())->toBe(3.8);
});

it('runs up a beach as Stockdon et al. (2006) have it, closed form', function (): void {
    // H 2 m, T 10 s: L0 = 156.1 m, sqrt(H L0) = 17.67 m.
    expect(RunUp::exceededByTwoPercentM(2, 10, 0.1))->toBeAbout(
        1.1 * (0.35 * 0.1 * 17.668 + 0.5 * sqrt(312.2 * (0.563 * 0.01 + 0.004))), 0.005,
    )
        ->and(RunUp::exceededByTwoPercentM(2, 10, 0.02))->toBeAbout(0.043 * 17.668, 0.002)
        ->and(RunUp::exceededByTwoPercentM(2, 10, 0.1, true))->toBe(2 * RunUp::exceededByTwoPercentM(2, 10, 0.1))
        ->and(RunUp::exceededByTwoPercentM(0, 10, 0.1))->toBe(0.0)
        ->and(fn () => RunUp::exceededByTwoPercentM(-1, 10, 0.1))->toBeRefused('wave height');
});

it('says to leave before tide, run-up and margin reach the way out, with time to walk', function (): void {
    // Half a cosine from 1 to 5 m between six and noon passes 3 m at nine.
    $getOff = GetOff::after(oneTide(), at('2026-10-01T06:30'), 4.5, 3.8, 0.5, 0.3, 20);

    expect($getOff?->levelM)->toBeAbout(3.0, 1e-9)->and($getOff?->reachedUnix)->toBeAbout(at('2026-10-01T09:00'), 2)
        ->and($getOff?->leaveUnix)->toBeAbout(at('2026-10-01T08:40'), 2)
        ->and($getOff?->riseMPerTenMinutes)->toBeAbout(2 * M_PI / 36, 0.002)
        ->and(GetOff::after(oneTide(), at('2026-10-01T06:30'), 9.0, null, 0.5, 0.3, 20))->toBeNull()
        ->and(GetOff::after(oneTide(), at('2026-10-01T11:00'), 4.5, 3.8, 0.5, 0.3, 20)?->reachedUnix)->toBe(at('2026-10-01T11:00'));

    // Someone who comes at eleven finds it awash, and until the tide has fallen as far as it had risen: the half cosine about high water is
    // even.
    $later = GetOff::after(oneTide(), at('2026-10-01T11:00'), 4.5, 3.8, 0.5, 0.3, 20);
    expect($getOff?->awashUntilUnix)->toBeNull()->and($later?->awashUntilUnix)->toBeGreaterThan(at('2026-10-01T11:00'))
        ->and(oneTide()->heightM((float) $later?->awashUntilUnix))->toBeAbout((float) $later?->levelM, 0.002);
});

it('keeps impossible spans and years out', function (): void {
    $tide = fn (float $from, float $to): TideCurve => HarmonicCurve::of([new Harmonic('M2', 1, 0)], constituents(), 0, $from, $to);

    expect(fn () => $tide(at('2026-10-02'), at('2026-10-01')))->toBeRefused('end must come after', 'to')
        ->and(fn () => $tide(at('2026-10-02'), at('2036-10-01')))->toBeRefused('Three years', 'to')
        ->and(fn () => $tide(NAN, 0))->toBeRefused('1900 to 2100', 'from')
        ->and(fn () => $tide(568_000_000_000, 568_000_090_000))->toBeRefused('1900 to 2100', 'from');
});

it('reads instants as they are written, by the place’s clock, and no others', function (): void {
    $london = new DateTimeZone('Europe/London');

    expect(Instant::parse('2026-07-01T06:30', $london))->toBe((float) gmmktime(5, 30, 0, 7, 1, 2026))
        ->and(Instant::parse('2026-07-01T06:30:00Z', $london))->toBe((float) gmmktime(6, 30, 0, 7, 1, 2026))
        ->and(Instant::parse('2026-07-01', $london))->toBe((float) gmmktime(23, 0, 0, 6, 30, 2026))
        ->and(Instant::write(Instant::parse('2026-07-01T06:30', $london), $london))->toBe('2026-07-01T06:30:00+01:00');
    foreach (['20000-01-01', '2026-02-30', 'tomorrow', '', '2026-13-01', '1776-07-04', '2026-01-01T25:00', '2026-01-01T10:61'] as $written) {
        expect(fn () => Instant::parse($written, $london))->toBeRefused('');
    }
    expect(fn () => Instant::timezone('Moon/Base'))->toBeRefused('time zone');
});
