<?php

declare(strict_types=1);

use GentlePour\Sky\DayOfSky;
use GentlePour\Sky\Horizontal;
use GentlePour\Sky\Illuminance;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\LightPhase;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\Moment;
use GentlePour\Sky\Moon;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Sky\SkyEvent;
use GentlePour\Sky\Sun;

// The algorithms of Meeus (Astronomical Algorithms, 1998) term by term, against another program of the same book.

/** The moment at a Julian day of dynamical time. */
function momentAt(float $jde): Moment
{
    $unix = 86400 * ($jde - 2440587.5);

    return new Moment($unix - 36525 * 86400 * ((new Moment($unix))->centuries - ($jde - 2451545.0) / 36525));
}

function turned(float $a, float $b): float
{
    return fmod($a - $b + 900, 360) - 180;
}

// Reference: astronomia 4.2, fixtures made by tests/Reference/meeus.mjs.
it('puts moon, sun and the nodding of the earth’s axis where Meeus’s tables do, from 1900 to 2100', function (array $one): void {
    $at = momentAt($one['jde']);
    [$nutation, $obliquity] = $at->nutation();
    $moon = Moon::position($at);
    $sun = Sun::position($at);
    expect(turned($moon->longitudeDeg - $nutation, $one['moon']['longitude']))->toBeAbout(0, 1e-7)
        ->and($moon->latitudeDeg)->toBeAbout($one['moon']['latitude'], 1e-7)
        ->and($moon->distanceKm)->toBeAbout($one['moon']['km'], 1e-4)
        // Less the aberration of 20.4898 seconds of arc.
        ->and(turned($sun->longitudeDeg - $nutation + 20.4898 / 3600 / $one['sun']['au'], $one['sun']['longitude']))->toBeAbout(0, 1e-8)
        ->and($sun->distanceKm / 149597870.7)->toBeAbout($one['sun']['au'], 1e-12)
        ->and($sun->latitudeDeg)->toBe(0.0)
        // Its four largest terms are within half a second of arc of the whole series.
        ->and(3600 * ($nutation - $one['nutation']))->toBeAbout(0, 0.3)
        ->and(3600 * ($obliquity - $one['obliquity']))->toBeAbout(0, 0.06)
        ->and(turned((new Moment(86400 * ($one['jde'] - 2440587.5)))->siderealDeg(), $one['sidereal']))->toBeAbout(0, 2e-7)
        ->and(Moon::litShare($at))->toBeAbout($one['lit'], 6e-5);
})->with(fn (): array => array_map(
    fn (array $one): array => [$one], json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Reference/meeus.json'), true),
));

it('has the moon of Meeus’s example 47.a: 12 April 1992 at 133.162655°, −3.229126°, 368409.7 km', function (): void {
    $at = momentAt(2448724.5);
    $moon = Moon::position($at);
    expect(turned($moon->longitudeDeg - $at->nutation()[0], 133.162655))->toBeAbout(0, 2e-6)
        ->and($moon->latitudeDeg)->toBeAbout(-3.229126, 2e-6)
        ->and($moon->distanceKm)->toBeAbout(368409.7, 0.1)
        // Of example 48.a: 67.86 per cent of the disc is lit.
        ->and(Moon::litShare($at))->toBeAbout(0.6786, 0.0001);
});

it('has the sidereal time of Meeus’s example 12.a and the nutation of 22.a: 10 April 1987 at 0h', function (): void {
    $at = new Moment(86400 * (2446895.5 - 2440587.5));
    expect($at->siderealDeg() + 360)->toBeAbout((13 + 10 / 60 + 46.3668 / 3600) * 15, 1e-6);
    [$nutation, $obliquity] = momentAt(2446895.5)->nutation();
    expect(3600 * $nutation)->toBeAbout(-3.788, 0.5)->and($obliquity)->toBeAbout(23 + 26 / 60 + 36.850 / 3600, 0.1 / 3600);
});

// Espenak and Meeus, Five Millennium Canon (2006): what was observed and what is foretold; from memory.
it('runs dynamical time ahead of the clock as the earth slows', function (int $year, float $seconds, float $within): void {
    $at = new Moment((float) gmmktime(12, 0, 0, 1, 1, $year));
    expect(($at->centuries * 36525 - $at->days) * 86400)->toBeAbout($seconds, $within);
})->with([
    [1920, 21.16, 0.1], [1930, 24.02, 0.2], [1940, 24.33, 0.5], [1950, 29.15, 0.1], [1960, 33.15, 0.1], [1970, 40.18, 0.1],
    [1980, 50.54, 0.1], [1990, 56.86, 0.1], [1995, 60.79, 0.1], [2000, 63.83, 0.05], [2005, 64.69, 0.1], [2010, 66.7, 0.1],
    [2030, 77.61, 0.1], [2050, 93.0, 0.1], [2100, 202.74, 0.1],
]);

