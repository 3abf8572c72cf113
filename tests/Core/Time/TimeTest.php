<?php

declare(strict_types=1);

use GentlePour\Time\Instant;
use GentlePour\Time\PlaceCalendar;
use GentlePour\Time\RegulaFalsi;
use GentlePour\Time\Spans;

function london(): DateTimeZone
{
    return new DateTimeZone('Europe/London');
}

it('intersects spans', function (): void {
    expect(
        Spans::intersect([[0.0, 10.0], [20.0, 30.0]], [[5.0, 22.0], [25.0, 26.0], [29.0, 40.0]]),
    )->toBe([[5.0, 10.0], [20.0, 22.0], [25.0, 26.0], [29.0, 30.0]])
        ->and(Spans::intersect([], [[0.0, 1.0]]))->toBe([])->and(Spans::intersect([[0.0, 1.0]], []))->toBe([])
        ->and(Spans::intersect([[0.0, 5.0]], [[5.0, 6.0]]))->toBe([])->and(Spans::intersect([[5.0, 6.0]], [[0.0, 5.0]]))->toBe([])
        ->and(Spans::intersect([[0.0, 2.0], [3.0, 5.0]], [[1.0, 4.0]]))->toBe([[1.0, 2.0], [3.0, 4.0]]);
});

it('closes in on where a condition holds, to a second, at both ends and in the middle', function (): void {
    $where = fn (callable $holds, float $to = 1000.0): array => Spans::where([[0.0, $to]], $holds, 100.0);
    expect($where(fn (float $t): bool => true))->toBe([[0.0, 1000.0]])->and($where(fn (float $t): bool => false))->toBe([]);
    [$middle] = $where(fn (float $t): bool => $t > 333 && $t < 777);
    expect($middle[0])->toBeGreaterThan(333.0)->toBeLessThan(334.1)->and($middle[1])->toBeLessThan(777.0)->toBeGreaterThan(775.9);
    $ends = $where(fn (float $t): bool => $t < 250 || $t > 950, 1000.0);
    expect($ends)->toHaveCount(2)->and($ends[0][0])->toBe(0.0)->and($ends[0][1])->toBeAbout(249.5, 0.6)
        ->and($ends[1][0])->toBeAbout(950.5, 0.6)->and($ends[1][1])->toBe(1000.0);
    // A span that is no whole number of steps long is looked at to its very end.
    expect($where(fn (float $t): bool => $t > 1040, 1050.0)[0][1])->toBe(1050.0)
        ->and(Spans::where([[0.0, 10.0], [20.0, 30.0]], fn (float $t): bool => true, 100.0))->toBe([[0.0, 10.0], [20.0, 30.0]]);
});

/**
 * @param  list<string>  $days
 * @param  array{int, int}|null  $minutes
 * @return list<string> from and to by the place's clock
 */
function spansOf(array $days, ?array $minutes, string $from, string $to): array
{
    $unix = fn (string $at): float => (float) (new DateTimeImmutable($at, london()))->getTimestamp();
    $at = fn (float $u): string => (new DateTimeImmutable('@'.(int) $u))->setTimezone(london())->format('D j G:i');

    return array_map(
        fn (array $s): string => $at($s[0]).' – '.$at($s[1]),
        (new PlaceCalendar(london(), $days, $minutes))->spans($unix($from), $unix($to)),
    );
}

it('allows everything unless days or hours are asked for', function (): void {
    expect(spansOf([], null, '2027-03-01 10:00', '2027-03-09 11:00'))->toBe(['Mon 1 10:00 – Tue 9 11:00']);
});

it('allows the hours of every day, cut at both ends of what is asked', function (): void {
    expect(spansOf([], [300, 420], '2027-03-01 06:00', '2027-03-03 05:30'))
        ->toBe(['Mon 1 6:00 – Mon 1 7:00', 'Tue 2 5:00 – Tue 2 7:00', 'Wed 3 5:00 – Wed 3 5:30']);
});

