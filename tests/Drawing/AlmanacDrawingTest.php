<?php

declare(strict_types=1);

use App\Drawing\AlmanacMarks;
use App\Drawing\DarkHand;
use App\Drawing\DayStrip;
use App\Drawing\MonthSheet;
use App\Drawing\MoonDisc;
use GentlePour\Planning\Almanac;
use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\Observer;

/** 2 January 2027 with a tide of so many heights, when a level holds and windows, each in hours. */
function drawnDay(array $heightsM = [], array $reached = [], array $windows = []): AlmanacDay
{
    $from = (float) gmmktime(0, 0, 0, 1, 2, 2027);
    $spans = static fn (array $hours): array => array_map(static fn (array $s): array => [$from + 3600 * $s[0], $from + 3600 * $s[1]],
        $hours);
    $made = array_map(static fn (array $s): Window => new Window($s[0], $s[1], 4.0, Trend::Rising, 1, 2, 120, 9, 10, []), $spans($windows));
    $sun = Almanac::days(new Observer(56.5, -9.9), new DateTimeZone('UTC'), null, null, [], '2027-01-02', 1)[0]->sun;

    return new AlmanacDay('2027-01-02', $from, $from + 86400, $sun, $heightsM, $spans($reached), 0.25, true, $made);
}

function sheetOf(AlmanacDay ...$days): MonthSheet
{
    return MonthSheet::of(array_values($days), [0.0, 4.0], new AlmanacMarks('2027-01-02', '2027-01-02', ['2027-01-02' => 'best'],
        ['2027-01-02' => 2], ['2027-01-02' => true]), static fn (): string => 'said');
}

it('adds up strokes with the dark: none by day, and more of them the lower the sun', function (): void {
    $length = static fn (LightPhase $p): int => preg_match_all('/h(\d+)/', DarkHand::strokes($p), $found) > 0
        ? array_sum(array_map(intval(...), $found[1])) : 0;
    $sum = 0;
    foreach ([LightPhase::Golden, LightPhase::Blue, LightPhase::Nautical, LightPhase::Astronomical, LightPhase::Night] as $i => $phase) {
        expect($length($phase))->toBeGreaterThan(0)->and(DarkHand::phases()[$i])->toBe($phase);
        $sum += $length($phase);
    }
    // Of the 48 px of strokes that a cell of four lines could hold, the night has nearly all.
    expect(DarkHand::strokes(LightPhase::Day))->toBe('')->and($sum)->toBeGreaterThan(40)->toBeLessThanOrEqual(48);
});

it('lays a day of a month out from midnight to midnight: what is dark, the tide, the level and the windows', function (): void {
    $day = drawnDay([0.0, 4.0, 0.0], [[6.0, 18.0]], [[6.0, 12.0], [20.0, 20.5]]);
    $sheet = sheetOf($day);
    $x = MonthSheet::LEFT + MonthSheet::COLUMN;

    expect($sheet->name)->toBe('Jan')->and($sheet->year)->toBe('2027')->and($sheet->todayX)->toBe($x)->and($sheet->days[0]->x)->toBe($x);
    // Three pixels are left free at either side of the column.
    expect($sheet->tide)->toBe(sprintf('M%g 38L%g 104L%g 170', $x + 3, $x + 23, $x + 3));
    expect($sheet->days[0]->windows)->toBe([[71.0, 33.0], [148.0, 4.0]]);
    // Half the height where it begins and ends, and all of it at noon.
    expect($sheet->reached)->toBe(sprintf('M%1$g 71L%1$g 71L%2$g 104L%1$g 137L%1$g 137Z', $x + 13, $x + 23));
    expect($sheet->days[0])->isWeekend->toBeTrue()->isPast->toBeFalse()->isChosen->toBeTrue()->hasOuting->toBeTrue()->keepers->toBe(2)->flag
        ->toBe('best')->said->toBe('said');
    foreach ($sheet->dark as $phase => $path) {
        [[, $until], [$again]] = $day->sun?->spansBelow(LightPhase::from($phase)->mostDeg()) ?? [];
        expect($path)->toStartWith(sprintf('M%g 38h26V%g', $x, round(38 + 132 * $day->share($until), 1)))
            ->toContain(sprintf('M%g %gh26V170', $x, round(38 + 132 * $day->share($again), 1)));
    }
});

it('leaves out of a month what a day has not: no tide inland, no light without a position', function (): void {
    $bare = new AlmanacDay('2027-01-02', 0.0, 86400.0, null, [], [], 0.5, false, []);
    $sheet = sheetOf($bare);

    expect($sheet->dark)->toBe([])->and($sheet->tide)->toBe('')->and($sheet->reached)->toBe('')->and($sheet->days[0]->windows)->toBe([]);
});

it('lays a strip from left to right, through every height of its tide', function (): void {
    $strip = DayStrip::of(drawnDay([0.0, 4.0, 0.0], [], [[6.0, 12.0], [23.9, 24.0]]), [0.0, 4.0], 48.0, 2.0);

    expect($strip->windows)->toBe([[75.0, 75.0], [298.8, 4.0]])->and($strip->levelY)->toBe(24.0);
    expect($strip->tide)->toStartWith('M0.0 44.0C')->toContain(' 150.0 4.0C')->toEndWith(' 300.0 44.0')
        ->and($strip->water)->toBe($strip->tide.'L300 48L0 48Z');
    $room = static fn (array ...$windows): string => DayStrip::of(drawnDay([], [], array_values($windows)), [0.0, 4.0], 48.0)->roomFor();
    expect([$room([7, 9]), $room([15, 17]), $room([7, 9], [15, 17]), $room()])->toBe(['right', 'left', 'middle', 'middle']);
    expect(DayStrip::of(drawnDay(), [0.0, 4.0], 48.0, 2.0))->tide->toBe('')->water->toBe('')->levelY->toBeNull();
});

it('lights the moon from the right while it grows in the north, and bulges past half', function (): void {
    // A half moon has a straight edge; the limb of a growing one turns clockwise from the top.
    expect(MoonDisc::path(0.5, true, 5.0))->toBe('M0 -5A5 5 0 0 1 0 5A0 5 0 0 0 0 -5Z');
    expect(MoonDisc::path(0.25, true, 5.0))->toBe('M0 -5A5 5 0 0 1 0 5A2.5 5 0 0 0 0 -5Z');
    expect(MoonDisc::path(0.75, true, 5.0))->toBe('M0 -5A5 5 0 0 1 0 5A2.5 5 0 0 1 0 -5Z');
    expect(MoonDisc::path(0.75, false, 5.0))->toBe('M0 -5A5 5 0 0 0 0 5A2.5 5 0 0 0 0 -5Z');
});
