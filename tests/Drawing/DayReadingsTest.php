<?php

declare(strict_types=1);

use App\Drawing\ClockAxis;
use App\Drawing\DayMoment;
use App\Drawing\DayReading;
use App\Drawing\DayReadings;
use App\Drawing\Label;
use App\Drawing\SkyRow;
use GentlePour\Outing\GetOff;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\Skyline;

function axis(): ClockAxis
{
    return new ClockAxis(0.0, 86400.0, new DateTimeZone('UTC'), 100.0, 1060.0);
}

/**
 * Three moments ten minutes apart, read at the middle one.
 *
 * @param  array{float|null, float|null, float|null}  $heights
 * @param  array{float|null, float|null, float|null}  $evs
 */
function readAt(
    float $unix = 43200.0, array $heights = [null, null, null], array $evs = [null, null, null], ?Horizontal $sun = null,
    ?float $facing = null, ?GetOff $getOff = null,
): DayReading {
    $moments = array_map(
        fn (int $i): DayMoment => new DayMoment($unix + 600 * ($i - 1), $heights[$i], $i === 1 ? $sun : null, $evs[$i]), [0, 1, 2],
    );

    return (new DayReadings(axis(), $facing, $getOff))->of($moments)[1];
}

it('says which way the tide goes, and by how much in ten minutes (safety)', function (float $now, float $after, string $says): void {
    $reading = readAt(heights: [9.0, $now, $after]);
    expect($reading->tide)->toBe(sprintf('%.1f m', $now))->and($reading->tideLabel)->toBe($says);
})->with([
    [2.0, 2.14, 'tide, rising 14 cm in 10 min'], [2.14, 2.0, 'tide, falling 14 cm in 10 min'], [2.0, 2.004, 'tide, slack'],
    [2.0, 1.996, 'tide, slack'], [2.0, 2.006, 'tide, rising 1 cm in 10 min'],
]);

it('says nothing of a tide, a sun or a light that is not known', function (): void {
    $reading = readAt();
    expect([$reading->tide, $reading->tideLabel, $reading->sun, $reading->sunLabel, $reading->light, $reading->lightLabel, $reading->left])
        ->toBe(['', '', '', '', '', '', ''])
        ->and($reading->at)->toBe('12:00')
        ->and(readAt(heights: [1.0, 2.0, null])->tideLabel)->toBe('tide, slack');
});

it('says how fast the light goes, over the moment before and after', function (): void {
    $reading = readAt(evs: [10.0, 7.0, -2.0]);
    expect($reading->light)->toBe('EV 7.0')->and($reading->lightLabel)->toBe('light, −0.60 stops a minute')
        ->and(readAt(evs: [1.0, -2.5, 3.0])->light)->toBe('EV −2.5')
        ->and(readAt(evs: [1.0, 2.0, 3.0])->lightLabel)->toBe('light, +0.10 stops a minute');
    $ends = (new DayReadings(axis(), null, null))->of([new DayMoment(0, null, null, 5.0), new DayMoment(600, null, null, 4.0)]);
    expect($ends[0]->lightLabel)->toBe('light, −0.10 stops a minute')->and($ends[1]->lightLabel)->toBe('light, −0.10 stops a minute');
    $alone = (new DayReadings(axis(), null, null))->of([new DayMoment(0, null, null, 5.0)]);
    expect($alone[0]->lightLabel)->toBe('light, steady')
        ->and(readAt(evs: [10.0, 10.0, 9.91])->lightLabel)->toBe('light, steady')
        ->and(readAt(evs: [10.0, 10.0, 9.89])->lightLabel)->toBe('light, −0.01 stops a minute')
        ->and(readAt(evs: [1.0, -0.04, -1.0])->light)->toBe('EV 0.0')->and(readAt(evs: [1.0, -0.06, -1.0])->light)->toBe('EV −0.1');
});

