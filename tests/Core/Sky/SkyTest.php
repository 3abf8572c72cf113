<?php

declare(strict_types=1);

use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\Illuminance;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyEvent;

dataset('days of astronomy-engine', function (): iterable {
    $made = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Reference/sky.json'), true);
    foreach ($made['days'] as $day) {
        yield "{$day['lat']}, {$day['lon']} on {$day['date']}" => [$day];
    }
});

// Reference: astronomy-engine, fixtures made by tests/Reference/sky.mjs.
it('puts sun and moon where astronomy-engine does', function (array $day): void {
    $observer = new Observer($day['lat'], $day['lon']);
    foreach ($day['positions'] as $at) {
        [$sun, $moon] = [$observer->sun($at['unix']), $observer->moon($at['unix'])];
        $turn = fn (float $a, float $b): float => abs(fmod($a - $b + 540, 360) - 180);
        expect($sun->altitudeDeg)->toBeAbout($at['sun'][0], 0.02)
            ->and($turn($sun->azimuthDeg, $at['sun'][1]) * cos(deg2rad($at['sun'][0])))->toBeLessThan(0.02)
            ->and($moon->altitudeDeg)->toBeAbout($at['moon'][0], 0.1)
            ->and($turn($moon->azimuthDeg, $at['moon'][1]) * cos(deg2rad($at['moon'][0])))->toBeLessThan(0.1)
            ->and(Moon::litShare(new Moment($at['unix'])))->toBeAbout($at['lit'], 0.01);
    }
})->with('days of astronomy-engine');

it('times rise, set and twilights as astronomy-engine does, and invents none on polar days', function (array $day): void {
    $sky = DayOfSky::between(new Observer($day['lat'], $day['lon']), $day['from'], $day['from'] + 86400);
    foreach ($day['events'] as $event => $unix) {
        if ($unix === null) {
            expect($sky->at(SkyEvent::from($event)))->toBeNull();

            continue;
        }
        // 30 s below 60 degrees of latitude; nearer the poles the sun slants along the horizon and the same angle takes longer.
        $within = (str_starts_with($event, 'moon') ? 60 : 30) * (abs($day['lat']) < 60 ? 1 : 8);
        expect($sky->at(SkyEvent::from($event)))->not->toBeNull()->and($sky->at(SkyEvent::from($event)))->toBeAbout($unix, $within);
    }
})->with('days of astronomy-engine');

// PHP takes the sun’s place once for the whole day, hence the minutes.
it('agrees with PHP’s own date_sun_info to three minutes below 60 degrees', function (float $lat, float $lon, string $date): void {
    $from = (float) strtotime($date.' 00:00 UTC');
    $sky = DayOfSky::between(new Observer($lat, $lon), $from, $from + 86400);
    $php = date_sun_info((int) $from + 43200, $lat, $lon);
    foreach (['rise' => 'sunrise', 'set' => 'sunset', 'civil_dawn' => 'civil_twilight_begin',
        'civil_dusk' => 'civil_twilight_end'] as $ours => $theirs) {
        expect(fmod((float) $sky->at(SkyEvent::from($ours)) - $php[$theirs] + 43200 + 864000, 86400) - 43200)->toBeAbout(0, 180);
    }
})->with([
    [51.5, 0.0, '2026-04-17'],
    [0.0, 0.0, '2026-06-21'],
    [-33.9, 18.4, '2026-12-21'],
    [58.2, -6.3, '2026-10-03'],
]);

it('finds the new moon behind an age', function (): void {
    $made = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Reference/sky.json'), true);
    $at = (float) strtotime('2026-10-20 00:00 UTC');

    expect(Moon::ageDays(new Moment($at)))->toBeAbout(($at - $made['new_moon_before_2026_10_20']) / 86400, 0.01);
});

// RCA Electro-Optics Handbook (1974) and Seidelmann (1992), values from memory, cross-checked by both.
it('lights the ground as the handbook tables do, within 6 %', function (float $altitude, float $lux): void {
    expect(Illuminance::lux($altitude))->toBeWithinShare($lux, 0.06);
})->with([
    [-18, 6.5e-4],
    [-12, 8.3e-3],
    [-6, 3.40],
    [-0.8, 453],
    [0, 732],
    [5, 4760],
    [20, 27300],
    [60, 102000],
    [90, 124000],
]);

it('never darkens while the sun rises', function (): void {
    $before = 0.0;
    for ($altitude = -18.0; $altitude <= 90; $altitude += 0.02) {
        $lux = Illuminance::lux($altitude);
        expect($lux)->toBeGreaterThanOrEqual($before);
        $before = $lux;
    }
});

