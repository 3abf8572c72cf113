<?php

declare(strict_types=1);

use GentlePour\Documents\Fields;
use GentlePour\Documents\ObservationFiles;
use GentlePour\Documents\SkyDocument;
use GentlePour\Documents\StationDocument;
use GentlePour\Documents\TideDocument;
use GentlePour\Documents\WindowsDocument;
use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyEvent;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;

// The documents of the commands, whole: every name, every rounding and every refusal of docs/cli.md.

function madeStation(?SubordinateOffsets $offsets = null, ?Station $reference = null): Station
{
    return new Station(
        'made/1', 'Made Harbour', 57.0, -7.0, 'Europe/London', 'LAT', ['MSL' => 2.5, 'LAT' => 0.0],
        [new Harmonic('M2', 1.5, 30.0), new Harmonic('S2', 0.5, 60.0), new Harmonic('ODD1', 0.02, 0.0), new Harmonic('ODD2', 0.04, 0.0)],
        $offsets, $reference, 'Made up', 'CC0', true,
    );
}

it('answers for a tide with its station, heights, waters and windows, in the place’s time', function (): void {
    [$from, $to] = [at('2026-06-01'), at('2026-06-03')];
    $station = madeStation();
    $curve = $station->curve(constituents(), $from, $to, 'LAT');
    $said = TideDocument::answer($station, constituents(), $from, $to, 90.0, null, 3.0, null);
    $zone = new DateTimeZone('Europe/London');
    $write = fn (float $unix): string => (new DateTimeImmutable('@'.(int) round($unix)))->setTimezone($zone)->format(DATE_ATOM);
    $heights = [];
    for ($unix = $from; $unix <= $to; $unix += 5400) {
        $heights[] = ['at' => $write($unix), 'm' => round($curve->heightM($unix), 4)];
    }
    expect($said)->toBe([
        'station' => [
            'id' => 'made/1', 'name' => 'Made Harbour', 'latitude' => 57.0, 'longitude' => -7.0, 'timezone' => 'Europe/London',
            'datum' => 'LAT',
            'attribution' => 'Made up', 'license' => 'CC0',
            'left_out' => [['constituent' => 'ODD2', 'amplitude_m' => 0.04], ['constituent' => 'ODD1', 'amplitude_m' => 0.02]],
        ],
        'heights' => $heights,
        'events' => array_map(fn (TideEvent $e): array => ['at' => $write($e->unix), 'm' => round($e->heightM, 4), 'kind' => $e->high
            ? 'high' : 'low'], $curve->events()),
        'windows' => array_map(fn (LevelSpan $s): array => [
            'from' => $write($s->from), 'to' => $write($s->to), 'highest_m' => round($s->highestM, 4), 'lowest_m' => round($s->lowestM, 4),
        ], Level::between(3.0, null)->spans($curve)),
    ])->and(count($heights))->toBe(33)->and($said['events'])->not->toBe([])->and($said['windows'])->not->toBe([])
        ->and($said['heights'][0]['at'])->toBe('2026-06-01T01:00:00+01:00');
    // Each part only when it was asked for; another datum moves every height.
    $short = TideDocument::answer($station, constituents(), $from, $to, null, 'MSL', null, null);
    expect(array_keys($short))->toBe(['station', 'events'])->and($short['station']['datum'])->toBe('MSL')
        ->and($said['events'][0]['m'] - $short['events'][0]['m'])->toBeAbout(2.5, 1e-9)
        ->and(array_keys(TideDocument::answer($station, constituents(), $from, $to, null, null, null, 3.0)))
        ->toBe(['station', 'events', 'windows']);
});

it('gives 200,000 heights at most at a time', function (): void {
    $ask = fn (float $step, float $minutes): callable => fn () => TideDocument::answer(
        madeStation(), constituents(), 0.0, 60 * $minutes, $step, null, null, null,
    );
    expect(count($ask(7.5, 7.5 * 20_000)()['heights']))->toBe(20_001)
        ->and($ask(1.0, 200_001.0))->toBeRefused('That is more than 200000 heights; take a longer step or a shorter span.', 'step')
        ->and($ask(0.0, 60.0))->toBeRefused('step', 'step');
});

