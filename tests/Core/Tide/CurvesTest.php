<?php

declare(strict_types=1);

use GentlePour\Tide\Harmonic;
use GentlePour\Tide\LearnedLevel;
use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;
use GentlePour\Tide\Sighting;
use GentlePour\Tide\Station;
use GentlePour\Tide\SubordinateCurve;
use GentlePour\Tide\SubordinateOffsets;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Tide\TideSpan;
use GentlePour\Tide\TurningPoints;

// Curves of straight lines and half cosines, worked out by hand. Instants in seconds from nought.

/** @return TideCurve 2 m, up to 6 m at an hour, down to 0 m at three, up to 4 m at five, down to 3 m at six */
function handTide(): TideCurve
{
    return straightTide([0 => 2.0, 3600 => 6.0, 10800 => 0.0, 18000 => 4.0, 21600 => 3.0]);
}

/**
 * @param  list<LevelSpan>  $spans
 * @return list<array{float, float, float, float}>
 */
function written(array $spans): array
{
    return array_map(fn (LevelSpan $s): array => [round($s->from), round($s->to), round($s->highestM, 3), round($s->lowestM, 3)], $spans);
}

it('stands above, below and between heights from crossing to crossing, with the highest and lowest in between', function (): void {
    expect(written(Level::between(3.0, null)->spans(handTide())))->toBe([[900.0, 7200.0, 6.0, 3.0], [16200.0, 21600.0, 4.0, 3.0]])
        ->and(written(Level::between(null, 3.0)->spans(handTide())))->toBe([[0.0, 900.0, 3.0, 2.0], [7200.0, 16200.0, 3.0, 0.0]])
        ->and(written(Level::between(1.0, 5.0)->spans(handTide())))->toBe([
            [0.0, 2700.0, 5.0, 2.0], [4800.0, 9600.0, 5.0, 1.0], [12600.0, 21600.0, 4.0, 1.0],
        ])->and(written(Level::between(-1.0, 9.0)->spans(handTide())))->toBe([[0.0, 21600.0, 6.0, 0.0]])
        ->and(Level::between(7.0, null)->spans(handTide()))->toBe([])
        ->and(written(Level::between(null, 7.0)->spans(handTide())))->toBe([[0.0, 21600.0, 6.0, 0.0]])
        // A limit that is only touched at a turn is not crossed.
        ->and(written(Level::between(0.0, null)->spans(handTide())))->toBe([[0.0, 21600.0, 6.0, 0.0]])
        ->and(written(Level::between(null, 6.0)->spans(handTide())))->toBe([[0.0, 21600.0, 6.0, 0.0]]);
});

it('looks only where it is asked to, and finds there what it finds in all', function (): void {
    $in = fn (array $within): array => array_map(fn (array $s): array => [$s[0], $s[1]],
        written(Level::between(3.0, null)->spans(handTide(), $within)));
    expect($in([[0.0, 21600.0]]))->toBe([[900.0, 7200.0], [16200.0, 21600.0]])->and($in([[0.0, 100.0]]))->toBe([])
        ->and($in([[0.0, 3600.0]]))->toBe([[900.0, 3600.0]])->and($in([[3600.0, 4000.0]]))->toBe([[3600.0, 4000.0]])
        ->and($in([[4000.0, 4100.0]]))->toBe([[4000.0, 4100.0]])
        ->and($in([[12000.0, 13000.0], [19000.0, 19100.0]]))->toBe([[19000.0, 19100.0]])
        ->and($in([[800.0, 1000.0], [7000.0, 17000.0]]))->toBe([[900.0, 1000.0], [7000.0, 7200.0], [16200.0, 17000.0]])
        // Beyond the ends of the curve there is nothing to look at.
        ->and($in([[-500.0, 1000.0], [21000.0, 99999.0]]))->toBe([[900.0, 1000.0], [21000.0, 21600.0]])
        ->and($in([[30000.0, 40000.0]]))->toBe([])->and($in([[1000.0, 1000.0]]))->toBe([])->and($in([]))->toBe([])
        // The highest and the lowest are those of what was looked at.
        ->and(written(Level::between(3.0, null)->spans(handTide(), [[1800.0, 2700.0]])))->toBe([[1800.0, 2700.0, 5.0, 4.0]]);
});

