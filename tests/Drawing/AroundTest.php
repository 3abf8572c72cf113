<?php

declare(strict_types=1);

use App\Drawing\CoastMap;
use App\Drawing\GroundPlan;
use App\Drawing\GroundSubject;
use App\Drawing\HorizonSheet;
use GentlePour\Coast\Coastline;
use GentlePour\Outing\WayOut;
use GentlePour\Sky\LensFrame;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyBody;
use GentlePour\Sky\Skyline;

/** A horizon of a day of the reference, with its middle to the south. */
function horizonOf(array $day, string $skyline = '', float $facing = 180.0, float $focal = 24.0): HorizonSheet
{
    return new HorizonSheet(new Observer($day['lat'], $day['lon'], Skyline::parse($skyline)), LensFrame::of($facing, 0, 36, 24, $focal),
        $day['from'], $day['from'] + 86400, new DateTimeZone('UTC'), 180.0);
}

// Reference: azimuths and altitudes of astronomy-engine (tests/Reference/sky.mjs); refraction lifts what stands low by up to 0.6 degrees.
it('draws the ways of sun and moon where astronomy-engine has them, each hour', function (): void {
    $made = json_decode((string) file_get_contents(dirname(__DIR__).'/Reference/sky.json'), true);
    $checked = 0;
    foreach ($made['days'] as $day) {
        $sheet = horizonOf($day);
        $steps = $sheet->steps();
        foreach ($day['positions'] as $at) {
            $step = $steps[(int) (($at['unix'] - $day['from']) / 600)];
            foreach (['sun' => $step->sunAt, 'moon' => $step->moonAt] as $body => [$x, $y]) {
                [$altitude, $azimuth] = $at[$body];
                $off = fmod(180 + $x / HorizonSheet::DEGREE - $azimuth + 720 - 180 + 180, 360) - 180;
                expect(abs(fmod($off + 540, 360) - 180) * cos(deg2rad($altitude)))->toBeLessThan(0.15)
                    ->and($sheet->skyDeg - ($y - 20) / HorizonSheet::DEGREE - $altitude)->toBeBetween(-0.15, 0.85);
                $checked++;
            }
        }
    }
    expect($checked)->toBe(8 * 6 * 6 * 2);
});

it('shows the frame where the lens points, as wide as it sees, and what crosses it in words', function (): void {
    $day = ['lat' => 50.0, 'lon' => 0.0, 'from' => (float) strtotime('2026-03-20 00:00 UTC')];
    $sheet = horizonOf($day, '60 15, 120 15', 90.0);
    expect($sheet->x(90.0))->toBe(round(90 * HorizonSheet::DEGREE, 1))
        ->and($sheet->frameHandle()[0])->toBeAbout(73.74 / 2 * HorizonSheet::DEGREE, 0.1);
    $at = fn (string $clock) => $sheet->steps()[(int) ((strtotime("2026-03-20 {$clock} UTC") - $day['from']) / 600)];
    expect($at('03:00')->sun)->toBe('below the horizon')->and($at('06:30')->sun)->toBe('behind the skyline')
        ->and($at('08:30')->sun)->toBe('in the frame: shade the lens')
        ->and($at('12:00')->sun)->toContain('right')->and($at('03:00')->phase)->toBe('night')->and($at('12:00')->phase)->toBe('day')
        ->and($at('12:00')->sky)->toContain('stops darker')->and($at('03:00')->sky)->toBe('too dark to matter')
        ->and($at('12:00')->glare)->toContain('of the mirror')
        ->and($at('08:30')->glare)->toContain('glitter')->and($at('12:00')->glare)->not->toContain('glitter');
    [[$from, $to]] = $sheet->inFrame(SkyBody::Sun);
    expect(($from - $day['from']) / 3600)->toBeBetween(7.3, 8.0)->and(($to - $day['from']) / 3600)->toBeBetween(8.3, 9.3);
});