it('calls noon sun EV 15 and overcast three stops less (common practice)', function (): void {
    $noon = (float) strtotime('2026-06-21 12:00 UTC');
    $observer = new Observer(50, 0);

    expect(LightCurve::of($observer)->ev100($noon))->toBeAbout(15.3, 0.4)
        ->and(LightCurve::of($observer, SkyCondition::Overcast)->ev100($noon) - LightCurve::of($observer)->ev100($noon))
        ->toBeAbout(-3.0, 1e-9);
});

it('is anchored by a reading, and forgets it over an hour or so', function (): void {
    $observer = new Observer(50, 0);
    $at = (float) strtotime('2026-06-21 12:00 UTC');
    $bare = LightCurve::of($observer);
    $read = LightCurve::of($observer, SkyCondition::Clear, [new LightReading($at, $bare->ev100($at) - 2)]);
    $off = fn (float $minutes): float => $read->ev100($at + 60 * $minutes) - $bare->ev100($at + 60 * $minutes);

    expect($off(0))->toBeAbout(-2.0, 1e-9)
        ->and($off(60))->toBeAbout(-2 / M_E, 1e-6)
        ->and($off(60 * 8))->toBeAbout(0.0, 0.01)
        ->and($off(-60))->toBeAbout(-2 / M_E, 1e-6);
});

it('takes its slope from two readings', function (): void {
    $observer = new Observer(50, 0);
    $dusk = (float) strtotime('2026-06-21 20:30 UTC');
    $read = LightCurve::of($observer, SkyCondition::Clear, [new LightReading($dusk, 8.0), new LightReading($dusk + 600, 6.0)]);

    expect($read->ev100($dusk))->toBeAbout(8.0, 1e-9)->and($read->ev100($dusk + 600))->toBeAbout(6.0, 1e-9)
        ->and($read->driftStopsPerMinute($dusk + 300))->toBeAbout(-0.2, 0.05)
        ->and($read->driftStopsPerMinute($dusk + 660))->toBeLessThan(-0.1);
});

it('says when the light stands between two values', function (): void {
    $observer = new Observer(50, 0);
    $from = (float) strtotime('2026-06-21 00:00 UTC');
    $curve = LightCurve::of($observer);
    $spans = $curve->between(2, 6, $from, $from + 86400);

    expect(count($spans))->toBe(2)
        ->and($curve->ev100($spans[0][0]))->toBeAbout(2.0, 0.02)
        ->and($curve->ev100($spans[0][1]))->toBeAbout(6.0, 0.02)
        ->and($curve->ev100($spans[1][0]))->toBeAbout(6.0, 0.02);
});

it('refuses places that are not on the earth', function (): void {
    expect(fn () => new Observer(91, 0))->toBeRefused('latitude', 'latitude')
        ->and(fn () => new Observer(0, NAN))->toBeRefused('longitude', 'longitude');
});

it('gives illuminance and EV by the incident meter’s constant of 250: 2.5 lux are EV 0 at ISO 100 (ISO 2720:1974)', function (): void {
    $observer = new Observer(50, 0);
    $noon = (float) strtotime('2026-06-21 12:00 UTC');
    $curve = LightCurve::of($observer);

    expect(Illuminance::ev100(2.5))->toBeAbout(0.0, 1e-12)->and(Illuminance::ev100(2.5 * 2 ** 15))->toBeAbout(15.0, 1e-12)
        ->and($curve->lux($noon))->toBeWithinShare(Illuminance::lux($observer->sun($noon)->altitudeDeg), 1e-9);
});

it('carries the slope of two readings on for ten minutes after the later, and forgets it', function (): void {
    $observer = new Observer(50, 0);
    $at = (float) strtotime('2026-06-21 12:00 UTC');
    $bare = LightCurve::of($observer);
    // Half a stop under the model, an hour later one and a half over it: two stops an hour.
    $read = LightCurve::of($observer, SkyCondition::Clear, [
        new LightReading($at + 3600, $bare->ev100($at + 3600) + 1.5), new LightReading($at, $bare->ev100($at) - 0.5),
    ]);
    $off = fn (float $minutes): float => $read->ev100($at + 60 * $minutes) - $bare->ev100($at + 60 * $minutes);

    expect($off(30))->toBeAbout(0.5, 1e-9)->and($off(60))->toBeAbout(1.5, 1e-9)
        ->and($off(65))->toBeAbout((1.5 + 1 / 6) * exp(-5 / 60), 1e-9)->and($off(90))->toBeAbout((1.5 + 1 / 3) * exp(-0.5), 1e-9)
        ->and($off(-30))->toBeAbout(-0.5 * exp(-0.5), 1e-9)->and($off(600))->toBeAbout(0.0, 0.01);
});