it('holds at its own limits, and refuses those that hold nothing', function (): void {
    expect(Level::between(1.0, 2.0)->holds(1.0))->toBeTrue()->and(Level::between(1.0, 2.0)->holds(2.0))->toBeTrue()
        ->and(Level::between(1.0, 2.0)->holds(0.99))->toBeFalse()->and(Level::between(1.0, 2.0)->holds(2.01))->toBeFalse()
        ->and(Level::between(1.0, null)->holds(99))->toBeTrue()->and(Level::between(null, 2.0)->holds(-99))->toBeTrue()
        ->and(Level::between(1.0, null)->holds(0.9))->toBeFalse()->and(Level::between(null, 2.0)->holds(2.1))->toBeFalse()
        ->and(fn () => Level::between(31.0, null))->toBeRefused('30', 'above_m')
        ->and(fn () => Level::between(null, -31.0))->toBeRefused('30', 'below_m')
        ->and(fn () => Level::between(2.0, 2.0))->toBeRefused('below', 'below_m')
        ->and(fn () => Level::between(3.0, 2.0))->toBeRefused('below', 'below_m')
        ->and(fn () => Level::between(NAN, null))->toBeRefused('finite', 'above_m');
});

/** @return TableCurve low 1 m at nought, high 5 m at six hours, low 2 m at twelve, high 4 m at eighteen */
function fourWaters(): TableCurve
{
    $h = 3600.0;

    return TableCurve::of([
        new TideEvent(6 * $h, 5.0, true), new TideEvent(18 * $h, 4.0, true), new TideEvent(0.0, 1.0, false),
        new TideEvent(12 * $h, 2.0, false),
    ]);
}

it('follows a table in whatever order it was written and is asked: a quarter, half and three quarters of the range at a third, half and two thirds of the time', function (): void {
    $curve = fourWaters();
    $expected = [
        0 => 1.0, 2 => 2.0, 3 => 3.0, 4 => 4.0, 6 => 5.0, 8 => 4.25, 9 => 3.5, 10 => 2.75, 12 => 2.0, 14 => 2.5, 15 => 3.0, 16 => 3.5,
        18 => 4.0,
    ];
    foreach ([array_keys($expected), array_reverse(array_keys($expected)), [9, 3, 15, 0, 18, 6, 12, 2, 16]] as $hours) {
        foreach ($hours as $hour) {
            expect($curve->heightM(3600 * $hour))->toBeAbout($expected[$hour], 1e-9);
        }
    }
    // Beyond its ends it stands still.
    expect($curve->heightM(-9999))->toBe(1.0)->and($curve->heightM(99999))->toBe(4.0)->and(fourWaters()->heightM(99999))->toBe(4.0)
        ->and([$curve->from(), $curve->to()])->toBe([0.0, 64800.0])->and($curve->eventsWithMargin())->toBe($curve->events())
        ->and(array_map(fn (TideEvent $e): float => $e->heightM, $curve->events()))->toBe([1.0, 5.0, 2.0, 4.0]);
});

it('takes waters ten minutes apart and no closer, and says of the later when it comes', function (): void {
    $pair = fn (float $later, float $high = 5.0): callable => fn () => TableCurve::of(
        [new TideEvent(0.0, 1.0, false), new TideEvent($later, $high, true)],
    );
    expect($pair(600)()->to())->toBe(600.0)
        ->and($pair(599))->toBeRefused('Two entries of the tide table are less than ten minutes apart, at 1970-01-01 00:09 UTC.')
        ->and($pair(7200, 0.9))->toBeRefused('A low water stands higher than the high water beside it, at 1970-01-01 02:00 UTC.')
        ->and($pair(7200, 1.0))->toBeRefused('A low water stands higher')
        ->and(fn () => TableCurve::of([new TideEvent(0.0, 1.0, false)]))->toBeRefused('two high or low waters at least')
        // High after high has no low between them to be higher than.
        ->and(TableCurve::of([new TideEvent(0.0, 4.0, true), new TideEvent(7200.0, 3.0, true)])->heightM(3600))->toBe(3.5);
});