it('closes the skyline along the horizon, names winds and hours, and breaks a way where the sheet ends', function (): void {
    $day = ['lat' => 50.0, 'lon' => 0.0, 'from' => (float) strtotime('2026-06-21 00:00 UTC')];
    $north = new HorizonSheet(new Observer(50, 0), LensFrame::of(0, 0, 36, 24, 24), $day['from'], $day['from'] + 86400,
        new DateTimeZone('UTC'));
    expect(substr_count($north->way(SkyBody::Sun), 'M'))->toBe(2)->and(substr_count(horizonOf($day)->way(SkyBody::Sun), 'M'))->toBe(1)
        ->and($north->skylinePath())->toBe('');
    $walled = horizonOf($day, '90 20, 120 20');
    expect($walled->skylinePath())->toStartWith('M0 '.$walled->horizonY())->toEndWith('L1224 '.$walled->horizonY().'Z')
        ->and($walled->skylineSamples()[50])->toBe(20.0)->and($walled->skylineSamples()[44])->toBe(0.0);
    $names = array_map(fn ($label): string => $label->text, $walled->hours(SkyBody::Sun));
    expect($names)->toContain('12')->not->toContain('0')->and(array_map(fn ($l): string => $l->text, $walled->directions()))
        ->toContain('S 180°', 'NE 45°');
});

it('puts stand, subjects and way out to scale, north up', function (): void {
    $way = WayOut::of(5.8, WayOut::legs('270 100 5.0'));
    $plan = new GroundPlan([new GroundSubject('the posts', 90, 50), new GroundSubject('the skerry', 0, 900)], $way,
        LensFrame::of(90, 0, 36, 24, 24), 180, null, [4.0, 5.2, 6.0, 4.4], 0.5, 0.3);
    [[, $x, $y, $near], [, $fx, $fy, $far]] = $plan->subjects();
    // 100 m of way reach 196 px to the west; 50 m half as far to the east; what lies beyond 400 m stands at the edge.
    expect([$x, $y, $near])->toBe([240 + 98.0, 240.0, true])->and([$fx, $fy, $far])->toBe([240.0, 44.0, false])
        ->and($plan->wayPath())->toBe('M240 240L44 240');
    $bar = $plan->scale();
    expect($bar->label->text)->toBe('50 m')->and($bar->px)->toBe(98.0)->and($bar->path())->toBe('M16 455v9h98v-9')
        ->and($plan->arrows(180.0))->toContain('M');
    [$dry, $wet, $deep, $near] = $plan->steps();
    expect($dry->under)->toBe('')->and($dry->reached)->toBe('')->and($dry->way)->toBe('0.5 m over the waves')
        ->and($near->way)->toBe('0.1 m over the waves: within the margin')
        ->and($wet->under)->toStartWith('M')->and($wet->way)->toBe('under water by 0.2 m')->and($deep->way)->toBe('under water by 1.0 m')
        ->and((new GroundPlan([], $way, null, null, null, [4.7], 0.5))->steps()[0]->way)->toBe('waves run over its lowest point')
        ->and((new GroundPlan([], null, null, null, null, [4.0], 0.5))->steps())->toBe([])
        ->and((new GroundPlan([], $way, null, null, null))->wedge())->toBe('');
});

it('draws land as strokes, its edge, and the place in the middle', function (): void {
    $coast = Coastline::ofRings([[[0.0, 49.0], [3.0, 49.0], [3.0, 51.0], [0.0, 51.0], [0.0, 49.0]]]);
    $map = new CoastMap($coast, 'The Ledge', 50.0, -0.01, 20, [['Haven', 50.05, -0.05, true], ['Far Haven', 53.0, -0.05, false]]);
    // East of the meridian all is land: each stroke runs from there to the right edge.
    preg_match_all('/M([\d.]+) [\d.]+H([\d.]+)/', $map->land, $strokes);
    expect(count($strokes[0]))->toBe(96)->and((float) $strokes[1][0])->toBeAbout(240 + 0.01 * cos(deg2rad(50)) * 111.195 * 12, 0.2)
        ->and(max(array_map(floatval(...), $strokes[2])))->toBeAbout(480, 0.2);
    expect(array_map(fn (array $m): array => [$m[0]->text, $m[3]], $map->marks()))->toBe([['The Ledge', 'place'], ['Haven', 'used']])
        ->and($map->edge)->toContain('L')->and($map->way)->toBe('')
        ->and($map->scale()->label->text)->toBe('5 km');
});
