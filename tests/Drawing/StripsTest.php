<?php

declare(strict_types=1);

use App\Drawing\AlmanacMarks;
use App\Drawing\DayStrip;
use App\Drawing\Histogram;
use App\Drawing\Label;
use App\Drawing\LedgeTide;
use App\Drawing\MonthSheet;
use App\Drawing\Tick;
use App\Drawing\TimesCurve;
use App\Drawing\WeatherRows;
use GentlePour\Photo\Levels;
use GentlePour\Photo\Raster;
use GentlePour\Planning\AlmanacDay;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Practice\ShownTide;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SunOfDay;
use GentlePour\Units;
use GentlePour\Weather\Forecast;
use GentlePour\Weather\WeatherHour;

// Days, times and levels as strips, worked out by hand.

/** @param  list<array{float, float}>  $windows in hours */
function stripDay(string $date, array $heightsM = [], array $reached = [], array $windows = [], bool $lit = false): AlmanacDay
{
    $from = (float) strtotime($date.' UTC');
    $at = static fn (array $hours): array => [$from + 3600 * $hours[0], $from + 3600 * $hours[1]];

    return new AlmanacDay($date, $from, $from + 86400, $lit ? SunOfDay::of(new Observer(56.5, -9.9), $from, $from + 86400) : null, $heightsM,
        array_map($at, $reached), 0.25, true, array_map(static fn (array $h): Window => new Window(...$at($h), highestM: 4.0, trend: Trend::Rising,
            sunAltitudeFromDeg: 1, sunAltitudeToDeg: 2, sunAzimuthDeg: 120, ev100From: 9, ev100To: 10, terms: []), $windows));
}

it('lays day beside day, each in its own column, 26 px wide', function (): void {
    // 31 December 2026 is a Thursday: the 1st of January a Friday, the 2nd a Saturday.
    $days = [stripDay('2027-01-01', [1.0, 3.0, 5.0], [[0, 6], [18, 24]], [[6, 6.17]], true), stripDay('2027-01-02', [5.0, 5.0, 0.0], [[6, 18]], [], true),
        stripDay('2027-01-12', [6.0, 1.0])];
    $sheet = MonthSheet::of($days, [1.0, 5.0], new AlmanacMarks('2027-01-02', '2027-01-12', keepers: ['2027-01-02' => 3]), static fn (AlmanacDay $d): string => 'the '.$d->date);
    // 64 px at the left; 3 px are free at either side of a column; from 1 to 5 m it is 20 px wide, and beyond it stays at its edge.
    expect($sheet->tide)->toBe('M67 38L77 104L87 170M113 38L113 104L93 170M373 38L353 170')
        // Between the curve and where the level is met: of two ends the lower one.
        ->and($sheet->reached)->toBe('M67 38L67 38L72 71L67 71Z'.'M82 137L82 137L87 170L82 170Z'.'M100.5 71L113 71L113 104L100.5 137L100.5 137Z')
        ->and(array_map(static fn ($d): array => [$d->x, $d->number, $d->isWeekend, $d->isPast, $d->isChosen, $d->flag, $d->keepers, $d->hasOuting, $d->said], $sheet->days))
        ->toBe([[64.0, 1, false, true, false, '', 0, false, 'the 2027-01-01'], [90.0, 2, true, false, false, '', 3, false, 'the 2027-01-02'],
            [350.0, 12, false, false, true, '', 0, false, 'the 2027-01-12']])
        ->and($sheet->todayX)->toBe(90.0)->and($sheet->days[0]->windows)->toBe([[71.0, 4.0]]);
    // The night of the second column follows that of the first.
    expect($sheet->dark['night'])->toStartWith('M64 38h26V')->and(substr_count($sheet->dark['night'], 'M64 '))->toBe(2)->and(substr_count($sheet->dark['night'], 'M90 '))->toBe(2)
        ->and(strpos($sheet->dark['night'], 'M90 '))->toBeGreaterThan(strrpos($sheet->dark['night'], 'M64 '))->and(substr_count($sheet->dark['night'], 'h26V'))->toBe(4);
    // A growing quarter is lit from the right in the north, from the left in the south.
    $moon = static fn (bool $south): string => MonthSheet::of($days, [1.0, 5.0], new AlmanacMarks('2027-01-02'), static fn (): string => '', $south)->days[0]->moon;
    expect($moon(false))->toBe('M0 -5.5A5.5 5.5 0 0 1 0 5.5A2.8 5.5 0 0 0 0 -5.5Z')->and($moon(true))->toBe('M0 -5.5A5.5 5.5 0 0 0 0 5.5A2.8 5.5 0 0 1 0 -5.5Z');
    // One height alone says nothing of when the level holds.
    expect(MonthSheet::of([stripDay('2027-01-01', [], [[0, 6]])], [1.0, 5.0], new AlmanacMarks('2027-01-02'), static fn (): string => '')->reached)->toBe('')
        ->and([MonthSheet::width(), MonthSheet::height(), MonthSheet::yOfHour(6), MonthSheet::yOfHour(18)])->toBe([872.0, 172.0, 71.0, 137.0]);
});