it('stretches a reference between its waters, in time and in height', function (): void {
    // High water half an hour later and a fifth higher, low water an hour earlier and half as high.
    $of = fn (): SubordinateCurve => SubordinateCurve::of(fourWaters(), SubordinateOffsets::of(30, -60, true, 1.2, 0.5));
    $curve = $of();
    $events = array_map(fn (TideEvent $e): array => [$e->unix / 3600, round($e->heightM, 9), $e->high], $curve->eventsWithMargin());
    expect($events)->toBe([[-1.0, 0.5, false], [6.5, 6.0, true], [11.0, 1.0, false], [18.5, 4.8, true]])
        // Those outside of the span are margin.
        ->and(array_map(fn (TideEvent $e): float => $e->unix / 3600, $curve->events()))->toBe([6.5, 11.0])
        ->and([$curve->from(), $curve->to()])->toBe([0.0, 64800.0]);
    // Half-way in time is half-way in height, wherever the reference is half-way.
    foreach ([[2.75, 3.25], [6.5, 6.0], [8.75, 3.5], [11.0, 1.0], [14.75, 2.9], [18.5, 4.8], [8.75, 3.5], [2.75, 3.25]] as [$hour,
        $height]) {
        expect($curve->heightM(3600 * $hour))->toBeAbout($height, 1e-9)->and($of()->heightM(3600 * $hour))->toBeAbout($height, 1e-9);
    }
    // At a third of the time it has risen a quarter.
    expect($curve->heightM(3600 * (-1 + 2.5)))->toBeAbout(0.5 + 0.25 * 5.5, 1e-9)
        ->and($curve->heightM(3600 * -20))->toBe(0.5)->and($curve->heightM(3600 * 40))->toBeAbout(4.8, 1e-9);
});

it('shifts by metres, and a reference that never turns as a whole', function (): void {
    $shifted = SubordinateCurve::of(fourWaters(), SubordinateOffsets::of(0, 0, false, 0.5, -0.5));
    expect($shifted->heightM(0))->toBeAbout(0.5, 1e-9)
        ->and($shifted->heightM(6 * 3600))->toBeAbout(5.5, 1e-9)
        ->and($shifted->heightM(3 * 3600))->toBeAbout(3.0, 1e-9);
    $endless = SubordinateCurve::of(straightTide([0 => 1.0, 3600 => 3.0]), SubordinateOffsets::of(0, 0, false, 0.5, -0.5));
    expect($endless->heightM(1800))->toBeAbout(2.5, 1e-9)->and($endless->events())->toBe([]);
    // One water alone has nothing to be stretched to.
    $one = SubordinateCurve::of(straightTide([0 => 1.0, 3600 => 3.0, 7200 => 1.0]), SubordinateOffsets::of(0, 0, true, 2.0, 1.0));
    expect($one->heightM(1800))->toBeAbout(4.0, 1e-9)->and($one->heightM(5400))->toBeAbout(4.0, 1e-9);
    // Between two waters of one height the place's own is drawn evenly.
    $level = new TideEvent(0.0, 2.0, true);
    $even = SubordinateCurve::of(TableCurve::of([$level, new TideEvent(7200.0, 2.0, true)]), SubordinateOffsets::of(0, 0, true, 1.5, 1.0));
    expect($even->heightM(3600))->toBe(3.0);
    // Less than a metre between two waters is a range all the same; offsets may bring two waters to one moment.
    $small = TableCurve::of([new TideEvent(0.0, 1.0, false), new TideEvent(21600.0, 1.4, true)]);
    expect(SubordinateCurve::of($small, SubordinateOffsets::of(0, 0, true, 1.0, 1.0))->heightM(7200))->toBeAbout(1.1, 1e-9);
    $met = SubordinateCurve::of(TableCurve::of([new TideEvent(0.0, 1.0, false), new TideEvent(3600.0, 3.0, true)]),
        SubordinateOffsets::of(-60, 0, true, 1.0, 1.0));
    expect($met->heightM(0.0))->toBe(1.0)->and($met->heightM(-50.0))->toBe(1.0);
    // Before the first and after the last water known it stands still, also where the reference runs on.
    $running = SubordinateCurve::of(
        straightTide([0 => 1.0, 3600 => 3.0, 7200 => 1.0, 10800 => 2.0, 14400 => 0.0]), SubordinateOffsets::of(0, 0, true, 1.0, 1.0),
    );
    expect($running->heightM(1800))->toBe(3.0)->and($running->heightM(12600))->toBe(2.0)
        ->and($running->heightM(9000))->toBeAbout(1.5, 1e-9);
});