it('takes a sun that comes out for a step, not a slope: no EV 19 at tea-time', function (float $minutes, float $later, float $after): void {
    $observer = new Observer(50, 0);
    $at = (float) strtotime('2026-06-21 12:00 UTC');
    $bare = LightCurve::of($observer);
    $read = LightCurve::of($observer, SkyCondition::Clear, [
        new LightReading($at, $bare->ev100($at) - 4), new LightReading($at + 60 * $minutes, $bare->ev100($at + 60 * $minutes) + $later),
    ]);
    $off = fn (float $s): float => $read->ev100($at + $s) - $bare->ev100($at + $s);

    expect($off(60 * $minutes))->toBeAbout($later, 1e-9)->and($off(60 * $minutes + 300))->toBeAbout($after * exp(-300 / 3600), 1e-9)
        ->and($read->ev100($at + 4 * 3600))->toBeLessThan(15.5);
})->with([
    'four stops in a minute' => [1.0, 0.0, 0.0], 'a little more than two stops a minute' => [1.9, 0.0, 0.0],
    'a fifth of a stop a minute is a slope' => [10.0, -2.0, -1.0],
]);

it('leaves −12 to 17 EV by no reading', function (): void {
    $observer = new Observer(50, 0);
    $noon = (float) strtotime('2026-06-21 12:00 UTC');
    $bright = LightCurve::of($observer, SkyCondition::Clear, [new LightReading($noon, 20.0)]);
    $dark = LightCurve::of($observer, SkyCondition::Heavy, [new LightReading($noon + 43200, -10.0)]);

    expect($bright->ev100($noon))->toBe(17.0)->and($dark->ev100($noon + 43200 + 60))->toBeGreaterThanOrEqual(-12.0)
        ->and(LightCurve::of($observer, SkyCondition::Heavy)->ev100((float) strtotime('2026-12-10 00:00 UTC')))->toBe(-12.0);
});

it('takes the later of two readings at one instant, and no slope from a second apart', function (): void {
    $observer = new Observer(50, 0);
    $at = (float) strtotime('2026-06-21 12:00 UTC');
    $bare = LightCurve::of($observer);
    $read = LightCurve::of($observer, SkyCondition::Clear, [
        new LightReading($at, $bare->ev100($at) - 1), new LightReading($at, $bare->ev100($at) - 2),
    ]);
    expect($read->ev100($at) - $bare->ev100($at))->toBeAbout(-2.0, 1e-9)
        ->and($read->ev100($at + 3600) - $bare->ev100($at + 3600))->toBeAbout(-2 / M_E, 1e-9)
        ->and(fn () => LightCurve::of($observer, SkyCondition::Clear, [new LightReading($at, 99)]))->toBeRefused('reading', 'reading');
});

it('names the light by the altitude of the sun: golden from −4 to 6°, blue from −6 to −4° (common practice)', function (
    float $altitude, LightPhase $phase,
): void {
    expect(LightPhase::ofAltitude($altitude))->toBe($phase)
        ->and($altitude >= $phase->leastDeg() && $altitude <= $phase->mostDeg())->toBeTrue();
})->with([
    [-90.0, LightPhase::Night], [-18.1, LightPhase::Night], [-17.9, LightPhase::Astronomical], [-12.1, LightPhase::Astronomical],
    [-11.9, LightPhase::Nautical], [-6.1, LightPhase::Nautical], [-5.9, LightPhase::Blue], [-4.1, LightPhase::Blue],
    [-3.9, LightPhase::Golden], [5.9, LightPhase::Golden], [6.1, LightPhase::Day], [90.0, LightPhase::Day],
]);

it('sees a moon that is up, or down, for minutes only (each minute looked at)', function (float $latitude, float $longitude, string $month): void {
    $observer = new Observer($latitude, $longitude);
    $limb = function (float $unix) use ($observer): float {
        $moon = $observer->moon($unix);

        return $moon->altitudeDeg + 34 / 60 + rad2deg(asin(1737.4 / $moon->distanceKm));
    };
    $begin = (float) strtotime($month.' UTC');
    $short = 0;
    for ($day = $begin; $day < $begin + 30 * 86400; $day += 86400) {
        $up = array_map(fn (int $m): bool => $limb($day + 60 * $m) >= 0, range(0, 1440));
        [$rise, $set] = [null, null];
        for ($m = 1; $m <= 1440; $m++) {
            $up[$m] && ! $up[$m - 1] ? $rise ??= $day + 60 * $m : null;
            ! $up[$m] && $up[$m - 1] ? $set ??= $day + 60 * $m : null;
        }
        $short += $rise !== null && $set !== null && abs($set - $rise) < 2400 ? 1 : 0;
        $sky = DayOfSky::between($observer, $day, $day + 86400);
        foreach ([[SkyEvent::Moonrise, $rise], [SkyEvent::Moonset, $set]] as [$event, $seen]) {
            $seen === null
                ? expect($sky->at($event))->toBeNull(gmdate('c', (int) $day))
                : expect($sky->at($event) ?? INF)->toBeAbout($seen - 30, 31);
        }
    }
    expect($short)->toBeGreaterThan(0);
})->with([[62.8, 10.0, '2026-03-01']]);