it('runs on without a step where one polynomial of the earth’s rotation follows another, and stands still before 1920', function (float $year): void {
    $behind = static function (float $year): float {
        $at = new Moment(946728000 + ($year - 2000) * 365.25 * 86400);

        return ($at->centuries * 36525 - $at->days) * 86400;
    };
    // A day to either side: a second a year is the most that it runs.
    expect($behind($year + 0.003) - $behind($year - 0.003))->toBeAbout(0, 0.08)
        ->and($behind(1901))->toBe($behind(1919.5))->and($behind(1901))->toBeAbout(21.2, 1e-3);
})->with([1920.0, 1941.0, 1961.0, 1986.0, 2005.0, 2050.0]);

it('is old by the days since the moon was new, at every phase', function (float $days): void {
    // New moon on 9 October 2026 at 15:50 UTC, first quarter nine days later or so: the age counts from it, whatever the phase.
    $new = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/Reference/sky.json'), true)['new_moon_before_2026_10_20'];
    expect(Moon::ageDays(new Moment($new + 86400 * $days)))->toBeAbout($days, 0.002);
})->with([0.1, 1.0, 7.3, 14.6, 15.1, 21.9, 29.0]);

it('sees the moon from where one stands: nearer by the earth’s radius overhead, lower by a degree at the horizon (closed form)', function (): void {
    $unix = (float) gmmktime(0, 0, 0, 4, 12, 1992);
    $from = [new Observer(0, 0), new Observer(0, 90), new Observer(0, 180), new Observer(0, -90), new Observer(90, 0), new Observer(-90, 0),
        new Observer(45, 30)];
    $centre = Moon::position(new Moment($unix))->distanceKm;
    foreach ($from as $observer) {
        $seen = $observer->moon($unix);
        // The cosine rule: the observer’s distance from the centre of the ellipsoid, and the altitude above the geocentric horizon.
        $phi = deg2rad($observer->latitude);
        $r = hypot(6378.137 * cos($phi), 6378.137 * 0.99330562 * sin($phi)) / sqrt(cos($phi) ** 2 + 0.99330562 * sin($phi) ** 2);
        $lean = deg2rad($observer->latitude) - atan(0.99330562 * tan($phi)); // of the plumb line from the centre’s direction
        $least = sqrt($r ** 2 + $seen->distanceKm ** 2 + 2 * $r * $seen->distanceKm * sin(deg2rad($seen->altitudeDeg) - $lean));
        $most = sqrt($r ** 2 + $seen->distanceKm ** 2 + 2 * $r * $seen->distanceKm * sin(deg2rad($seen->altitudeDeg) + $lean));
        expect($centre)->toBeGreaterThanOrEqual(min($least, $most) - 0.01)->toBeLessThanOrEqual(max($least, $most) + 0.01);
    }
});

it('takes light off for the sky stop by stop, and names the hours by the sun’s altitude', function (): void {
    expect(array_map(fn (SkyCondition $s): float => $s->stops(), SkyCondition::cases()))->toBe([0.0, -1.0, -2.0, -3.0, -4.0]);
    $spans = array_map(fn (LightPhase $p): array => [$p->leastDeg(), $p->mostDeg()], LightPhase::cases());
    expect($spans)->toBe([[-90.0, -18.0], [-18.0, -12.0], [-12.0, -6.0], [-6.0, -4.0], [-4.0, 6.0], [6.0, 90.0]]);
    foreach (LightPhase::cases() as $phase) {
        expect(LightPhase::ofAltitude($phase->leastDeg()))->toBe($phase)
            ->and(LightPhase::ofAltitude(($phase->leastDeg() + $phase->mostDeg()) / 2))->toBe($phase);
    }
    expect(LightPhase::ofAltitude(90.0))->toBe(LightPhase::Day);
});