it('refuses offsets that no place has', function (): void {
    expect(fn () => SubordinateOffsets::of(841, 0, true, 1, 1))->toBeRefused('time')
        ->and(fn () => SubordinateOffsets::of(0, -841, true, 1, 1))->toBeRefused('time')
        ->and(fn () => SubordinateOffsets::of(0, 0, true, 11, 1))->toBeRefused('ratio')
        ->and(fn () => SubordinateOffsets::of(0, 0, true, 1, 11))->toBeRefused('ratio')
        ->and(fn () => SubordinateOffsets::of(0, 0, false, 21, 0))->toBeRefused('height')
        ->and(fn () => SubordinateOffsets::of(0, 0, false, 0, -21))->toBeRefused('height')
        ->and(SubordinateOffsets::of(0, 0, false, 15, 0)->high)->toBe(15.0);
});

it('predicts from 1900 to 2100, three years at most at a time, to the second', function (): void {
    $first = (float) gmmktime(0, 0, 0, 1, 1, 1900);
    $last = (float) gmmktime(0, 0, 0, 1, 1, 2100);
    $span = fn (float $from, float $to): callable => function () use ($from, $to): bool {
        TideSpan::check($from, $to);

        return true;
    };
    expect($span($first, $first + 1)())->toBeTrue()
        ->and($span($last - 1, $last)())->toBeTrue()
        ->and($span(0, 3 * 366 * 86400)())->toBeTrue()
        ->and($span($first - 1, $first + 9))->toBeRefused('1900 to 2100', 'from')
        ->and($span($last + 1, $last + 9))->toBeRefused('1900 to 2100', 'from')
        ->and($span($last - 9, $last + 1))->toBeRefused('1900 to 2100', 'to')
        ->and($span($last, $last + 9))->toBeRefused('1900 to 2100', 'to')->and($span($first + 9, $first))->toBeRefused('after the beginning', 'to')
        ->and($span($first + 9, $first - 1))->toBeRefused('1900 to 2100', 'to')
        ->and($span(0, INF))->toBeRefused('1900 to 2100', 'to')
        ->and($span(NAN, 0))->toBeRefused('1900 to 2100', 'from')
        ->and($span(0, NAN))->toBeRefused('1900 to 2100', 'to')
        ->and($span(5, 5))->toBeRefused('after the beginning', 'to')->and($span(0, 3 * 366 * 86400 + 1))->toBeRefused('Three years', 'to');
});