it('says where the sun stands to the lens, and what that means (common practice)', function (
    float $azimuth, float $altitude, ?float $facing, string $says,
): void {
    $reading = readAt(sun: new Horizontal($altitude, $azimuth, 1.5e8), facing: $facing);
    expect($reading->sunLabel)->toBe($says)->and($reading->sun)->toBe(str_replace('-', '−', sprintf('%.0f°', $altitude)));
})->with([
    [200.0, 10.0, null, 'sun, bearing 200°'],
    [119.0, 19.0, 90.0, 'sun in the frame: shade the lens'], [61.0, 19.0, 90.0, 'sun in the frame: shade the lens'],
    [119.0, 21.0, 90.0, 'sun from ahead, flare'], [121.0, 19.0, 90.0, 'sun from ahead, flare'],
    [149.0, 10.0, 90.0, 'sun from ahead, flare'], [31.0, 10.0, 90.0, 'sun from ahead, flare'],
    [151.0, 10.0, 90.0, 'sun from the side: polariser works'], [29.0, 10.0, 90.0, 'sun from the side: polariser works'],
    [209.0, 10.0, 90.0, 'sun from the side: polariser works'], [211.0, 10.0, 90.0, 'sun from behind'],
    [329.0, 10.0, 90.0, 'sun from behind'],
    [120.0, -0.9, 90.0, 'sun below, 30° right'], [60.0, -0.9, 90.0, 'sun below, 30° left'],
    [120.0, -0.7, 100.0, 'sun in the frame: shade the lens'], [350.0, 5.0, 10.0, 'sun in the frame: shade the lens'],
    [10.0, -5.0, 350.0, 'sun below, 20° right'], [350.0, -5.0, 10.0, 'sun below, 20° left'],
]);

it('counts down to the get-off time, says leave, and goes on saying so for two hours after the water came (safety)', function (): void {
    // A metre an hour from midnight; 12 m are reached at noon, with half an hour to walk.
    $getOff = GetOff::after(straightTide([0 => 0.0, 18 * 3600 => 18.0, 24 * 3600 => 17.0]), 0.0, 12.0, null, 0.0, 0.0, 30);
    expect($getOff?->leaveUnix)->toBeAbout(11.5 * 3600, 1);
    $left = fn (float $hour): string => readAt($hour * 3600 + 2, getOff: $getOff)->left;

    expect($left(1.49))->toBe('')->and($left(1.52))->toBe('9 h 58')->and($left(9.5))->toBe('1 h 59')->and($left(10.5))->toBe('59 min')
        ->and($left(10.49))->toBe('1 h 00')
        ->and($left(11.46))->toBe('2 min')
        ->and($left(11.49))->toBe('leave')
        ->and($left(11.6))->toBe('leave')
        ->and($left(13.9))->toBe('leave')->and($left(14.1))->toBe('')
        ->and(readAt(3600.0)->left)->toBe('');
});

it('says awash where the water stands already, until it has gone (safety)', function (): void {
    $tide = straightTide([0 => 5.0, 2 * 3600 => 7.0, 8 * 3600 => 1.0]);
    $getOff = GetOff::after($tide, 3600.0, 4.0, null, 0.0, 0.0, 0);
    expect($getOff?->awashUntilUnix)->toBeAbout(5 * 3600, 1)->and(readAt(3600.0, getOff: $getOff)->left)->toBe('awash')
        ->and(readAt(2.9 * 3600, getOff: $getOff)->left)->toBe('awash')->and(readAt(5.1 * 3600, getOff: $getOff)->left)->toBe('');
});