it('answers for a day of sun and moon, an instant, and the light by steps', function (): void {
    $observer = new Observer(57.0, -7.0);
    $zone = new DateTimeZone('Europe/London');
    [$from, $to] = [at('2026-05-31T23:00'), at('2026-06-01T23:00')];
    $sky = DayOfSky::between($observer, $from, $to);
    $write = fn (SkyEvent $e): ?string => $sky->at($e) === null ? null
        : (new DateTimeImmutable('@'.(int) round($sky->at($e))))->setTimezone($zone)->format(DATE_ATOM);
    $noon = new Moment(($from + $to) / 2);
    expect(SkyDocument::day($observer, '2026-06-01', $zone))->toBe([
        'sun' => [
            'rise' => $write(SkyEvent::Sunrise), 'set' => $write(SkyEvent::Sunset), 'noon' => $write(SkyEvent::Noon),
            'civil_dawn' => $write(SkyEvent::CivilDawn), 'civil_dusk' => $write(SkyEvent::CivilDusk),
            'nautical_dawn' => $write(SkyEvent::NauticalDawn), 'nautical_dusk' => $write(SkyEvent::NauticalDusk),
            'astronomical_dawn' => null, 'astronomical_dusk' => null,
        ],
        'moon' => [
            'rise' => $write(SkyEvent::Moonrise), 'set' => $write(SkyEvent::Moonset), 'phase_share' => Moon::litShare($noon),
            'age_days' => Moon::ageDays($noon),
        ],
    ])->and($write(SkyEvent::Sunrise))->toStartWith('2026-06-01T04')
        ->and(fn () => SkyDocument::day($observer, 'tomorrow', $zone))->toBeRefused('“tomorrow” is not a date; write it like 2027-03-21.',
            'date')
        ->and(fn () => SkyDocument::day($observer, '2026-6-1', $zone))->toBeRefused('is not a date', 'date');
    $unix = at('2026-06-01T20:00');
    [$sun, $moon] = [$observer->sun($unix), $observer->moon($unix)];
    expect(SkyDocument::instant($observer, $unix))->toBe([
        'sun' => ['altitude_deg' => $sun->altitudeDeg, 'azimuth_deg' => $sun->azimuthDeg],
        'moon' => ['altitude_deg' => $moon->altitudeDeg, 'azimuth_deg' => $moon->azimuthDeg,
            'phase_share' => Moon::litShare(new Moment($unix))],
    ]);
    $readings = [new LightReading($unix, 9.0)];
    $curve = LightCurve::of($observer, SkyCondition::Hazy, $readings);
    $row = fn (float $at): array => [
        'at' => (new DateTimeImmutable('@'.(int) $at))->setTimezone($zone)->format(DATE_ATOM),
        'sun_altitude_deg' => $observer->sun($at)->altitudeDeg,
        'lux' => $curve->lux($at), 'ev100' => $curve->ev100($at), 'drift_stops_per_min' => $curve->driftStopsPerMinute($at),
    ];
    $light = fn (float $from, float $to, float $step): callable => fn () => SkyDocument::light($observer, $from, $to, $step,
        SkyCondition::Hazy, $readings, $zone);
    expect($light($unix, $unix + 1200, 10)())->toBe(['light' => [$row($unix), $row($unix + 600), $row($unix + 1200)]])
        ->and($light($unix, $unix + 599, 10)()['light'])->toHaveCount(1)->and($light($unix, $unix, 10)()['light'])->toHaveCount(1)
        ->and($light($unix, $unix - 1, 10))->toBeRefused('The end must not come before the beginning.', 'to')
        ->and($light($unix, $unix + 60 * 20_001, 1))->toBeRefused('That is more than 20000 rows; take a longer step or a shorter span.',
            'step')
        ->and($light($unix, $unix + 60, 0))->toBeRefused('step', 'step');
});

/**
 * @param  array<string, mixed>  $asked
 * @return array<string, mixed>
 */