it('learns from sightings in any order, of one kind alone, and where two speak of the same height', function (): void {
    $of = function (array ...$seen): array {
        $level = LearnedLevel::of(array_map(fn (array $s): Sighting => new Sighting(0.0, $s[0], $s[1]), $seen));

        return [$level->notReachedM, $level->reachedM, count($level->contradicting), $level->toBeReachedM(), $level->toStayDryM()];
    };
    expect($of([4.4, true], [4.1, true], [4.6, true]))->toBe([null, 4.1, 0, 4.1, null])
        ->and($of([3.2, false], [3.6, false], [3.1, false]))->toBe([3.6, null, 0, null, 3.6])
        ->and($of([3.0, true], [3.0, false]))->toBe([null, null, 2, null, null])
        ->and($of([5.0, true], [3.9, false], [3.8, true], [2.0, false]))->toBe([2.0, 5.0, 2, 5.0, 2.0])
        ->and(array_keys(LearnedLevel::of([new Sighting(0, 1.0, false), new Sighting(0, 3.9, false),
            new Sighting(0, 3.8, true)])->contradicting))->toBe([0, 1])
        ->and($of())->toBe([null, null, 0, null, null]);
});

it('strides over what cannot turn: as far as the slope is steep, and else so far as it stays nearly straight', function (): void {
    $looked = [];
    $looking = function (callable $slope) use (&$looked): callable {
        $looked = [];

        return function (float $hour) use ($slope, &$looked): array {
            $looked[] = round($hour, 6);

            return [2 * cos($hour / 2), $slope($hour)];
        };
    };
    // 2 cos(t/2) slopes by -sin(t/2): by 0.5 an hour at most, and this by 0.25; strides of 1.1 * 2 hours.
    $half = TurningPoints::of([[0.5, 2.0]]);
    $found = $half->between($looking(fn (float $h): float => -sin($h / 2)), 1.0, 20.0);
    expect(array_map(fn (array $p): array => [round($p[0], 6), $p[1], round($p[2], 6)], $found))
        ->toBe([[round(2 * M_PI, 6), false, -2.0], [round(4 * M_PI, 6), true, 2.0], [round(6 * M_PI, 6), false, -2.0]])
        ->and(array_slice($looked, 0, 3))->toBe([1.0, 3.2, 5.4])->and(count($looked))->toBeLessThan(24);
    // A slope of twenty that changes by a tenth an hour at most is passed over for two hundred hours.
    $steep = TurningPoints::of([[0.1, 10.0]]);
    $steep->between($looking(fn (float $h): float => 20.0), 0.0, 500.0);
    expect(array_slice($looked, 0, 4))->toBe([0.0, 200.0, 400.0, 500.0]);
    expect(TurningPoints::of([])->between(fn (float $h): array => [$h, 1.0], 0.0, 9.0))->toBe([]);
});

it('finds every turn of sums of cosines, as many as looking each ten seconds finds (random sums, some with stands)', function (int $seed): void {
    mt_srand($seed);
    $cosines = [];
    for ($i = 0; $i < 7; $i++) {
        $cosines[] = [(0.26 + 0.25 * mt_rand(0, 7)) * (1 + mt_rand(-50, 50) / 1000), mt_rand(1, 1000) / 1000 * ($i < 2 ? 1.0 : 0.15),
            mt_rand(0, 628) / 100];
    }
    $slope = fn (float $h): float => -array_sum(array_map(fn (array $c): float => $c[1] * $c[0] * sin($c[0] * $h + $c[2]), $cosines));
    $found = TurningPoints::of(array_map(fn (array $c): array => [$c[0], $c[1]], $cosines))
        ->between(fn (float $h): array => [$h, $slope($h)], 0.0, 150.0);
    $signs = [];
    for ($i = 0; $i <= 54000; $i++) {
        $signs[] = $slope($i / 360) > 0;
    }
    $changes = 0;
    for ($i = 1; $i <= 54000; $i++) {
        $changes += $signs[$i] === $signs[$i - 1] ? 0 : 1;
    }
    expect($found)->toHaveCount($changes);
    foreach ($found as $i => [$hour, $highest]) {
        expect(abs($slope($hour)))->toBeLessThan(1e-4)->and($slope($hour - 0.01) > 0)->toBe($highest);
        $i === 0 ?: expect($highest)->not->toBe($found[$i - 1][1]);
    }
})->with(range(1, 8));