it('keeps the place’s clock on the days it changes: 23 hours in March, 25 in October', function (): void {
    $hours = fn (string $day): float => (function (array $s): float {
        return ($s[0][1] - $s[0][0]) / 3600;
    })((new PlaceCalendar(london(), ['sun']))->spans(
        (float) (new DateTimeImmutable($day, london()))->getTimestamp() - 86400,
        (float) (new DateTimeImmutable($day, london()))->getTimestamp() + 2 * 86400,
    ));
    expect($hours('2027-03-28'))->toBe(23.0)->and($hours('2027-10-31'))->toBe(25.0)->and($hours('2027-06-06'))->toBe(24.0)
        ->and(spansOf(['sun'], [300, 420], '2027-03-27 00:00', '2027-03-29 00:00'))->toBe(['Sun 28 5:00 – Sun 28 7:00']);
});

it('runs over midnight where the hours are upside down, and joins what touches', function (): void {
    expect(spansOf(['fri'], [1320, 120], '2027-03-01 00:00', '2027-03-08 00:00'))->toBe(['Fri 5 22:00 – Sat 6 2:00'])
        ->and(spansOf(['sat', 'sun'], null, '2027-03-01 00:00', '2027-03-15 00:00'))
        ->toBe(['Sat 6 0:00 – Mon 8 0:00', 'Sat 13 0:00 – Mon 15 0:00'])
        // The night before the first day reaches into it.
        ->and(spansOf([], [1320, 120], '2027-03-01 00:00', '2027-03-01 23:00'))
        ->toBe(['Mon 1 0:00 – Mon 1 2:00', 'Mon 1 22:00 – Mon 1 23:00'])
        ->and(spansOf([], [600, 600], '2027-03-01 00:00', '2027-03-03 00:00'))->toBe(['Mon 1 0:00 – Wed 3 0:00']);
});

it('allows each minute that the place’s clock shows, and no other, also in an hour that comes twice or never (by PHP’s own clock)',
    function (
        string $zone, string $day, array $minutes, array $days,
    ): void {
        $timezone = new DateTimeZone($zone);
        $from = (float) (new DateTimeImmutable($day, $timezone))->getTimestamp() - 86400;
        $spans = (new PlaceCalendar($timezone, $days, $minutes))->spans($from, $from + 3 * 86400);
        [$start, $end] = $minutes;
        for ($unix = $from; $unix < $from + 3 * 86400; $unix += 60) {
            $local = (new DateTimeImmutable('@'.(int) $unix))->setTimezone($timezone);
            $minute = 60 * (int) $local->format('G') + (int) $local->format('i');
            // The hours after midnight belong to the day on which they began.
            $began = $end <= $start && $minute < $end ? $local->modify('-1 day') : $local;
            $inHours = $end > $start ? $minute >= $start && $minute < $end : $minute >= $start || $minute < $end;
            $wanted = $inHours && ($days === [] || in_array(strtolower($began->format('D')), $days, true));
            $found = array_filter($spans, fn (array $s): bool => $s[0] <= $unix && $unix < $s[1]) !== [];
            expect($found)->toBe($wanted, $local->format('D j H:i T'));
        }
    })->with([
        'the first pass of an hour that comes twice' => ['Africa/Casablanca', '2026-02-15', [135, 195], []],
        'both passes' => ['Africa/Casablanca', '2026-02-15', [130, 150], []],
        'over midnight into it' => ['Europe/London', '2026-10-25', [1320, 100], ['sat']],
        'an hour that never comes' => ['Europe/London', '2027-03-28', [60, 120], []],
        'from inside of it' => ['Europe/London', '2027-03-28', [90, 300], ['sun']],
        'half an hour' => ['Australia/Lord_Howe', '2027-04-04', [60, 130], []],
        'a bare offset' => ['+05:45', '2027-04-04', [600, 660], ['mon']],
        'in years no table of zones reaches' => ['America/New_York', '2061-11-06', [75, 100], []],
    ]);

it('refuses a day that is none', function (): void {
    expect(fn () => new PlaceCalendar(london(), ['sat', 'caturday']))->toBeRefused('caturday', 'days');
});