function windowsFor(array $asked, ?TideCurve $tide = null): array
{
    $asked += ['latitude' => 56.5, 'longitude' => -9.8, 'timezone' => 'Europe/London', 'from' => '2027-06-01', 'to' => '2027-06-02'];

    return WindowsDocument::answer(Fields::ofJson((string) json_encode($asked)), fn () => $tide
        ?? throw new LogicException('No tide was asked for.'));
}

it('answers for windows with all that each offers, ranked unless time is asked for', function (): void {
    $tide = straightTide([at('2027-05-31') => 0.0, at('2027-06-01T05:00') => 4.0, at('2027-06-01T11:00') => 1.0,
        at('2027-06-01T17:00') => 5.0, at('2027-06-03') => 0.0]);
    $asked = ['station' => 'made/1', 'level' => ['above_m' => 3.0], 'sun' => ['altitude_min_deg' => 0], 'minutes_at_least' => 30];
    $timed = windowsFor($asked + ['by' => 'time'], $tide);
    $ranked = windowsFor($asked, $tide);
    expect(array_keys($timed))->toBe(['by', 'windows'])->and($timed['by'])->toBe('time')->and($ranked['by'])->toBe('score')
        ->and(array_column($timed['windows'], 'from'))->toBe(array_values(collectSorted(array_column($timed['windows'], 'from'))));
    $scores = array_column($ranked['windows'], 'score');
    $sorted = $scores;
    rsort($sorted);
    expect($scores)->toBe($sorted)->and(count($scores))->toBeGreaterThan(1);
    $one = $timed['windows'][0];
    expect(array_keys($one))->toBe(['from', 'to', 'minutes', 'highest_m', 'trend', 'sun', 'ev100_from', 'ev100_to', 'score', 'why',
        'terms'])
        ->and(array_keys($one['sun']))->toBe(['altitude_from_deg', 'altitude_to_deg', 'azimuth_deg'])
        ->and(array_keys($one['terms'][0]))->toBe(['name', 'points', 'why'])
        ->and($one['minutes'])->toBe(round((strtotime($one['to']) - strtotime($one['from'])) / 60, 1))
        ->and($one['highest_m'])->toBe(4.0)
        ->and($one['score'])->toBeAbout(array_sum(array_column($one['terms'], 'points')), 0.005)
        ->and($one['from'])->toStartWith('2027-06-01T');
    foreach ([[$one['score'], 3], [$one['ev100_from'], 2], [$one['ev100_to'], 2], [$one['sun']['altitude_from_deg'], 3],
        [$one['sun']['altitude_to_deg'], 3], [$one['sun']['azimuth_deg'], 2], [$one['terms'][0]['points'], 3]] as [$figure, $places]) {
        expect($figure)->toBe(round($figure, $places));
    }
    // Figures that need their places: the sun stands nowhere at a round degree.
    $needs = fn (string $name, int $places): bool => array_filter(
        array_column($timed['windows'], 'sun'), fn (array $sun): bool => $sun[$name] !== round($sun[$name], $places - 1),
    ) !== [];
    expect([$needs('azimuth_deg', 2), $needs('altitude_from_deg', 3), $needs('altitude_to_deg', 3)])->toBe([true, true, true])
        ->and(windowsFor(['by' => 'time'])['windows'][0]['highest_m'])->toBeNull();
});

/**
 * @param  list<string>  $list
 * @return list<string>
 */
function collectSorted(array $list): array
{
    sort($list);

    return $list;
}