it('joins the heights of a day by a smooth curve, and bounds it (by hand, Catmull and Rom 1974)', function (): void {
    // Range 1 to 5 m on 48 px, 4 free at either edge: a metre is 10 px. Control points lie a sixth of the neighbours' distance from theirs.
    $strip = DayStrip::of(stripDay('2027-01-01', [1.0, 4.0, 5.0, 2.0], [], [[23.99, 24]]), [1.0, 5.0], 48.0, 3.0);
    $curve = 'M0.0 44.0C16.7 39.0 66.7 20.7 100.0 14.0C133.3 7.3 166.7 0.7 200.0 4.0C233.3 7.3 283.3 29.0 300.0 34.0';
    expect($strip->tide)->toBe($curve)->and($strip->water)->toBe($curve.'L300 48L0 48Z')->and($strip->levelY)->toBe(24.0)
        ->and(DayStrip::tideOf(stripDay('2027-01-01', [1.0, 4.0, 5.0, 2.0]), [1.0, 5.0], 48.0))->toBe($curve)
        ->and(DayStrip::tideOf(stripDay('2027-01-01', [0.0, 9.0]), [1.0, 5.0], 48.0))->toBe('M0.0 44.0C50.0 37.3 250.0 10.7 300.0 4.0')
        ->and(DayStrip::tideOf(stripDay('2027-01-01'), [1.0, 5.0], 48.0))->toBe('')
        ->and($strip->windows)->toBe([[299.9, 4.0]]);
    $dark = DayStrip::of(stripDay('2027-01-01', lit: true), [1.0, 5.0], 48.0)->dark['night'];
    expect($dark)->toMatch('/^M0 0H[\d.]+V48H0zM([\d.]+) 0H300V48H\1z$/');
    // Words go where no window's middle is; 12 o'clock is the afternoon.
    $room = static fn (array ...$hours): string => DayStrip::of(stripDay('2027-01-01', [], [], array_values($hours)), [1.0, 5.0], 48.0)->roomFor();
    expect([$room([11, 13]), $room([10.9, 12.9]), $room([7, 9], [11, 13]), $room([0, 23]), $room([13, 15], [20, 21])])->toBe(['left', 'right', 'middle', 'right', 'left']);
});

