<?php

declare(strict_types=1);

use App\Drawing\HorizonSheet;
use App\Drawing\HorizonWords;
use App\Drawing\Label;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\LensFrame;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyBody;
use GentlePour\Sky\Skyline;
use GentlePour\Units;

// The horizon unrolled, worked out by hand: a degree is 3.4 px, and the sky begins 20 px below the top.

function bodyAt(float $altitude, float $azimuth): Horizontal
{
    return new Horizontal($altitude, $azimuth, 149597870);
}

/**
 * A sheet of a made-up sky around a lens that faces south; 24 mm on 36 by 24 mm take in 73.74 by 53.13 degrees.
 *
 * @param  list<array{float, float}>  $sun  altitude and azimuth, hour by hour from midnight
 * @param  list<array{float, float}>  $moon
 */
function madeUpSheet(array $sun = [[40, 180]], array $moon = [], string $skyline = '', float $tilt = 0.0, float $focal = 24.0, ?float $centre = null,
    Units $units = new Units, int $stepS = 3600, string $zone = 'UTC'): HorizonSheet
{
    $moments = [];
    foreach ($sun as $i => $at) {
        $moments[] = [(float) (86400 * 20000 + $stepS * $i), bodyAt(...$at), bodyAt(...$moon[$i] ?? [-20, 0])];
    }

    return new HorizonSheet(new Observer(50, 0, Skyline::parse($skyline)), LensFrame::of(180, $tilt, 36, 24, $focal), 86400.0 * 20000, 86400.0 * 20001,
        new DateTimeZone($zone), $centre, $units, $moments);
}

it('says where a body is to the frame: below, behind, inside, or how far aside', function (float $altitude, float $azimuth, string $skyline, string $words): void {
    $observer = new Observer(50, 0, Skyline::parse($skyline));
    $frame = LensFrame::of(180, 0, 36, 24, 24);
    expect(HorizonWords::of(SkyBody::Sun, bodyAt($altitude, $azimuth), $observer, $frame))->toBe($words)
        ->and(HorizonWords::of(SkyBody::Moon, bodyAt($altitude, $azimuth), $observer, $frame))->toBe(str_replace(': shade the lens', '', $words));
})->with([
    // Refraction lifts it by more than half a degree at the horizon.
    [-0.7, 180, '', 'below the horizon'], [-0.5, 260, '', '0° up, 80° right'], [30, 100, '', '30° up, 80° left'],
    [10, 180, '', 'in the frame: shade the lens'], [10, 180, '170 20, 190 20', 'behind the skyline'], [10, 350, '', '10° up, 170° right'],
    [10, 10, '', '10° up, 170° left'],
]);

it('turns a polariser as a hand does, by five degrees: to the sun, or half a turn from it', function (float $altitude, float $azimuth, string $words): void {
    // A level lens with the sun at a right angle: sin² / (1 + cos²) of 0.75 are polarised, two stops.
    expect(HorizonWords::sky(bodyAt($altitude, $azimuth), LensFrame::of(180, 0, 36, 24, 24)))->toBe('2.0 stops darker, turned '.$words);
})->with([
    [90, 0, 'upright'], [88, 90, 'upright'], [88, 270, 'upright'], [0, 90, 'level'], [0.5, 270, 'level'],
    // At the right, 90 less its altitude from upright; at the left as far the other way.
    [57.4, 270, '35° right of upright'], [48, 270, '40° right of upright'], [5, 270, '85° right of upright'], [86, 270, '5° right of upright'],
    [30, 90, '60° left of upright'], [32.6, 90, '55° left of upright'], [32.4, 90, '60° left of upright'], [85.4, 90, '5° left of upright'],
    [4, 90, '85° left of upright'],
]);

it('says when a polariser is of no use for the sky: near the sun and in the dark', function (): void {
    $frame = LensFrame::of(180, 0, 36, 24, 24);
    expect(HorizonWords::sky(bodyAt(-0.5, 200), $frame))->toBe('no use, sun 20° off the lens')
        ->and(HorizonWords::sky(bodyAt(-0.5, 0), $frame))->toBe('no use, sun 180° off the lens')
        ->and(HorizonWords::sky(bodyAt(-6.1, 90), $frame))->toBe('too dark to matter')
        ->and(HorizonWords::sky(bodyAt(-5.9, 90), $frame))->toContain('stops darker')
        ->and(HorizonWords::phase(bodyAt(-5.9, 90)))->toBe('blue')->and(HorizonWords::phase(bodyAt(7, 90)))->toBe('day');
});