it('keeps the hours and the days that are asked for, and refuses what is neither', function (): void {
    $spans = fn (array $asked): array => array_map(
        fn (array $w): array => [substr($w['from'], 5, 11), substr($w['to'], 5, 11)],
        windowsFor($asked + ['by' => 'time', 'timezone' => 'UTC'])['windows'],
    );
    expect($spans(['hours' => ['from' => '05:30', 'to' => '07:05']]))
        ->toBe([['06-01T05:30', '06-01T07:05'], ['06-02T05:30', '06-02T07:05']])
        ->and($spans(['hours' => ['from' => '00:00', 'to' => '24:00']]))->toBe([['06-01T00:00', '06-03T00:00']])
        ->and($spans(['hours' => ['from' => '5:30', 'to' => '23:59'], 'days' => ['wed']]))->toBe([['06-02T05:30', '06-02T23:59']]);
    foreach (['24:01', '5:3', '12:60', '25:00', 'noon', '105:30', '05:300'] as $hour) {
        expect(fn () => windowsFor(['hours' => ['from' => '05:30', 'to' => $hour]]))->toBeRefused('An hour is written like 05:30.',
            'hours.to')
            ->and(fn () => windowsFor(['hours' => ['from' => $hour, 'to' => '23:00']]))->toBeRefused('An hour is written like 05:30.',
                'hours.from');
    }
    expect(fn () => windowsFor(['by' => 'luck']))->toBeRefused('it is one of score, time', 'by')
        ->and(fn () => windowsFor(['level' => ['below_m' => 2]]))->toBeRefused('A station, for a level or a trend of the tide,', 'station')
        ->and(fn () => windowsFor(['trend' => 'rising']))->toBeRefused('A station', 'station')
        ->and(fn () => windowsFor(['from' => '2027-06-02', 'to' => '2027-06-01']))->toBeRefused('after the beginning', 'to')
        ->and(fn () => windowsFor(['timezone' => 'Atlantis']))->toBeRefused('not a time zone', 'timezone')
        ->and(fn () => windowsFor(['from' => 'soon']))->toBeRefused('not a date', 'from')
        ->and(fn () => windowsFor(['to' => 'later']))->toBeRefused('not a date', 'to')
        ->and(fn () => windowsFor(['level' => ['above_m' => 3, 'below_m' => 2], 'station' => 'x'],
            straightTide([0 => 0.0, 9e9 => 1.0])))->toBeRefused('must lie below', 'level.below_m');
});

it('keeps sun and sky as they are asked for, and takes whatever is not asked for as it comes', function (): void {
    $all = windowsFor(['by' => 'time', 'timezone' => 'UTC'])['windows'];
    expect($all)->toHaveCount(1)->and($all[0]['minutes'])->toBe(2880.0);
    $low = windowsFor(['by' => 'time', 'timezone' => 'UTC', 'sun' => ['altitude_min_deg' => -6, 'altitude_max_deg' => 6]])['windows'];
    foreach ($low as $window) {
        expect(min($window['sun']['altitude_from_deg'], $window['sun']['altitude_to_deg']))->toBeGreaterThan(-6.1);
        expect(max($window['sun']['altitude_from_deg'], $window['sun']['altitude_to_deg']))->toBeLessThan(6.1);
    }
    expect(count($low))->toBeGreaterThan(2)
        ->and(windowsFor(['by' => 'time', 'timezone' => 'UTC',
            'sun' => ['azimuth_from_deg' => 90, 'azimuth_to_deg' => 180]])['windows'])->toHaveCount(2)
        // Nine minutes are left out unless they are asked for.
        ->and(windowsFor(['by' => 'time', 'to' => '2027-06-01T00:09'])['windows'])->toBe([])
        ->and(windowsFor(['by' => 'time', 'to' => '2027-06-01T00:10'])['windows'])->toHaveCount(1)
        ->and(windowsFor(['by' => 'time', 'to' => '2027-06-01T00:09', 'minutes_at_least' => 9])['windows'])->toHaveCount(1);
    $ev = fn (array $asked): float => windowsFor($asked + ['by' => 'time', 'from' => '2027-06-01T12:00',
        'to' => '2027-06-01T13:00'])['windows'][0]['ev100_from'];
    // What a camera meters: of a sky with clouds all over less by the sun's light, and more of the sky towards the sun.
    $noon = at('2027-06-01 11:00'); // twelve by the place’s clock
    $metered = fn (?float $facing, SkyCondition $sky = SkyCondition::Clear): float => LightCurve::metered(new Observer(56.5, -9.8), $facing,
        $sky)->ev100($noon);
    expect($ev([]))->toBeAbout($metered(null), 0.006)->and($ev(['sky' => 'overcast']))->toBeAbout($metered(null, SkyCondition::Overcast),
        0.006)
        ->and($ev(['facing_deg' => 180]))->toBeAbout($metered(180), 0.006)
        ->and($ev(['facing_deg' => 180]))->toBeGreaterThan($ev(['facing_deg' => 0]))
        ->and(fn () => windowsFor(['facing_deg' => 400]))->toBeRefused('The facing', 'facing_deg');
});