it('lays the times of keepers along their stops: a hump half a stop wide for each', function (): void {
    // One of a second: from a quarter to four seconds, with 26 px at either side; a stop is 147 px, and points are a sixth apart.
    $one = TimesCurve::of([1.0]);
    $points = array_map(static fn (string $p): array => array_map(floatval(...), explode(' ', $p)), explode('L', substr($one->path, 1)));
    expect($points)->toHaveCount(25)->and($points[0])->toBe([26.0, 70.0])->and($points[12])->toBe([320.0, 6.0])->and($points[24])->toBe([614.0, 70.0])
        // Half a stop off it has e^−½ of its height, a stop off e^−2.
        ->and($points[15])->toBe([393.5, round(70 - 64 * exp(-0.5), 1)])->and($points[9][1])->toBe($points[15][1])
        ->and($points[18])->toBe([467.0, round(70 - 64 * exp(-2), 1)])
        ->and($one->strokes)->toBe([320.0])
        ->and(array_map(static fn (Tick $t): array => [$t->x, $t->label], $one->ticks))->toBe([[26.0, '1/4'], [320.0, '1 s'], [614.0, '4 s']]);
    // Two at one place are as high as the highest; four seconds and sixteen: from one second to a minute.
    $three = TimesCurve::of([4.0, 4.0, 16.0]);
    $heights = array_map(static fn (string $p): float => (float) explode(' ', $p)[1], explode('L', substr($three->path, 1)));
    expect(count($heights))->toBe(37)->and($heights[12])->toBe(6.0)->and($heights[24])->toBe(round(70 - 64 * (1 + 2 * exp(-8)) / (2 + exp(-8)), 1))
        ->and($three->strokes)->toBe([222.0, 222.0, 418.0])
        ->and(array_map(static fn (Tick $t): array => [$t->x, $t->label], $three->ticks))->toBe([[26.0, '1 s'], [222.0, '4 s'], [418.0, '15 s'], [614.0, '1:04']]);
});

it('draws the levels of a frame by the square root, four to a column, as high as the highest within', function (): void {
    $counts = array_fill(0, 256, 0);
    [$counts[0], $counts[8], $counts[11], $counts[128], $counts[255]] = [900, 30, 70, 25, 400];
    $drawn = Histogram::ofLuminance($counts);
    $points = explode('L', substr($drawn->luminance, 1));
    // Blacks and whites, however many, are no higher than the sheet: the third column's hundred are 128 px of it, a quarter of them half.
    expect(count($points))->toBe(66)->and($points[0])->toBe('0 4.0')->and($points[1])->toBe('8 132.0')->and($points[2])->toBe('16 4.0')
        ->and($points[32])->toBe('256 68.0')->and($points[63])->toBe('504 4.0')->and($drawn->luminance)->toEndWith('L512 132L0 132Z')
        ->and($drawn->channels)->toBe(['red' => '', 'green' => '', 'blue' => '']);
    $dark = Histogram::ofLuminance([5, ...array_fill(0, 255, 0)])->luminance;
    expect($dark)->toStartWith('M0 4.0L8 132.0')->and(Histogram::ofLuminance(array_fill(0, 256, 0))->luminance)->toStartWith('M0 132.0L8 132.0');
    // Of a frame: 12 pixels of red 0x80, four of green 0x40; all of them without blue.
    $levels = Levels::of(new Raster(4, 4, [...array_fill(0, 12, 0x800000), ...array_fill(0, 4, 0x004000)]));
    $channels = Histogram::of($levels)->channels;
    expect(explode('L', substr($channels['red'], 1))[32])->toBe('256 4.0')->and(explode('L', substr($channels['green'], 1))[16])->toBe('128 '.round(132 - 128 * sqrt(1 / 3), 1))
        ->and(explode('L', substr($channels['blue'], 1)))->toHaveCount(64)->and($channels['blue'])->toStartWith('M0 4.0L8 132.0')
        ->and(Histogram::of($levels)->luminance)->toEndWith('L512 132L0 132Z');
});