it('says what of the mirror a polariser takes at the foot of the frame, and where the sun glitters', function (
    float $altitude, float $azimuth, float $tilt, float $focal, string $skyline, string $words,
): void {
    expect(HorizonWords::glare(bodyAt($altitude, $azimuth), new Observer(50, 0, Skyline::parse($skyline)), LensFrame::of(180, $tilt, 36, 24, $focal)))->toBe($words);
})->with(function (): array {
    // 24 mm held level look 26.57 degrees down at the foot: cos 63.43 = 0.4472, inside 0.7401; Fresnel's parts 0.1408 and 0.0119 leave 84 %.
    $mirror = 'polariser takes 84 % of the mirror at the foot';
    $both = 'glitter in the frame; '.$mirror;

    return [
        'in the frame' => [20, 180, 0, 24, '', $both],
        // Half of 73.74 degrees, and 12 beside it; as far below the horizon as the foot, and 12.
        'just beside' => [20, 180 + 48.5, 0, 24, '', $both], 'on the other side' => [20, 180 - 48.5, 0, 24, '', $both],
        'too far aside' => [20, 180 + 49.2, 0, 24, '', $mirror], 'high' => [38.2, 180, 0, 24, '', $both], 'too high' => [38.9, 180, 0, 24, '', $mirror],
        'half set' => [-0.5, 180, 0, 24, '', $both], 'low' => [0.3, 180, 0, 24, '', $both], 'set, but for its limb' => [-0.7, 180, 0, 24, '', $mirror],
        'set' => [-3, 180, 0, 24, '', $mirror], 'behind a wall' => [20, 180, 0, 24, '170 40, 190 40', $mirror],
        'beside a wall' => [20, 180, 0, 24, '100 40, 120 40', $both],
        // 200 mm look 3.43 degrees down from their axis: with it 2 up the foot is 1.43 below the horizon, with it 2.6 up 0.83.
        'a long lens, a little up' => [-9, 180, 2.0, 200, '', 'polariser takes 4 % of the mirror at the foot'],
        'a long lens, further up' => [-9, 180, 2.6, 200, '', ''], 'a long lens up, and the sun' => [5, 180, 2.6, 200, '', 'glitter in the frame'],
        'a sun too high for it' => [13.2, 180, 2.6, 200, '', ''],
    ];
});

it('has as much sky as sun, skyline and frame need, and as much below as the frame', function (HorizonSheet $sheet, float $sky, float $below): void {
    expect([$sheet->skyDeg, $sheet->belowDeg])->toBe([$sky, $below])
        ->and($sheet->height())->toBe(round(20 + 3.4 * ($sky + $below) + 24, 1))
        ->and($sheet->horizonY())->toBe(round(20 + 3.4 * $sky, 1))->and($sheet->footY())->toBe(round(20 + 3.4 * ($sky + $below), 1))
        ->and($sheet->y($sky))->toBe(20.0)->and($sheet->centreDeg)->toBe(180.0);
})->with([
    // Five degrees of room beyond the highest; the foot of a level 24 mm is 26.57 below.
    'the sun' => [fn () => madeUpSheet([[10, 90], [40, 180]]), 45.0, 32.0],
    'the moon' => [fn () => madeUpSheet([[10, 90], [40, 180]], [[51.2, 10], [0, 0]]), 57.0, 32.0],
    'a cliff' => [fn () => madeUpSheet([[40, 180]], [], '90 55, 100 55'), 60.0, 32.0],
    'the frame, 20 degrees beyond the rest at most' => [fn () => madeUpSheet([[20, 180]], [], '', 40), 65.0, 14.0],
    'the frame' => [fn () => madeUpSheet([[25, 180]], [], '', 15), 47.0, 17.0],
    'a night' => [fn () => madeUpSheet([[-30, 180]]), 34.0, 32.0],
    'the tropics' => [fn () => madeUpSheet([[87, 180]]), 88.0, 32.0],
    'looking down' => [fn () => madeUpSheet([[40, 180]], [], '', -30), 45.0, 46.0],
]);

it('names altitudes and directions, and keeps their names on the sheet', function (): void {
    $names = static fn (array $labels): array => array_map(static fn (Label $l): array => [$l->text, $l->x, $l->y, $l->anchor], $labels);
    // 45 degrees of sky: the line of 45 would lie at the edge.
    expect($names(madeUpSheet()->altitudes()))->toBe([['15°', 4.0, 122.0, 'start'], ['30°', 4.0, 71.0, 'start']])
        ->and(count(madeUpSheet([[42, 0]])->altitudes()))->toBe(3)->and(count(madeUpSheet([[87, 0]])->altitudes()))->toBe(5);
    // The middle is the south; 17 px below the foot, at 20 + 3.4 × 77.
    expect($names(madeUpSheet()->directions()))->toBe([
        ['N 0°', 0.0, 298.8, 'start'], ['NE 45°', 153.0, 298.8, 'middle'], ['E 90°', 306.0, 298.8, 'middle'], ['SE 135°', 459.0, 298.8, 'middle'],
        ['S 180°', 612.0, 298.8, 'middle'], ['SW 225°', 765.0, 298.8, 'middle'], ['W 270°', 918.0, 298.8, 'middle'], ['NW 315°', 1071.0, 298.8, 'middle'],
    ]);
    $north = static fn (float $centre): array => [madeUpSheet(centre: $centre)->directions()[0]->x, madeUpSheet(centre: $centre)->directions()[0]->anchor];
    expect($north(181))->toBe([1220.6, 'end'])->and($north(172))->toBe([27.2, 'start'])->and($north(171))->toBe([30.6, 'middle'])
        ->and($north(188))->toBe([1196.8, 'end'])->and($north(189))->toBe([1193.4, 'middle']);
});