it('reads a station of its own harmonics or by the differences to another', function (): void {
    $find = fn (string $id): Station => $id === 'made/1' ? madeStation() : throw new LogicException($id);
    $read = fn (array $line): Station => StationDocument::station(Fields::ofJson((string) json_encode($line)), $find);
    $own = [
        'id' => 'made/2', 'name' => 'Other', 'lat' => 56.5, 'lon' => -8.25, 'tz' => 'UTC', 'datum' => 'LAT',
        'datums' => ['MSL' => 2.0, 'LAT' => 0.1],
        'harmonics' => [['M2', 1.25, 33.5]], 'attribution' => 'Nobody', 'license' => 'CC0',
    ];
    $station = $read($own);
    expect([$station->id, $station->name, $station->latitude, $station->longitude, $station->timezone, $station->chartDatum,
        $station->datums, $station->attribution, $station->license, $station->madeUp])
        ->toBe(['made/2', 'Other', 56.5, -8.25, 'UTC', 'LAT', ['MSL' => 2.0, 'LAT' => 0.1], 'Nobody', 'CC0', false])
        ->and($station->harmonics[0])->toEqual(new Harmonic('M2', 1.25, 33.5))->and($station->reference)->toBeNull()
        ->and($station->offsets)->toBeNull()
        ->and($read(array_diff_key($own, ['datum' => 1]) + ['made_up' => true])->chartDatum)->toBeNull()
        ->and($read($own + ['made_up' => true])->madeUp)->toBeTrue();
    $follows = fn (string $kind): Station => $read(array_diff_key($own, ['harmonics' => 1]) + [
        'offsets' => ['reference' => 'made/1', 'kind' => $kind, 'high_min' => 12, 'low_min' => -7, 'high' => 1.2, 'low' => 0.8],
    ]);
    expect($follows('ratio')->offsets)->toEqual(SubordinateOffsets::of(12, -7, true, 1.2, 0.8))
        ->and($follows('fixed')->offsets)->toEqual(SubordinateOffsets::of(12, -7, false, 1.2, 0.8))
        ->and($follows('ratio')->reference?->id)->toBe('made/1')->and($follows('ratio')->harmonics)->toEqual(madeStation()->harmonics);
});

it('reads dates of buoys of every age, and none that the calendar lacks', function (string $row, ?string $instant): void {
    $read = ObservationFiles::read(['b.txt' => "YY MM DD hh mm WVHT\n{$row} 1.5\n"]);
    if ($instant === null) {
        expect($read->observations)->toBe([])->and($read->badLines[0]['reason'])->toBe('The date and time cannot be read.')
            ->and($read->badLines[0])
            ->toBe(['file' => 'b.txt', 'line' => 2, 'reason' => 'The date and time cannot be read.', 'text' => "{$row} 1.5"]);
    } else {
        expect($read->observations[0]->unix)->toBe(at($instant))->and($read->badLines)->toBe([]);
    }
})->with([
    ['69 12 31 23 59', '2069-12-31T23:59'], ['70 01 01 00 00', '1970-01-01'], ['99 06 15 12 30', '1999-06-15T12:30'],
    ['00 02 29 00 00', '2000-02-29'],
    ['1970 01 01 00 00', '1970-01-01'], ['2100 12 31 23 00', '2100-12-31T23:00'], ['100 01 01 00 00', null], ['1969 12 31 23 00', null],
    ['2101 01 01 00 00', null],
    ['2026 02 29 00 00', null], ['2026 13 01 00 00', null], ['2026 06 01 24 00', null], ['2026 06 01 -1 00', null],
    ['2026 06 01 00 60', null],
    ['2026 06 01 00 -1', null], ['2026 06 01 23 59', '2026-06-01T23:59'],
]);