it('reads instants as they are written, by the place’s clock, and no others', function (): void {
    expect(Instant::parse('2026-07-01T06:30', london()))->toBe((float) gmmktime(5, 30, 0, 7, 1, 2026))
        ->and(Instant::parse('2026-07-01T06:30:00Z', london()))->toBe((float) gmmktime(6, 30, 0, 7, 1, 2026))
        ->and(Instant::parse('2026-07-01T06:30:15+02:00', london()))->toBe((float) gmmktime(4, 30, 15, 7, 1, 2026))
        ->and(Instant::parse('2026-07-01', london()))->toBe((float) gmmktime(23, 0, 0, 6, 30, 2026))
        ->and(Instant::parse(' 2026-12-01 06:30 ', london()))->toBe((float) gmmktime(6, 30, 0, 12, 1, 2026))
        ->and(Instant::write(Instant::parse('2026-07-01T06:30', london()), london()))->toBe('2026-07-01T06:30:00+01:00')
        ->and(Instant::parse('2026-12-01T24:00', london()))->toBe((float) gmmktime(0, 0, 0, 12, 2, 2026))
        ->and(Instant::parse('2026-12-01T06:30+1400', london()))->toBe((float) gmmktime(16, 30, 0, 11, 30, 2026))
        ->and(Instant::parse('1900-01-01', new DateTimeZone('UTC')))->toBe((float) gmmktime(0, 0, 0, 1, 1, 1900))
        ->and(Instant::parse('2100-12-31', new DateTimeZone('UTC')))->toBe((float) gmmktime(0, 0, 0, 12, 31, 2100));
    foreach (['20000-01-01', '2026-02-30', 'tomorrow', '', '2026-13-01', '2026-01-01T25:00', '2026-01-01T24:01', '2026-01-01T10:61',
        '2026-01-01T10:10:60', '2026-01-01T00:00+99:99', '2026-01-01T00:00+15:00', '2026-01-01T00:00+01:60'] as $written) {
        expect(fn () => Instant::parse($written, london()))->toBeRefused(
            (
                $written === '' ? 'Nothing' : "“{$written}”"
            ).' is not a date or an instant; write it like 2027-03-21 or 2027-03-21T06:30+00:00.',
        );
    }
    expect(fn () => Instant::parse('1899-12-31', london()))->toBeRefused('Years from 1900 to 2100 can be reckoned with, not 1899.')
        ->and(fn () => Instant::parse('2101-01-01', london()))->toBeRefused('Years from 1900 to 2100')
        ->and(fn () => Instant::timezone('Moon/Base'))->toBeRefused('“Moon/Base” is not a time zone; write it like Europe/London or UTC.')
        ->and(Instant::write(0.4, new DateTimeZone('UTC')))->toBe('1970-01-01T00:00:00+00:00')
        ->and(Instant::write(0.6, new DateTimeZone('UTC')))->toBe('1970-01-01T00:00:01+00:00')
        ->and(Instant::parse('2024-02-29', new DateTimeZone('UTC')))->toBe((float) gmmktime(0, 0, 0, 2, 29, 2024))
        ->and(fn () => Instant::parse('2023-02-29', london()))->toBeRefused('not a date');
});