it('says of a day’s forecast what holds for hours: sky, wind, rain or fog, and waves', function (): void {
    $hour = static fn (int $h, array $said): WeatherHour => new WeatherHour(3600.0 * $h, ...$said);
    $rows = static fn (array $hours, Units $units = new Units): array => (new WeatherRows($units))->of(Forecast::of($hours), 0.0, 86400.0);
    // Each hour holds half way to the next, the first and last for an hour and a half; winds within two metres a second are of one kind.
    expect($rows([$hour(10, ['windMS' => 4.9, 'windFromDeg' => 224]), $hour(11, ['windMS' => 3.1, 'windFromDeg' => 203]), $hour(12, ['windMS' => 5.1])]))
        ->toBe(['wind' => [[3600 * 8.5, 3600 * 11.5, '4 m/s SW'], [3600 * 11.5, 3600 * 13.5, '6 m/s']]])
        ->and($rows([$hour(10, ['windMS' => 5.1, 'windFromDeg' => 202])], new Units('m', 'm/s', 'Bft')))->toBe(['wind' => [[30600.0, 41400.0, 'force 4 S']]])
        // Waves by the half metre, with their period.
        ->and($rows([$hour(10, ['heightM' => 1.74, 'periodS' => 9.6]), $hour(11, ['heightM' => 1.76])]))
        ->toBe(['waves' => [[30600.0, 37800.0, '1.5 m 10 s'], [37800.0, 45000.0, '2.0 m']]])
        // Rain before fog; fog by the spread and the wind.
        ->and($rows([$hour(10, ['rainMm' => 0.1, 'airC' => 8.0, 'dewPointC' => 8.0, 'windMS' => 1.0])])['rain, fog'])->toBe([[30600.0, 41400.0, 'rain']])
        ->and($rows([$hour(10, ['airC' => 8.0, 'dewPointC' => 7.6, 'windMS' => 1.0])])['rain, fog'])->toBe([[30600.0, 41400.0, 'fog likely']])
        ->and($rows([$hour(10, ['airC' => 8.0, 'dewPointC' => 6.0, 'windMS' => 1.0])])['rain, fog'])->toBe([[30600.0, 41400.0, 'fog possible']])
        ->and(array_keys($rows([$hour(10, ['rainMm' => 0.05, 'airC' => 8.0, 'dewPointC' => 2.0, 'windMS' => 1.0, 'lowCloud' => 100.0])])))->toBe(['sky', 'wind'])
        ->and($rows([]))->toBe([]);
});

it('puts the words of a tide on the ledge where their lines are', function (): void {
    $label = static fn (Label $l): array => [$l->text, $l->x, round($l->y, 1), $l->anchor];
    // From 5:30 to 12:30: a minute is 520 / 420 px; a metre 182 / 6.4 px over the floor at 212, which is at −0.8 m.
    $y = static fn (float $m): float => 212 - 182 / 6.4 * ($m + 0.8);
    $drawn = LedgeTide::of(new ShownTide(360, 1.0, 720, 5.0, 3.4, 3.0, 510));
    expect(array_map($label, $drawn->labels))->toBe([['low 6:00, 1.0 m', 6.0, 206.0, 'start'], ['high 12:00, 5.0 m', 514.0, round(round($y(5), 1) - 12, 1), 'end'],
        ['ledge 3.4 m', 6.0, round(round($y(3.4), 1) - 6, 1), 'start']])
        ->and(array_map($label, $drawn->reasons))->toBe([['room for the tide: 3.0 m', 514.0, round(round($y(3), 1) - 6, 1), 'end'], ['leave 8:30', round(520 * 180 / 420, 1) - 6, 30.0, 'end']])
        ->and($drawn->ledgeY)->toBe(round($y(3.4), 1))->and($drawn->leaveX)->toBe(round(520 * 180 / 420, 1))
        ->and(array_map(static fn (Tick $t): array => [$t->x, $t->label], $drawn->hours)[1])->toBe([round(520 * 90 / 420, 1), '7'])->and(count($drawn->hours))->toBe(7);
    // So early that it would leave the sheet to the left, it stands to the right of its line.
    $early = LedgeTide::of(new ShownTide(360, 1.0, 720, 5.0, 3.4, 3.0, 440));
    expect($label($early->reasons[1]))->toBe(['leave 7:20', round(520 * 110 / 420, 1) + 6, 30.0, 'start'])
        // Over midnight the hours go on from nought.
        ->and(array_column(LedgeTide::of(new ShownTide(1300, 1.0, 1600, 5.0, 3.4, 3.0, 1400))->hours, 'label'))->toBe(['22', '23', '0', '1', '2', '3']);
});