it('reads tables as they are exported and mailed: old Macintosh line ends, quotes, blanks, marks for what is missing', function (): void {
    $one = fn (string $text): ObservationFiles => ObservationFiles::read(['x' => $text]);
    expect($one("time,hs,tp\r2026-11-26,1.5,9\r2026-11-27,1.6,10")->observations)->toHaveCount(2)
        ->and($one("time, hs , tp\n\"2026-11-26\" , \" 1.5 \", 9\n")->observations[0]->significantHeightM)->toBe(1.5);
    foreach (['', 'MM', 'NaN', 'null', '-'] as $missing) {
        expect($one("time;hs;tp\n2026-11-26;{$missing};9\n")->observations[0]->significantHeightM)->toBeNull();
    }
    // Nines are missing in old files only, and only as wide as a column is.
    expect($one("YY MM DD hh WVHT DPD\n26 11 26 06 99.00 9\n")->observations[0]->significantHeightM)->toBeNull()
        ->and($one("YY MM DD hh WVHT DPD\n26 11 26 06 9.0 9\n")->observations[0]->significantHeightM)->toBe(9.0)
        ->and($one("#YY MM DD hh WVHT DPD\n26 11 26 06 9.9 9\n# said by nobody\n26 11 26 07 2.0 9\n")->observations)->toHaveCount(2)
        ->and($one("YYYY MM DD hh WVHT\n2026 11 26 06 2.0\n\n   \n2026 11 26 07 2.0 and more\n")->observations)->toHaveCount(2)
        ->and(fn () => $one("YY MM DD WVHT\n26 11 26 2\n"))->toBeRefused('does not begin with names of columns', 'files')
        ->and(fn () => $one("time,colour\n2026-11-26,blue\n"))->toBeRefused('does not begin with names of columns', 'files')
        ->and(fn () => $one("hs,tp\n1,9\n"))->toBeRefused('does not begin with names of columns', 'files')
        ->and(fn () => $one("MM DD hh YY WVHT\n11 26 06 26 2\n"))->toBeRefused('does not begin with names of columns', 'files')
        ->and(fn () => $one("\n"))->toBeRefused('There is no observation in it.', 'files')
        ->and(ObservationFiles::read([])->observations)->toBe([]);
    $bad = $one("time,hs,tp\n2026-11-26,".str_repeat('x', 300).",9\n2026-11-27,1,9,extra\n2026-11-28,1\n");
    expect(mb_strlen($bad->badLines[0]['text']))->toBe(120)->and($bad->badLines[0]['text'])->toEndWith('…')
        ->and($bad->observations)->toHaveCount(1)
        ->and($bad->badLines[1]['line'])->toBe(4)->and($bad->badLines[1]['reason'])->toBe('It has 2 columns where 3 are named.');
});

it('takes the observation nearest to an instant, the earlier of two as near', function (): void {
    $read = ObservationFiles::read(['x' => "time,hs,tp,wind_m_s\n2026-11-26T06:00,1,8,\n2026-11-26T08:00,2,9,\n2026-11-26T07:00,,,5\n"]);
    expect($read->nearest(at('2026-11-26T06:29'))?->significantHeightM)->toBe(1.0)
        ->and($read->nearest(at('2026-11-26T09:00'))?->significantHeightM)->toBe(2.0)
        ->and($read->nearest(at('2026-11-26T07:10'))?->windMS)->toBe(5.0)
        ->and($read->nearestWaves(at('2026-11-26T07:00'))?->significantHeightM)->toBe(1.0)
        ->and($read->nearestWaves(at('2026-11-26T07:01'))?->significantHeightM)->toBe(2.0)
        ->and(ObservationFiles::read([])->nearest(0.0))->toBeNull()->and(ObservationFiles::read([])->nearestWaves(0.0))->toBeNull();
});