it('joins the ranges of the light without a step or a kink, from deep night to the zenith', function (): void {
    $log = fn (float $altitude): float => log10(Illuminance::lux($altitude));
    foreach ([20.0, 5.0, -0.8, -5.0, -12.0] as $joint) {
        for ($off = -0.4; $off < 0.4; $off += 0.01) {
            expect(abs($log($joint + $off + 0.01) - $log($joint + $off)))->toBeLessThan(0.012);
        }
        // In the middle of a joint the two ranges count alike.
        $ends = [$log($joint - 0.36), $log($joint + 0.36)];
        expect($log($joint))->toBeGreaterThan(min($ends))->toBeLessThan(max($ends));
    }
    // The published cubics themselves, away from the joints.
    foreach ([[50.0, 3.74, 3.97, -4.07, 1.47], [90.0, 3.74, 3.97, -4.07, 1.47], [10.0, 3.05, 13.28, -45.98, 64.33],
        [-8.0, 2.70, 12.17, -431.69, -1899.83]] as [$altitude, $a, $b, $c, $d]) {
        $x = $altitude / 90;
        expect($log($altitude))->toBeAbout($a + $b * $x + $c * $x ** 2 + $d * $x ** 3, 1e-9);
    }
    expect(Illuminance::lux(-40.0))->toBe(Illuminance::lux(-18.0))
        ->and($log(-18.0))->toBeAbout(13.84 - 262.72 / 5 + 1447.42 / 25 - 2797.93 / 125, 1e-9);
});

it('runs from reading to reading, forgets the first backward, and carries the last slope on for ten minutes', function (): void {
    $observer = new Observer(50, 0);
    $noon = (float) gmmktime(12, 0, 0, 6, 21, 2026);
    $bare = LightCurve::of($observer);
    $curve = LightCurve::of($observer, SkyCondition::Clear, [
        new LightReading($noon, $bare->ev100($noon) - 1), new LightReading($noon + 600, $bare->ev100($noon + 600) - 2),
        new LightReading($noon + 1800, $bare->ev100($noon + 1800) - 2.5),
    ]);
    $off = fn (float $s): float => $curve->ev100($noon + $s) - $bare->ev100($noon + $s);
    expect($off(0))->toBeAbout(-1, 1e-9)->and($off(300))->toBeAbout(-1.5, 1e-9)->and($off(600))->toBeAbout(-2, 1e-9)
        ->and($off(1200))->toBeAbout(-2.25, 1e-9)
        ->and($off(1800))->toBeAbout(-2.5, 1e-9)
        // A fortieth of a stop a minute after the last, for ten minutes; before the first none. All of it dies away over an hour.
        ->and($off(-600))->toBeAbout(-exp(-600 / 3600), 1e-9)->and($off(-300))->toBeAbout(-exp(-300 / 3600), 1e-9)
        ->and($off(2100))->toBeAbout(-2.625 * exp(-300 / 3600), 1e-9)->and($off(2400))->toBeAbout(-2.75 * exp(-600 / 3600), 1e-9)
        ->and($off(4200))->toBeAbout(-2.75 * exp(-2400 / 3600), 1e-9);
    // The drift is what the next half minute differs from the last.
    $dusk = (float) gmmktime(20, 30, 0, 6, 21, 2026);
    expect($bare->driftStopsPerMinute($dusk))->toBeAbout($bare->ev100($dusk + 30) - $bare->ev100($dusk - 30), 1e-12)->toBeLessThan(-0.01)
        ->and($bare->lux($noon))->toBeWithinShare(Illuminance::lux($observer->sun($noon)->altitudeDeg), 1e-9);
});

it('finds the sun’s noon where it culminates, also at the beginning of the span, and to a second', function (): void {
    foreach ([[50.0, 0.0], [-30.0, 151.0], [10.0, -60.0]] as [$latitude, $longitude]) {
        $observer = new Observer($latitude, $longitude);
        $from = (float) gmmktime(0, 0, 0, 10, 5, 2026) - 240 * $longitude;
        $noon = (float) DayOfSky::between($observer, $from, $from + 86400)->at(SkyEvent::Noon);
        $altitude = fn (float $s): float => $observer->sun($noon + $s)->altitudeDeg;
        expect($altitude(0))->toBeGreaterThan($altitude(120))->toBeGreaterThan($altitude(-120))
            ->and($altitude(240) - $altitude(-240))->toBeAbout(0, 0.004) // the declination moves a little
            ->and(DayOfSky::between($observer, $noon - 200, $noon + 43000)->at(SkyEvent::Noon))->toBeAbout($noon, 0.2)
            ->and(DayOfSky::between($observer, $noon - 80000, $noon + 100)->at(SkyEvent::Noon))->toBeAbout($noon, 0.2);
    }
});

it('measures the distance to what it sees', function (): void {
    $seen = (new Observer(50, 0))->sun((float) gmmktime(12, 0, 0, 1, 4, 2026));
    expect($seen)->toBeInstanceOf(Horizontal::class)->and($seen->distanceKm / 149597870.7)->toBeAbout(0.9833, 0.0002);
});