it('reads a day off the axis by the place’s clock', function (): void {
    $axis = new ClockAxis(
        1_806_192_000.0, 1_806_192_000.0 + 23 * 3600, new DateTimeZone('Europe/London'), 100.0, 1020.0,
    ); // the clocks go forward
    expect($axis->x(1_806_192_000.0))->toBe(100.0)->and($axis->x(1_806_192_000.0 + 23 * 3600))->toBe(1020.0)
        ->and($axis->x(0))->toBe(100.0)->and($axis->x(9e9))->toBe(1020.0)
        ->and($axis->clock(1_806_192_000.0))->toBe('0:00')->and($axis->clock(1_806_192_000.0 + 2 * 3600))->toBe('3:00')
        ->and($axis->span(0, 1_806_192_000.0 + 3600 * 4))->toBe('0:00 to 5:00')
        ->and($axis->span(1_806_192_000.0 + 3600 * 4, 9e9))->toBe('5:00 to 24:00')
        ->and(array_map(fn ($t): ?string => $t->label, $axis->hours()))
        ->toBe(['00', '03', '05', '07', '09', '11', '13', '15', '17', '19', '21', '23']);
});

it('says when a skyline hides the sun that is up, and not when it is down', function (float $altitude, float $azimuth, string $says): void {
    $moment = new DayMoment(43200.0, null, new Horizontal($altitude, $azimuth, 1.5e8), null);
    $read = static fn (?Skyline $skyline): string => (new DayReadings(axis(), 90.0, null, skyline: $skyline))->of([$moment])[0]->sunLabel;
    expect($read(Skyline::parse('80 15, 100 15')))->toBe($says)->and($read(Skyline::open()))->toBe($read(null));
})->with([
    [10.0, 90.0, 'sun behind the skyline'], [20.0, 90.0, 'sun from ahead, flare'], [10.0, 120.0, 'sun from ahead, flare'], [-0.7, 90.0, 'sun behind the skyline'],
    [-0.9, 90.0, 'sun below, 0° right'], [-2.0, 91.0, 'sun below, 1° right'], [-2.0, 89.0, 'sun below, 1° left'],
]);

it('calls the tide slack where ten minutes change less than half a centimetre', function (float $after, string $says): void {
    expect(readAt(heights: [0.0, 0.0, $after])->tideLabel)->toBe($says);
})->with([[0.00496, 'tide, slack'], [0.00504, 'tide, rising 1 cm in 10 min'], [-0.00496, 'tide, slack'], [-0.00504, 'tide, falling 1 cm in 10 min']]);

it('bands the light of the hours, and names golden and blue from the side of the day', function (): void {
    // 40 px an hour: ten minutes are 6.7. Five steps of golden light have room for their name, and blue always.
    $sky = static fn (array $altitudes): SkyRow => new SkyRow(axis(), array_map(
        static fn (int $i): DayMoment => new DayMoment(600.0 * $i, null, new Horizontal($altitudes[$i], 90, 1.5e8), null), array_keys($altitudes),
    ), null, 24.0);
    $named = static fn (SkyRow $row): array => array_map(static fn (Label $l): array => [$l->text, $l->x, $l->y, $l->anchor], $row->names());
    $dawn = $sky([-8, -8, -5, -5, -3, -2, 0, 2, 4, 5, 8, 9]);
    expect(array_map(static fn ($b): array => [$b->x, $b->width, $b->phase->value], $dawn->bands()))->toBe([
        [100.0, 13.3, 'nautical'], [113.3, 6.7, 'blue'], [120.0, 40.0, 'golden'], [160.0, 13.3, 'day'],
    ]);
    expect($named($dawn))->toBe([['blue', 114.0, 37.0, 'end'], ['golden', 126.0, 37.0, 'start']])
        ->and($named($sky([9, 8, 5, 4, 2, 0, -2, -3, -5, -5, -8, -8])))->toBe([['golden', 147.3, 37.0, 'end'], ['blue', 159.3, 37.0, 'start']])
        ->and($named($sky([9, 8, 4, 2, 0, -2, -6, -8])))->toBe([])
        ->and($named($sky([8, 8, 3, 1, -2, -5, -5, -8])))->toBe([['blue', 139.3, 37.0, 'start']])
        ->and((new SkyRow(axis(), [new DayMoment(0, null, null, null), new DayMoment(600, null, null, null)], null, 24.0))->names())->toBe([]);
});