it('finds the same turns among looks at even hours as by strides of its own, and looks once more at most of them', function (int $seed): void {
    mt_srand($seed);
    $cosines = [[0.5059, 1.0, 0.3], [0.2529, mt_rand(0, 900) / 1000, 1.0], [1.0118, mt_rand(0, 200) / 1000, 2.0],
        [1.5177, 0.02, mt_rand(0, 6)]];
    $looks = 0;
    $look = function (float $h) use ($cosines, &$looks): array {
        $looks++;

        return [
            array_sum(array_map(fn (array $c): float => $c[1] * cos($c[0] * $h + $c[2]), $cosines)),
            -array_sum(array_map(fn (array $c): float => $c[1] * $c[0] * sin($c[0] * $h + $c[2]), $cosines)),
        ];
    };
    $turns = TurningPoints::of(array_map(fn (array $c): array => [$c[0], $c[1]], $cosines));
    $own = $turns->between($look, 0.0, 400.0);
    $values = array_map(fn (int $i): float => $look((float) $i)[1], range(0, 400));
    $looks = 0;
    $among = $turns->among($values, 1.0, $look);
    expect(count($among))->toBe(count($own))->and($looks)->toBeLessThan(2 * count($own));
    foreach ($own as $i => [$hour, $highest]) {
        expect($among[$i][0])->toBeAbout($hour, 1 / 3600)->and($among[$i][1])->toBe($highest)
            ->and($among[$i][2])->toBeAbout($look($among[$i][0])[0], 1e-7);
    }
})->with(range(1, 8));

it('finds two turns between steps, whichever way the slope dips and wherever', function (
    float $sign, float $deep, float $at,
): void {
    // A parabola that dips below nought for a moment, between looks every pi hours or so.
    $slope = fn (float $h): float => $sign * (0.05 * ($h - $at) ** 2 - $deep);
    $found = TurningPoints::of([[0.5, 40.0]])->between(fn (float $h): array => [$h, $slope($h)], 0.0, 20.0);
    $half = sqrt($deep / 0.05);
    if ($deep < 0) {
        expect($found)->toBe([]);
    } else {
        expect($found)->toHaveCount(2)
            ->and($found[0][0])->toBeAbout($at - $half, 0.001)->and($found[1][0])->toBeAbout($at + $half, 0.001)
            ->and([$found[0][1], $found[1][1]])->toBe($sign > 0 ? [true, false] : [false, true]);
    }
})->with([1.0, -1.0])->with([0.001, 0.01, -0.01])->with([4.7, 5.2, 7.9, 10.1, 14.0]);

it('knows the two waters between which an instant lies, and those inside of a span with its ends', function (): void {
    $events = array_map(fn (int $hour): TideEvent => new TideEvent($hour, 0.0, true), [0, 6, 12, 18, 24]);
    foreach ([-5 => 0, 0 => 0, 3 => 0, 6 => 0, 7 => 1, 12 => 1, 13 => 2, 18 => 2, 19 => 3, 24 => 3, 99 => 3] as $unix => $before) {
        expect(TideEvent::before($events, $unix))->toBe($before);
    }
    expect(TideEvent::before(array_slice($events, 0, 2), 99))->toBe(0)
        ->and(array_map(fn (TideEvent $e): float => $e->unix, TideEvent::within($events, 6, 18)))->toBe([6.0, 12.0, 18.0])
        ->and(array_keys(TideEvent::within($events, 6, 18)))->toBe([0, 1, 2])
        ->and(TideEvent::within($events, 7, 11))->toBe([])
        // Of one, and of none.
        ->and(TideEvent::within([$events[1]], 0, 9))->toBe([$events[1]])->and(TideEvent::within([$events[1]], 7, 9))->toBe([])
        ->and(TideEvent::within([], 0, 9))->toBe([]);
});

