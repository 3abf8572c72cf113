<?php

declare(strict_types=1);

use GentlePour\Planning\Almanac;
use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\Observer;
use GentlePour\Tide\Level;
use GentlePour\Time\PlaceCalendar;

// What falls on the very edge of a day, a tide or a span: where each belongs, by hand.

const NEW_YEAR = 1_798_761_600; // 2027-01-01 00:00 UTC

/** @param  list<array{float, float}>  $spans */
function windowsAt(array $spans): array
{
    return array_map(static fn (array $span): Window => new Window($span[0], $span[1], null, Trend::Any, 0.0, 0.0, 0.0, 0.0, 0.0, []),
        $spans);
}

/** @return list<AlmanacDay> */
function daysFrom(int $count, array $windows = [], mixed $tide = null, ?Level $level = null): array
{
    return Almanac::days(null, new DateTimeZone('UTC'), $tide, $level, $windows, '2027-01-01', $count);
}

it('says how long a window is: in minutes to two hours, in hours to a day, in days from there on', function (int $minutes, string $says): void {
    $query = new WindowQuery(new Observer(56.5, -9.8), new PlaceCalendar(new DateTimeZone('UTC')));
    $found = WindowSearch::find($query, null, NEW_YEAR, NEW_YEAR + 60 * $minutes);
    expect($found)->toHaveCount(1)->and($found[0]->terms[0]->why)->toBe($says);
})->with([
    [119, '119 minutes long'], [120, '2 h 00 long'], [180, '3 h 00 long'], [181, '3 h 01 long'], [1439, '23 h 59 long'],
    [1440, 'a whole day long'], [1441, '24 h 01 long'], [2879, '47 h 59 long'], [2880, '2 days long'], [4319, '2 days long'], [4320, '3 days long'], [10 * 1440, '10 days long'],
]);

it('makes a window of each day of what goes on for longer, where that is asked for, cut at midnight by the place’s clock, also where the clocks change', function (): void {
    $paris = new PlaceCalendar(new DateTimeZone('Europe/Paris'));
    $at = static fn (string $local): float => (float) (new DateTimeImmutable($local, new DateTimeZone('Europe/Paris')))->getTimestamp();
    $query = new WindowQuery(new Observer(46.6, 8.3), $paris, daily: true);
    $found = WindowSearch::find($query, null, $at('2027-03-27 16:30'), $at('2027-03-30 09:00'));
    expect(array_map(static fn (Window $w): array => [$w->from, $w->to], $found))->toBe([
        [$at('2027-03-27 16:30'), $at('2027-03-28 00:00')], [$at('2027-03-28 00:00'), $at('2027-03-29 00:00')],
        [$at('2027-03-29 00:00'), $at('2027-03-30 00:00')], [$at('2027-03-30 00:00'), $at('2027-03-30 09:00')],
    ])->and($found[1]->minutes())->toBe(1380.0);
    // A day of 25 hours is one; what is no longer than a day is left whole over midnight.
    expect($paris->daily([[$at('2027-10-31 00:00'), $at('2027-11-01 00:00')]]))->toBe([[$at('2027-10-31 00:00'), $at('2027-11-01 00:00')]])
        ->and($paris->daily([[$at('2027-06-01 20:00'), $at('2027-06-02 20:00')], [$at('2027-06-05 20:00'), $at('2027-06-06 20:01')]]))->toBe([
            [$at('2027-06-01 20:00'), $at('2027-06-02 20:00')], [$at('2027-06-05 20:00'), $at('2027-06-06 00:00')], [$at('2027-06-06 00:00'), $at('2027-06-06 20:01')],
        ]);
});

it('has a window on every day of a midnight sun and of a weekend', function (): void {
    $north = new Observer(78.22, 15.65);
    $days = new PlaceCalendar(new DateTimeZone('Arctic/Longyearbyen'));
    $june = (float) strtotime('2027-06-01 00:00 Europe/Oslo');
    $found = WindowSearch::find(new WindowQuery($north, $days, sunLeastDeg: 0.0, daily: true), null, $june, $june + 30 * 86_400);
    expect($found)->toHaveCount(30);
    $weekend = WindowSearch::find(new WindowQuery($north, new PlaceCalendar(new DateTimeZone('UTC'), ['sat', 'sun']), daily: true), null, NEW_YEAR, NEW_YEAR + 7 * 86_400);
    expect(array_map(static fn (Window $w): string => gmdate('D', (int) $w->from), $weekend))->toBe(['Sat', 'Sun']);
});