it('finds a root inside of its bracket, with few looks, by the Illinois rule (Dowell and Jarratt 1971)', function (
    callable $function, float $a, float $b, float $root, int $looks,
): void {
    $looked = [];
    $counted = function (float $x) use ($function, &$looked): float {
        $looked[] = $x;

        return $function($x);
    };
    $found = RegulaFalsi::root($counted, $a, $function($a), $b, $function($b), 1e-4);
    expect($found)->toBeAbout($root, 1e-7)
        ->and(count($looked))->toBe($looks)
        ->and(min($looked))->toBeGreaterThanOrEqual($a)
        ->and(max($looked))->toBeLessThanOrEqual($b);
    // The first look is where the chord of the bracket crosses.
    expect($looked[0])->toBeAbout(($a * $function($b) - $b * $function($a)) / ($function($b) - $function($a)), 1e-12);
})->with([
    'a line, at once' => [fn (float $x): float => 2 * $x - 3, 0.0, 4.0, 1.5, 1],
    'the cube root of two' => [fn (float $x): float => $x ** 3 - 2, 0.0, 2.0, 2 ** (1 / 3), 6],
    'the same from the other side' => [fn (float $x): float => 2 - $x ** 3, 0.0, 2.0, 2 ** (1 / 3), 6],
    'a cosine' => [fn (float $x): float => cos($x), 0.0, 3.0, M_PI / 2, 3],
    'a steep end' => [fn (float $x): float => exp($x) - 20, 0.0, 6.0, log(20), 10],
    'a steep beginning' => [fn (float $x): float => 20 - exp(-$x), -6.0, 0.0, -log(20), 10],
]);

it('gives up on a function that only jumps after sixty looks, at the jump', function (): void {
    $looks = 0;
    $jump = function (float $x) use (&$looks): float {
        $looks++;

        return $x < 0 ? -1.0 : 1.0;
    };
    expect(RegulaFalsi::root($jump, -2.0, -1.0, 3.0, 1.0, 0.0))->toBeAbout(0.0, 1e-9)->and($looks)->toBe(60);
    // With a last step it ends as soon as the last two looks are no further apart than that, for values of one and minus one.
    $looks = 0;
    expect(RegulaFalsi::root($jump, -2.0, -1.0, 3.0, 1.0, 0.01))->toBeAbout(0.0, 0.03)->and($looks)->toBeLessThan(25);
});

it('finds where a value lies between two bounds, by strides as long as it cannot cross one', function (): void {
    $looks = 0;
    $wave = function (float $s) use (&$looks): float {
        $looks++;

        return sin($s / 1000);
    };
    // Between a half and nine tenths: from pi/6 to arcsin 0.9 rising, and the other way falling.
    $spans = Spans::whereBetween([[0.0, 6000.0]], $wave, 0.5, 0.9, 0.001, 100.0);
    $expected = [[1000 * asin(0.5), 1000 * asin(0.9)], [1000 * (M_PI - asin(0.9)), 1000 * (M_PI - asin(0.5))]];
    expect($spans)->toHaveCount(2);
    foreach ($expected as $i => [$from, $to]) {
        expect($spans[$i][0])->toBeAbout($from, 1.0)->and($spans[$i][1])->toBeAbout($to, 1.0);
        // Never outside of what was asked for.
        expect(sin($spans[$i][0] / 1000))->toBeGreaterThan(0.4985)->and(sin($spans[$i][1] / 1000))->toBeGreaterThan(0.4985);
    }
    expect($looks)->toBeLessThan(60)
        // Steady values: all, or nothing, in a look or two.
        ->and(Spans::whereBetween([[5.0, 9.0], [20.0, 30.0]], fn (float $s): float => 0.7, 0.5, 0.9, 1e-9, 1.0))
        ->toBe([[5.0, 9.0], [20.0, 30.0]])
        ->and(Spans::whereBetween([[5.0, 9.0]], fn (float $s): float => 0.4, 0.5, 0.9, 1e-9, 1.0))->toBe([])
        // Its own bounds belong to it.
        ->and(Spans::whereBetween([[0.0, 10.0]], fn (float $s): float => 0.5, 0.5, 0.9, 1e-9, 1.0))->toBe([[0.0, 10.0]])
        ->and(Spans::whereBetween([[0.0, 10.0]], fn (float $s): float => 0.9, 0.5, 0.9, 1e-9, 1.0))->toBe([[0.0, 10.0]])
        ->and(Spans::whereBetween([], $wave, 0.5, 0.9, 0.001, 100.0))->toBe([]);
    // Through both bounds in one stride: it is inside for a moment only, which is shorter than a stride, and passed over.
    expect(Spans::whereBetween([[0.0, 100.0]], fn (float $s): float => $s < 50 ? 0.0 : 1.0, 0.4, 0.6, 1.0, 40.0))->toBe([]);
});