it('draws the way of what is up, in pieces where it is down or leaves the sheet', function (): void {
    // Lifted by refraction: 10 degrees by 0.09, 20 by 0.045, 40 by 0.02. x is 3.4 × azimuth with the south in the middle.
    $sheet = madeUpSheet([[10, 90], [40, 180], [20, 270], [-5, 300], [10, 320], [40, 350], [40, 10], [10, 30]]);
    $y = static fn (float $altitude): string => number_format(20 + 3.4 * (45 - bodyAt($altitude, 0)->apparentAltitudeDeg()), 1, '.', '');
    expect($sheet->way(SkyBody::Sun))->toBe("M306.0 {$y(10)}L612.0 {$y(40)}L918.0 {$y(20)}M1088.0 {$y(10)}L1190.0 {$y(40)}M34.0 {$y(40)}L102.0 {$y(10)}")
        ->and($sheet->way(SkyBody::Moon))->toBe('');
    // Down to a degree below the horizon it is drawn; its discs stand to half a px.
    expect(madeUpSheet([[-0.9, 90], [30, 120], [-2.2, 240]])->way(SkyBody::Sun))->toStartWith('M306.0')->not->toContain('816.0');
    $steps = madeUpSheet([[30.03, 90.1]], [[10.2, 200.06]])->steps();
    expect($steps[0]->sunAt)->toBe([306.5, 40.0])->and($steps[0]->moonAt)->toBe([680.0, 107.5]);
});

it('names the full hours of what is up by the clock of the place, where there is room', function (): void {
    $hours = static fn (HorizonSheet $sheet): array => array_map(static fn (Label $l): array => [$l->text, $l->x], $sheet->hours(SkyBody::Sun));
    $sun = [[-10, 60], [10, 90], [40, 180], [20, 270], [0.5, 290]];
    expect($hours(madeUpSheet($sun)))->toBe([['1', 306.0], ['2', 612.0], ['3', 918.0], ['4', 986.0]])
        ->and($hours(madeUpSheet($sun, zone: 'Etc/GMT-12')))->toBe([['13', 306.0], ['14', 612.0], ['15', 918.0], ['16', 986.0]])
        ->and($hours(madeUpSheet($sun, zone: 'Etc/GMT-12', units: new Units(twelveHours: true))))->toBe([['1pm', 306.0], ['2pm', 612.0], ['3pm', 918.0], ['4pm', 986.0]])
        // Each half hour only the full one is named, and what has set is not.
        ->and($hours(madeUpSheet([[10, 90], [20, 120], [30, 150], [-2, 200]], stepS: 1800)))->toBe([['0', 306.0], ['1', 510.0]])
        // Nor is the midnight that is the next day's.
        ->and(count($hours(madeUpSheet(array_fill(0, 25, [30, 100])))))->toBe(24);
    // 9 px above where it stands; nameless, but there, where another or the scale would be overprinted.
    $close = madeUpSheet([[30, 100], [30, 101], [30, 110], [30, 0.5]])->hours(SkyBody::Sun);
    $y = round(20 + 3.4 * (35 - bodyAt(30, 0)->apparentAltitudeDeg()), 1);
    expect(array_map(static fn (Label $l): string => $l->text, $close))->toBe(['0', '', '2', ''])
        ->and([$close[0]->y, $close[1]->y, $close[0]->anchor])->toBe([$y - 9, $y - 9, 'middle']);
});

it('draws frame and skyline', function (): void {
    // From its upper left corner, atan(18 / 24) aside and atan(12 / 30) up, round.
    $path = madeUpSheet()->framePath();
    expect($path)->toStartWith('M-125.4 -74.1L')->toEndWith('Z')->toContain('L0.0 -90.3L')->toContain('L125.4 74.1L')->and(substr_count($path, 'L'))->toBe(47)
        ->and(madeUpSheet([[40, 180]], [], '', 10)->framePath())->toStartWith('M-1')->not->toStartWith('M-125.4')
        ->and(madeUpSheet()->frameHandle())->toBe([125.4, 0.0]);
    // All round ten degrees high: from the horizon up, across, and down again.
    $ring = madeUpSheet([[40, 180]], [], '0 10, 180 10, 360 10');
    expect($ring->skylinePath())->toBe('M0 173L0 139.0L1224 139.0L1224 173Z')->and(count($ring->skylineSamples()))->toBe(180);
    $wall = madeUpSheet([[40, 180]], [], '90 0, 100 20.04, 110 0');
    expect($wall->skylinePath())->toBe('M0 173L0 173.0L306 173.0L340 104.9L374 173.0L1224 173.0L1224 173Z')
        ->and(array_slice($wall->skylineSamples(), 44, 13))->toBe([0.0, 0.0, 4.0, 8.0, 12.0, 16.0, 20.0, 16.0, 12.0, 8.0, 4.0, 0.0, 0.0]);
});
