<?php

declare(strict_types=1);

use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyEvent;
use GentlePour\Sky\SunOfDay;

// The light of a day from three positions of the sun, held against twilights that were closed in on.

it('finds each twilight within four minutes of where it is closed in on, all through the year', function (float $latitude, float $longitude): void {
    $observer = new Observer($latitude, $longitude);
    $compared = 0;
    for ($day = 0; $day < 365; $day += 9) {
        $from = 1_798_761_600.0 + 86400 * $day - 240 * $longitude;
        $truth = DayOfSky::between($observer, $from, $from + 86400);
        $sun = SunOfDay::of($observer, $from, $from + 86400);
        $pairs = [[-6.0, SkyEvent::CivilDawn, SkyEvent::CivilDusk], [-12.0, SkyEvent::NauticalDawn, SkyEvent::NauticalDusk],
            [-18.0, SkyEvent::AstronomicalDawn, SkyEvent::AstronomicalDusk]];
        foreach ($pairs as [$altitude, $dawn, $dusk]) {
            $below = $sun->spansBelow($altitude);
            if ($truth->at($dawn) === null || $truth->at($dusk) === null || count($below) < 2) {
                continue;
            }
            expect($below[0][1])->toEqualWithDelta($truth->at($dawn), 240.0)->and($below[1][0])->toEqualWithDelta($truth->at($dusk), 240.0);
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(70);
})->with([[56.5, -9.9], [0.0, 30.0], [-45.0, 170.0], [38.0, -123.0]]);

it('knows days without a night and without a day', function (): void {
    $north = new Observer(70.0, 20.0);
    // 21 June and 21 December 2027, by the sun’s own midnight there.
    $june = SunOfDay::of($north, 1_813_531_200.0 - 4800, 1_813_617_600.0 - 4800);
    $december = SunOfDay::of($north, 1_829_347_200.0 - 4800, 1_829_433_600.0 - 4800);

    expect($june->spansBelow(-0.83))->toBe([])->and($june->spansBelow(90.0))->toBe([[$june->fromUnix, $june->toUnix]]);
    expect($december->spansBelow(-0.83))->toBe([[$december->fromUnix, $december->toUnix]]);
});

it('has the night that ends and the one that begins as long as the sun’s own noon says (closed form)', function (): void {
    // At the equinox on the equator the sun’s centre is below the horizon for half the day, and 6 degrees lower for 24 minutes less at
    // either end; noon is at 12 h less the longitude and the equation of time, which is −7.5 minutes on 20 March.
    $from = (float) gmmktime(0, 0, 0, 3, 20, 2027);
    $sun = SunOfDay::of(new Observer(0.0, 0.0), $from, $from + 86400);
    [[$begins, $dawn], [$dusk, $ends]] = $sun->spansBelow(0.0);
    expect([$begins, $ends])->toBe([$from, $from + 86400])->and($dusk - $dawn)->toBeAbout(43200, 30)
        ->and(($dawn + $dusk) / 2 - $from)->toBeAbout(43200 + 450, 30);
    [[, $first], [$last]] = $sun->spansBelow(-6.0);
    expect($dawn - $first)->toBeAbout(1440, 5)->and($last - $dusk)->toBeAbout(1440, 5);
});

it('keeps to the day that was asked for, wherever its noon lies', function (float $longitude): void {
    $from = (float) gmmktime(0, 0, 0, 10, 5, 2027);
    $observer = new Observer(40.0, $longitude);
    $spans = SunOfDay::of($observer, $from, $from + 86400)->spansBelow(-6.0);
    $dark = 0.0;
    foreach ($spans as $i => [$begin, $end]) {
        expect($begin)->toBeGreaterThanOrEqual($i === 0 ? $from : $spans[$i - 1][1])->toBeLessThan($end)
            ->and($end)->toBeLessThanOrEqual($from + 86400);
        $dark += $end - $begin;
        // In the midst of each it is dark, just outside it is not.
        expect($observer->sun(($begin + $end) / 2)->altitudeDeg)->toBeLessThan(-6.0);
        $begin === $from ?: expect($observer->sun($begin - 300)->altitudeDeg)->toBeGreaterThan(-6.0);
        $end === $from + 86400 ?: expect($observer->sun($end + 300)->altitudeDeg)->toBeGreaterThan(-6.0);
    }
    // Eleven and a half hours of day, less half an hour of civil twilight at either end.
    expect($dark)->toBeAbout(11.5 * 3600, 600);
})->with([-175.0, -120.0, -60.0, 0.0, 45.0, 90.0, 135.0, 178.0]);
