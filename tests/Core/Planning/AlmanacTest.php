<?php

declare(strict_types=1);

use GentlePour\Planning\Almanac;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\Observer;
use GentlePour\Tide\Level;
use GentlePour\Tide\TableCurve;
use GentlePour\Tide\TideEvent;
use GentlePour\Time\PlaceCalendar;

// Months ahead as a drawing.

/** High water every 12 h 25 min, by turns at 5.0 m and 4.4 m over a low of 1.0 m, from a day before an instant on. */
function twoTidesADay(float $fromUnix, int $days): TableCurve
{
    $turns = [];
    for ($i = 0; $i * 22350.0 < ($days + 3) * 86400; $i++) {
        $turns[] = new TideEvent($fromUnix - 86400 + $i * 22350.0, $i % 2 === 1 ? 1.0 : ($i % 4 === 0 ? 5.0 : 4.4), $i % 2 === 0);
    }

    return TableCurve::of($turns);
}

it('goes by the clock of the place: days of 23 and 25 hours where it is put forward and back', function (): void {
    $days = Almanac::days(new Observer(56.5, -9.9), new DateTimeZone('Europe/London'), null, null, [], '2027-03-26', 4);
    expect(array_map(static fn ($d): array => [$d->date, ($d->toUnix - $d->fromUnix) / 3600], $days))
        ->toBe([['2027-03-26', 24.0], ['2027-03-27', 24.0], ['2027-03-28', 23.0], ['2027-03-29', 24.0]]);
    expect($days[1]->toUnix)->toBe($days[2]->fromUnix)->and($days[0]->heightsM)->toBe([])->and($days[0]->reached)->toBe([]);
    expect($days[2]->share($days[2]->fromUnix + 11.5 * 3600))->toBe(0.5)->and($days[0]->share(0))->toBe(0.0);

    $autumn = Almanac::days(null, new DateTimeZone('Europe/London'), null, null, [], '2027-10-31', 1)[0];
    expect($autumn->toUnix - $autumn->fromUnix)->toBe(90000.0)->and($autumn->sun)->toBeNull();
});

it('says of each day its tide, when the level holds, and which windows begin on it', function (): void {
    $zone = new DateTimeZone('UTC');
    $from = (float) (new DateTimeImmutable('2027-01-01', $zone))->getTimestamp();
    [$tide, $level] = [twoTidesADay($from, 30), Level::between(4.6, null)];
    $observer = new Observer(56.5, -9.9);
    $windows = WindowSearch::find(new WindowQuery($observer, new PlaceCalendar($zone), $level), $tide, $from, $from + 30 * 86400);
    $days = Almanac::days($observer, $zone, $tide, $level, $windows, '2027-01-01', 30);

    expect($windows)->toHaveCount(count(array_merge(...array_column($days, 'windows'))));
    foreach ($days as $day) {
        expect($day->heightsM)->toHaveCount(Almanac::STEPS + 1);
        foreach ($day->heightsM as $i => $height) {
            expect($height)->toBe($tide->heightM($day->fromUnix + $i * 7200));
        }
        foreach ($day->reached as [$begins, $ends]) {
            expect($begins)->toBeGreaterThanOrEqual($day->fromUnix)->and($ends)->toBeLessThanOrEqual($day->toUnix)
                ->and($level->holds($tide->heightM(($begins + $ends) / 2)))->toBeTrue();
        }
        foreach ($day->windows as $window) {
            expect($window->from)->toBeGreaterThanOrEqual($day->fromUnix)->toBeLessThan($day->toUnix);
        }
    }
    // A window a day at the higher of the two high waters; on some days it begins twice, on some not at all.
    $held = array_sum(array_map(static fn ($d): float => array_sum(array_map(static fn (array $s): float => $s[1] - $s[0], $d->reached)),
        $days));
    $searched = array_sum(array_map(static fn (array $s): float => $s[1] - $s[0],
        array_map(static fn ($s): array => [max($from, $s->from), min($from + 30 * 86400, $s->to)],
            array_filter($level->spans($tide), static fn ($s): bool => $s->to > $from && $s->from < $from + 30 * 86400))));
    expect($held)->toEqualWithDelta($searched, 1.0)->and($held)->toBeGreaterThan(3600.0);
    expect(count(Almanac::withWindows($days, $from + 10 * 86400)))->toBeGreaterThan(5)->toBeLessThanOrEqual(10);
});

it('draws the moon from dark to full and back: 14.8 days apart (common practice), growing between them', function (): void {
    $days = Almanac::days(null, new DateTimeZone('UTC'), null, null, [], '2027-01-01', 60);
    $lit = array_column($days, 'moonLit');
    [$full, $dark] = [array_search(max($lit), $lit, true), array_search(min($lit), $lit, true)];

    expect(max($lit))->toBeGreaterThan(0.98)->and(min($lit))->toBeLessThan(0.02);
    expect(fmod(abs($full - $dark), 29.53))->toEqualWithDelta(14.8, 1.3);
    foreach ([$full, $dark] as $turn) {
        expect($days[max(0, $turn - 4)]->moonGrows)->toBe($turn === $full)
            ->and($days[min(59, $turn + 4)]->moonGrows)->toBe($turn !== $full);
    }
});

it('puts no night above a window with light, however long and high it is, unless the dark is asked for', function (): void {
    $zone = new DateTimeZone('UTC');
    $from = (float) (new DateTimeImmutable('2027-01-01', $zone))->getTimestamp();
    $tide = twoTidesADay($from, 40);
    $of = static fn (float $most): WindowQuery => new WindowQuery(new Observer(56.5, -9.9), new PlaceCalendar($zone),
        Level::between(4.2, null), sunMostDeg: $most);
    $isDark = static fn ($w): bool => str_contains($w->why(), 'night or deep dusk');
    $ranked = WindowSearch::ranked(WindowSearch::find($of(90.0), $tide, $from, $from + 40 * 86400));
    $dark = array_map($isDark, $ranked);

    expect(array_search(true, $dark, true))->toBe(count(array_filter($dark, static fn (bool $d): bool => ! $d)))->toBeGreaterThan(5);
    $asked = WindowSearch::find($of(LightPhase::Nautical->mostDeg()), $tide, $from, $from + 40 * 86400);
    expect(min(array_map(static fn ($w): float => $w->score(), $asked)))->toBeGreaterThan(0.0)
        ->and(array_filter($asked, $isDark))->toHaveCount(count($asked));
});