it('takes its heights, datums and constants from its reference where it follows one, and lists what it cannot predict, the largest first', function (): void {
    $reference = new Station(
        'made/2', 'Reference', 57.0, -7.0, 'UTC', 'LAT', ['MSL' => 2.0, 'LAT' => -0.5], [new Harmonic('M2', 1.0, 0.0)], null, null, '', '',
        true,
    );
    $harmonics = [new Harmonic('M2', 1.0, 0.0), new Harmonic('ODD1', 0.02, 0.0), new Harmonic('ODD2', 0.05, 0.0)];
    $of = fn (?string $chart, array $datums, ?Station $of): Station => new Station(
        'made/3', 'Made-up', 57.0, -7.0, 'UTC', $chart, $datums, $harmonics, null, $of, '', '', true,
    );
    $follower = $of('MLLW', ['MSL' => 9.0, 'MLLW' => 1.0], $reference);
    expect($follower->datumNames())->toBe(['MSL', 'LAT'])->and($follower->defaultDatum())->toBe('LAT')
        ->and(array_map(fn (Harmonic $h): string => $h->name, $follower->unknown(constituents())))->toBe(['ODD2', 'ODD1'])
        ->and($follower->curve(constituents(), 0, 86400)->heightM(0) - $follower->curve(constituents(), 0, 86400, 'MSL')->heightM(0))
        ->toBeAbout(2.5, 1e-9)
        ->and($of(null, ['MSL' => 1.0], null)->defaultDatum())->toBe('MSL')
        ->and($of('MLLW', ['MLLW' => 1.0], null)->defaultDatum())->toBe('MSL')
        ->and($of('MLLW', ['MSL' => 1.0], null)->defaultDatum())->toBe('MSL')
        ->and($of('MLLW', ['MLLW' => 1.0], null)->datumNames())->toBe([])
        ->and(fn () => $of('MLLW', ['MLLW' => 1.0], null)->curve(constituents(), 0, 86400, 'MLLW'))->toBeRefused('it is one of MSL.',
            'datum')
        ->and(fn () => $follower->curve(constituents(), 0, 86400, 'MLLW'))->toBeRefused('it is one of MSL, LAT.', 'datum');
});

it('misses no turning point of two centimetres in a tide bent by shallow water, and finds none that is not there', function (int $seed): void {
    mt_srand($seed);
    $harmonics = [];
    foreach (['M2' => 0.5, 'S2' => 0.15, 'K1' => 0.1, 'M4' => 0.25, 'MS4' => 0.12, 'M6' => 0.12, 'M8' => 0.06] as $name => $most) {
        $harmonics[$name] = [$most * mt_rand(30, 100) / 100, (float) mt_rand(0, 359)];
    }
    $from = at('2026-03-01') + 86400 * $seed;
    $curve = harmonicTide($harmonics, $from, 5);
    $inside = fn (float $unix): bool => $unix > $from + 3600 && $unix < $from + 5 * 86400 - 3600;
    $walked = [];
    for ($unix = $from + 60; $unix < $from + 5 * 86400 - 60; $unix += 60) {
        [$before, $now, $after] = [$curve->heightM($unix - 60), $curve->heightM($unix), $curve->heightM($unix + 60)];
        if (($now - $before) * ($after - $now) <= 0) {
            $walked[] = [$unix, $now];
        }
    }
    $found = array_map(fn (TideEvent $e): float => $e->unix, $curve->events());
    $nearest = fn (float $unix, array $all): float => min(array_map(fn (float $other): float => abs($other - $unix), $all));
    foreach ($walked as $i => [$unix, $height]) {
        $turn = min(abs($height - ($walked[$i - 1][1] ?? 9)), abs($height - ($walked[$i + 1][1] ?? 9)));
        if ($inside($unix) && $turn > 0.02) {
            expect($nearest($unix, $found))->toBeLessThan(90.0);
        }
    }
    foreach (array_filter($found, $inside) as $unix) {
        expect($nearest($unix, array_column($walked, 0)))->toBeLessThan(90.0);
    }
    expect(count($found))->toBeGreaterThan(20);
})->with([1, 2, 3, 6, 9, 11]);