it('gives a plain list where what came first was too short', function (): void {
    // It rises for five minutes, falls to noon, and rises to the end.
    $tide = straightTide([NEW_YEAR => 2.0, NEW_YEAR + 300 => 2.1, NEW_YEAR + 43_200 => 1.0, NEW_YEAR + 86_400 => 3.0]);
    $query = new WindowQuery(new Observer(56.5, -9.8), new PlaceCalendar(new DateTimeZone('UTC')), trend: Trend::Rising);
    $found = WindowSearch::find($query, $tide, NEW_YEAR, NEW_YEAR + 86_400);
    expect(array_keys($found))->toBe([0])->and($found[0]->from)->toBe(NEW_YEAR + 43_200.0);
});

it('puts a window that begins at midnight on the day that begins then', function (): void {
    $days = daysFrom(3, windowsAt([[NEW_YEAR + 86_400.0, NEW_YEAR + 90_000.0], [NEW_YEAR + 172_799.0, NEW_YEAR + 180_000.0]]));
    expect(array_map(static fn (AlmanacDay $day): int => count($day->windows), $days))->toBe([0, 2, 0]);
    // Those on which one begins before an instant, and not at it; a plain list.
    expect(Almanac::withWindows($days, NEW_YEAR + 86_401.0))->toBe([$days[1]])
        ->and(Almanac::withWindows($days, NEW_YEAR + 86_400.0))->toBe([]);
});

it('asks no level where there is no tide, and none of a tide where there is no level', function (): void {
    $tide = straightTide([NEW_YEAR => 1.0, NEW_YEAR + 43_200 => 4.0, NEW_YEAR + 86_400 => 1.0]);
    expect(daysFrom(1, level: Level::between(2.0, null))[0]->reached)->toBe([])->and(daysFrom(1, tide: $tide)[0]->reached)->toBe([])
        ->and(daysFrom(1, tide: $tide, level: Level::between(2.5, null))[0]->reached)->toEqual([[NEW_YEAR + 21_600.0,
            NEW_YEAR + 64_800.0]]);
});

it('draws the tide of a day that it covers to the second, and of none that it does not', function (): void {
    $covers = straightTide([NEW_YEAR => 1.0, NEW_YEAR + 43_200 => 4.0, NEW_YEAR + 86_400 => 1.0]);
    expect(array_map(static fn (AlmanacDay $day): int => count($day->heightsM), daysFrom(2, tide: $covers)))->toBe([Almanac::STEPS + 1, 0]);
    foreach ([[1, 0], [0, -1]] as [$later, $earlier]) {
        $short = straightTide([NEW_YEAR + $later => 1.0, NEW_YEAR + 43_200 => 4.0, NEW_YEAR + 86_400 + $earlier => 1.0]);
        expect(daysFrom(1, tide: $short)[0]->heightsM)->toBe([]);
    }
});

it('gives no day a level that ends or begins at the midnight of its edge', function (): void {
    // Known for one day alone, and the water stands over the mark from end to end of it.
    $tide = straightTide([NEW_YEAR + 86_400 => 3.0, NEW_YEAR + 129_600 => 4.0, NEW_YEAR + 172_800 => 3.0]);
    expect(array_map(static fn (AlmanacDay $day): array => $day->reached, daysFrom(3, tide: $tide, level: Level::between(2.0, null))))
        ->toEqual([[], [[NEW_YEAR + 86_400.0, NEW_YEAR + 172_800.0]], []]);
});

it('says where in a day an instant lies, and keeps it there', function (float $hour, float $share): void {
    expect(daysFrom(1)[0]->share(NEW_YEAR + 3600 * $hour))->toBe($share);
})->with([[0.0, 0.0], [6.0, 0.25], [24.0, 1.0], [30.0, 1.0], [48.0, 1.0], [-3.0, 0.0]]);
