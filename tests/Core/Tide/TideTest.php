<?php

declare(strict_types=1);

use GentlePour\Tide\ExtremeFilter;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\HarmonicCurve;
use GentlePour\Tide\LearnedLevel;
use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\MeanLongitudes;
use GentlePour\Tide\NodalCorrection;
use GentlePour\Tide\Sighting;
use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateCurve;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;

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

it('has the speeds of the tidal committee’s list, which agree with the mean motions (Doodson 1921)', function (): void {
    $hour = fn (float $unix): array => [MeanLongitudes::at($unix), MeanLongitudes::at($unix + 3600)];
    foreach (['M2' => 28.9841042, 'S2' => 30.0, 'N2' => 28.4397295, 'K1' => 15.0410686, 'O1' => 13.9430356, 'M4' => 57.9682084,
        'Mf' => 1.0980331] as $name => $degHour) {
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
        ->and(fn () => TableCurve::of([$e('2026-10-01T06:00', 4, false),
            $e('2026-10-01T12:00', 1, true)]))->toBeRefused('low water stands higher');
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
        ->and($learned->toBeReachedM())->toBe(4.4)->and($learned->toStayDryM())->toBe(3.2);
});

it('never counts as reached a height that was seen dry, nor as dry one that was seen reached (400 logs by chance)', function (): void {
    mt_srand(11);
    for ($i = 0; $i < 400; $i++) {
        $seen = array_map(fn (): Sighting => new Sighting(0, mt_rand(20, 50) / 10, mt_rand(0, 1) === 1), range(1, mt_rand(1, 8)));
        $learned = LearnedLevel::of($seen);
        foreach ($seen as $one) {
            $one->reached
                ? expect($learned->toStayDryM() ?? -INF)->toBeLessThan($one->predictedM)
                : expect($learned->toBeReachedM() ?? INF)->toBeGreaterThan($one->predictedM);
        }
        expect($learned->isContradicted())->toBe(array_filter($seen, fn (Sighting $dry): bool => ! $dry->reached
            && array_filter($seen, fn (Sighting $wet): bool => $wet->reached && $wet->predictedM <= $dry->predictedM) !== []) !== []);
    }
});

it('works its waters out once, and refuses a mean level that no place has', function (): void {
    $curve = demoTide(5);
    expect($curve->eventsWithMargin())->toBe($curve->eventsWithMargin())
        ->and($curve->eventsWithMargin()[0]->unix)->toBeLessThan($curve->from() - 86400)
        ->and($curve->eventsWithMargin()[count($curve->eventsWithMargin()) - 1]->unix)->toBeGreaterThan($curve->to() + 86400)
        ->and(fn () => harmonicTide(['M2' => [1.0, 0.0]], at('2026-10-01'), 1, 999.0))->toBeRefused('mean level')
        // No tide at all has no waters.
        ->and(harmonicTide([], at('2026-10-01'), 3, 1.5)->events())->toBe([])
        ->and(harmonicTide(['M2' => [0.0, 0.0]], at('2026-10-01'), 3, 1.5)->eventsWithMargin())->toBe([])
        ->and(harmonicTide([], at('2026-10-01'), 3, 1.5)->heightM(at('2026-10-02')))->toBe(1.5);
});

it('keeps impossible spans and years out', function (): void {
    $tide = fn (float $from, float $to): TideCurve => HarmonicCurve::of([new Harmonic('M2', 1, 0)], constituents(), 0, $from, $to);

    expect(fn () => $tide(at('2026-10-02'), at('2026-10-01')))->toBeRefused('end must come after', 'to')
        ->and(fn () => $tide(at('2026-10-02'), at('2036-10-01')))->toBeRefused('Three years', 'to')
        ->and(fn () => $tide(NAN, 0))->toBeRefused('1900 to 2100', 'from')
        ->and(fn () => $tide(568_000_000_000, 568_000_090_000))->toBeRefused('1900 to 2100', 'from');
});

it('reckons a spring range of twice the four main amplitudes, as a subordinate place’s high waters stretch it', function (): void {
    $main = ['M2' => 1.5, 'S2' => 0.5, 'K1' => 0.2, 'O1' => 0.1, 'N2' => 0.4, 'M4' => 0.3];
    expect(stationOf($main)->springRangeM())->toBeAbout(4.6, 1e-9)
        ->and(stationOf($main, SubordinateOffsets::of(0, 0, true, 1.2, 0.8))->springRangeM())->toBeAbout(5.52, 1e-9)
        ->and(stationOf($main, SubordinateOffsets::of(0, 0, true, 0.0, 0.8))->springRangeM())->toBe(0.0)
        ->and(stationOf($main, SubordinateOffsets::of(0, 0, true, -0.5, 0.8))->springRangeM())->toBe(0.0)
        ->and(stationOf($main, SubordinateOffsets::of(0, 0, false, 1.2, 0.8))->springRangeM())->toBeAbout(4.6, 1e-9);
});

it('says of neighbours when the tide of one runs half as high again as another’s (judgement)', function (): void {
    $of = fn (float ...$m): ?array => Station::ranges(array_map(fn (float $a): Station => stationOf(['M2' => $a]), $m));
    expect($of(1.0, 1.51))->toBe([2.0, 3.02])->and($of(1.0, 1.49))->toBeNull()->and($of(1.0, 1.5))->toBeNull()->and($of(1.0))->toBeNull()->and($of())->toBeNull()
        ->and($of(1.0, 0.02))->toBeNull()->and($of(2.0, 0.02, 1.0))->toBe([2.0, 4.0]);
});

it('counts heights from the datum that is asked for, else from chart datum, and refuses one it has not', function (): void {
    $station = stationOf(['M2' => 1.0]);
    $mean = fn (?string $datum): float => $station->curve(
        constituents(), at('2026-10-01'), at('2026-10-30'), $datum,
    )->heightM(at('2026-10-02'))
        - $station->curve(constituents(), at('2026-10-01'), at('2026-10-30'), 'MSL')->heightM(at('2026-10-02'));
    expect($mean(null))->toBeAbout(2.5, 1e-9)->and($mean('MHW'))->toBeAbout(-2.0, 1e-9)
        ->and($station->datumNames())->toBe(['MSL', 'MLLW', 'MHW'])->and($station->defaultDatum())->toBe('MLLW')
        ->and(fn () => $mean('LAT'))->toBeRefused('MSL', 'datum')
        ->and(fn () => stationOf([])->curve(constituents(), at('2026-10-01'), at('2026-10-02')))->toBeRefused('no harmonic constants',
            'station');
});

it('measures a quarter of the meridian as 10,008 km on a sphere of 6371 km (closed form)', function (): void {
    expect(Station::haversineKm(0, 0, 90, 0))->toBeAbout(6371 * M_PI / 2, 1e-6)
        ->and(Station::haversineKm(60, 10, 60, 10))->toBe(0.0)
        ->and(Station::haversineKm(0, -1, 0, 1))->toBeAbout(6371 * M_PI / 90, 1e-6)
        ->and(Station::haversineKm(60, 0, 60, 180))->toBeAbout(6371 * M_PI / 3, 1e-6)
        ->and(stationOf([])->distanceKm(57.0, -7.0))->toBe(0.0);
});

it('drops stands of less than a centimetre, keeps of each its highest or lowest, and always alternates (practice of tidal services)', function (): void {
    $events = fn (float ...$heights): array => array_map(
        fn (int $i, float $m): TideEvent => new TideEvent(4000 * $i, $m, $i % 2 === 1), array_keys($heights), $heights,
    );
    $kept = fn (float ...$heights): array => array_map(
        fn (TideEvent $e): array => [$e->unix / 4000, $e->high], ExtremeFilter::keep($events(...$heights)),
    );
    $all = fn (int ...$places): array => array_map(fn (int $i): array => [(float) $i, $i % 2 === 1], $places);
    expect($kept(0.0, 2.5, 1.992, 2.0, 0.0))->toEqual($all(0, 1, 4))->and($kept(0.0, 2.0, 1.992, 2.5, 0.0))->toEqual($all(0, 3, 4))
        // A dip of a centimetre and a little keeps both heads; also below the datum.
        ->and($kept(0.0, 2.0, 1.989, 2.5, 0.0))->toEqual($all(0, 1, 2, 3, 4))
        ->and($kept(-2.0, 0.0, -0.01, 2.5, 0.0))->toEqual($all(0, 1, 2, 3, 4))
        // On the way up and on the way down, where it would leave a low under a low and a high over a high.
        ->and($kept(0.0, 1.0, 0.995, 2.5, 0.0))->toEqual($all(0, 3, 4))->and($kept(0.0, 2.5, 1.0, 1.005, 0.0))->toEqual($all(0, 1, 4))
        // Wiggle after wiggle, each of less than a centimetre, down a stair of more.
        ->and($kept(0.0, 2.0, 1.993, 1.998, 1.991, 1.996, 1.5))->toEqual($all(0, 1, 6))
        // Of two alike the first; a tide of nothing has its first turn.
        ->and($kept(0.0, 2.0, 1.995, 2.0, 0.0))->toEqual($all(0, 1, 4))->and($kept(0.0, 0.001, 0.0, 0.001))->toEqual($all(0))
        ->and(ExtremeFilter::keep([]))->toBe([]);
});

it('lists one low water where a stand of 4 March 1993 had two in a row (noaa/8728978)', function (): void {
    $events = shippedStation('noaa/8728978')->curve(constituents(), at('1993-03-01'), at('1993-03-08'))->events();
    $kinds = array_map(fn (TideEvent $e): bool => $e->high, $events);

    for ($i = 1; $i < count($kinds); $i++) {
        expect($kinds[$i])->not->toBe($kinds[$i - 1]);
    }
    expect(count(array_filter($events, fn (TideEvent $e): bool => ! $e->high && abs($e->unix - at('1993-03-04 13:00')) < 5 * 3600)))
        ->toBe(1);
});

it('only shifts heights by the datum, also where a subordinate station stretches them by ratios', function (): void {
    $of = fn (array $datums, ?SubordinateOffsets $offsets, ?Station $reference): Station => new Station(
        'made/1', 'Made Harbour', 57.0, -7.0, 'UTC', 'MLLW', $datums, [new Harmonic('M2', 1.5, 30.0), new Harmonic('K1', 0.2, 10.0)],
        $offsets, $reference, '',
        '', true,
    );
    $reference = $of(['MSL' => 5.0, 'MLLW' => 3.0, 'MHW' => 6.5], null, null);
    $ratios = SubordinateOffsets::of(20, 35, true, 0.5, 0.4);
    $heights = fn (Station $station, ?string $datum): array => array_map(
        fn (TideEvent $e): float => $e->heightM, $station->curve(constituents(), at('2026-10-01'), at('2026-10-05'), $datum)->events(),
    );
    $shifts = fn (Station $station, string $datum): array => array_map(
        fn (float $over, float $chart): float => round($over - $chart, 9), $heights($station, $datum), $heights($station, null),
    );
    // Its own datums where it has them, else its reference's.
    [$own, $bare] = [$of(['MSL' => 2.0, 'MLLW' => 1.0, 'MHW' => 2.8], $ratios, $reference), $of([], $ratios, $reference)];
    expect(array_unique($shifts($own, 'MHW')))->toBe([-1.8])->and(array_unique($shifts($own, 'MSL')))->toBe([-1.0])
        ->and(array_unique($shifts($bare, 'MHW')))->toBe([-3.5])->and(array_unique($shifts($bare, 'MSL')))->toBe([-2.0])
        ->and(array_unique($shifts($reference, 'MHW')))->toBe([-3.5])
        ->and(fn () => $heights($own, 'LAT'))->toBeRefused('MSL', 'datum')
        ->and($own->datumNames())->toBe(['MSL', 'MLLW', 'MHW']);
    // A ratio is of heights above chart datum.
    $theirs = $heights($reference, null);
    expect($heights($own, 'MLLW')[1])->toBeAbout($theirs[1] * ($theirs[1] > 2 ? 0.5 : 0.4), 1e-9);
});

it('takes the differences of every subordinate station in the catalogue, also those of more than half a day', function (): void {
    $file = gzopen(dirname(__DIR__, 3).'/data/stations.ndjson.gz', 'rb') ?: throw new LogicException;
    $taken = 0;
    $longest = 0.0;
    while (($line = gzgets($file, 65536)) !== false) {
        $offsets = json_decode($line, true)['offsets'] ?? null;
        if ($offsets !== null) {
            $of = SubordinateOffsets::of($offsets['high_min'], $offsets['low_min'], $offsets['kind'] === 'ratio', $offsets['high'],
                $offsets['low']);
            $taken++;
            $longest = max($longest, $of->lowMinutes);
        }
    }
    gzclose($file);
    expect($taken)->toBeGreaterThan(1000)->and($longest)->toBe(741.0)
        ->and(fn () => SubordinateOffsets::of(841, 0, true, 1, 1))->toBeRefused('difference in time');
});

it('predicts the same at both ends of a day as in the middle of another, where the waters come twelve hours later', function (): void {
    $diurnal = [new Harmonic('K1', 0.15, 40.0), new Harmonic('O1', 0.14, 30.0)];
    $reference = HarmonicCurve::of($diurnal, constituents(), 0.0, 1_767_225_600.0, 1_767_312_000.0);
    $wide = HarmonicCurve::of($diurnal, constituents(), 0.0, 1_766_966_400.0, 1_767_571_200.0);
    $offsets = SubordinateOffsets::of(696, 741, true, 0.48, 0.48);
    foreach ([0, 600, 43200, 85800, 86400] as $after) {
        expect(SubordinateCurve::of($reference, $offsets)->heightM(1_767_225_600.0 + $after))
            ->toBeAbout(SubordinateCurve::of($wide, $offsets)->heightM(1_767_225_600.0 + $after), 1e-4);
    }
});
