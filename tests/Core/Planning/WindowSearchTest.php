<?php

declare(strict_types=1);

use GentlePour\Planning\Trend;
use GentlePour\Planning\WantedLight;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\Observer;
use GentlePour\Sky\SkyCondition;
use GentlePour\Solving\Term;
use GentlePour\Tide\Level;
use GentlePour\Tide\TideCurve;
use GentlePour\Time\PlaceCalendar;

const MIDNIGHT = 1_806_278_400; // 2027-03-29 00:00 UTC
const HOUR = 3600;

/** Low at midnight, 5 m at five in the morning, 1 m at one, 4 m at six in the evening, 1 m at midnight. */
function windowTide(): TideCurve
{
    return straightTide([
        MIDNIGHT => 0.0, MIDNIGHT + 5 * HOUR => 5.0, MIDNIGHT + 13 * HOUR => 1.0, MIDNIGHT + 18 * HOUR => 4.0, MIDNIGHT + 24 * HOUR => 1.0,
    ]);
}

/**
 * @param  array{int, int}|null  $hours  minutes of the day
 * @param  array{float, float}|null  $azimuth
 * @return list<Window>
 */
function windowsOf(
    ?Level $level = null, Trend $trend = Trend::Any, ?array $hours = null, float $sunLeast = -90, float $sunMost = 90, float $minutes = 10,
    ?array $azimuth = null, ?TideCurve $tide = null, SkyCondition $sky = SkyCondition::Clear,
): array {
    $query = new WindowQuery(
        new Observer(56.5, -9.8), new PlaceCalendar(new DateTimeZone('UTC'), [], $hours), $level, $trend, $sunLeast, $sunMost, $minutes,
        $azimuth, $sky,
    );

    return WindowSearch::find($query, $tide, MIDNIGHT, MIDNIGHT + 86400);
}

/**
 * @param  list<Window>  $windows
 * @return list<array{float, float}> hours from midnight
 */
function hoursOf(array $windows): array
{
    return array_map(fn (Window $w): array => [round(($w->from - MIDNIGHT) / HOUR, 2), round(($w->to - MIDNIGHT) / HOUR, 2)], $windows);
}

/** @return array<string, float> */
function points(Window $window): array
{
    return array_column(array_map(fn (Term $t): array => [$t->name, $t->stops], $window->terms), 1, 0);
}

it('has the rising and the falling tide from turn to turn, and to both ends of what is known', function (): void {
    expect(hoursOf(windowsOf(trend: Trend::Rising, tide: windowTide())))->toBe([[0.0, 5.0], [13.0, 18.0]])
        ->and(hoursOf(windowsOf(trend: Trend::Falling, tide: windowTide())))->toBe([[5.0, 13.0], [18.0, 24.0]])
        ->and(hoursOf(windowsOf(Level::between(3.0, null), Trend::Falling, tide: windowTide())))->toBe([[5.0, 9.0], [18.0, 20.0]])
        ->and(hoursOf(windowsOf(Level::between(null, 2.0), Trend::Rising, tide: windowTide())))->toBe([[0.0, 2.0], [13.0, 14.67]]);
    // From high water to high water: it falls first, and rises to the end.
    $between = straightTide([MIDNIGHT => 4.0, MIDNIGHT + 6 * HOUR => 1.0, MIDNIGHT + 24 * HOUR => 4.0]);
    expect(hoursOf(windowsOf(trend: Trend::Rising, tide: $between)))->toBe([[6.0, 24.0]])
        ->and(hoursOf(windowsOf(trend: Trend::Falling, tide: $between)))->toBe([[0.0, 6.0]])
        ->and(hoursOf(windowsOf(tide: $between)))->toBe([[0.0, 24.0]]);
});

it('asks no tide where there is none', function (): void {
    expect(hoursOf(windowsOf(Level::between(3.0, null), Trend::Rising)))->toBe([[0.0, 24.0]])
        ->and(windowsOf()[0]->highestM)->toBeNull()->and(windowsOf()[0]->trend)->toBe(Trend::Any);
});

it('says the highest that the water comes, also where high water lies between (safety)', function (?array $hours, float $highestM): void {
    expect(windowsOf(hours: $hours, tide: windowTide())[0]->highestM)->toBeAbout($highestM, 1e-9);
})->with([
    'high water near the start' => [[4 * 60 + 30, 12 * 60], 5.0], 'high water near the end' => [[60, 330], 5.0],
    'just before high water' => [[60, 299], 4.9833333333], 'just after high water' => [[301, 600], 4.9916666667],
    'over low water, the end higher' => [[720, 1020], 3.4], 'over low water, the start higher' => [[600, 840], 2.5],
    'a whole day, the higher of two' => [null, 5.0],
]);

it('says the highest of several high waters, whichever it is, and of a tide that turns once or never (safety)', function (): void {
    $heights = [1 => 2.0, 6 => 4.0, 9 => 1.0, 12 => 4.5, 15 => 1.0, 18 => 5.0, 21 => 1.0, 24 => 2.0];
    $tide = straightTide(array_combine(array_map(static fn (int $h): int => MIDNIGHT + $h * HOUR, array_keys($heights)), $heights));
    $highest = static fn (int $from, int $to): float => (float) windowsOf(hours: [$from * 60, $to * 60], tide: $tide)[0]->highestM;

    expect([$highest(2, 23), $highest(2, 17), $highest(2, 11), $highest(10, 17), $highest(7, 11)])
        ->toBe([5.0, 4.5, 4.0, 4.5, 3.3333333333333335]);
    $once = straightTide([MIDNIGHT => 1.0, MIDNIGHT + 12 * HOUR => 4.0, MIDNIGHT + 24 * HOUR => 1.0]);
    $never = straightTide([MIDNIGHT => 1.0, MIDNIGHT + 24 * HOUR => 4.0]);
    expect(windowsOf(tide: $once)[0]->highestM)->toBe(4.0)->and(windowsOf(tide: $never)[0]->highestM)->toBe(4.0);
});

it('says which way the tide goes over a window: standing below five centimetres', function (int $from, int $to, Trend $trend): void {
    expect(windowsOf(hours: [$from, $to], tide: windowTide())[0]->trend)->toBe($trend);
})->with([
    'rising' => [60, 240, Trend::Rising], 'falling' => [420, 600, Trend::Falling],
    'as high at the end as at the start' => [280, 340, Trend::Any], 'two hands' => [760, 786, Trend::Falling],
    'nearly even over low water' => [768, 790, Trend::Any], 'a hand over low water' => [774, 800, Trend::Rising],
]);

it('says where the sun stands at either end and in the middle, and what light that is', function (): void {
    $window = windowsOf(hours: [600, 840], sky: SkyCondition::Overcast)[0];
    $observer = new Observer(56.5, -9.8);
    $light = LightCurve::metered($observer, null, SkyCondition::Overcast);

    expect($window->from)->toBe(MIDNIGHT + 36000.0)->and($window->to)->toBe(MIDNIGHT + 50400.0)->and($window->minutes())->toBe(240.0)
        ->and($window->sunAltitudeFromDeg)->toBe($observer->sun(MIDNIGHT + 36000)->altitudeDeg)
        ->and($window->sunAltitudeToDeg)->toBe($observer->sun(MIDNIGHT + 50400)->altitudeDeg)
        ->and($window->sunAzimuthDeg)->toBe($observer->sun(MIDNIGHT + 43200)->azimuthDeg)
        ->and($window->ev100From)->toBe($light->ev100(MIDNIGHT + 36000))->and($window->ev100To)->toBe($light->ev100(MIDNIGHT + 50400));
});

it('keeps a window that is exactly as long as asked, and none that is shorter', function (): void {
    expect(windowsOf(hours: [600, 630], minutes: 30))->toHaveCount(1)->and(windowsOf(hours: [600, 630], minutes: 30.1))->toBe([]);
    // The sun may cut off what the calendar had left long enough.
    $golden = windowsOf(sunLeast: -4, sunMost: 6, minutes: 10);
    expect($golden)->toHaveCount(2);
    $longest = max(array_map(fn (Window $w): float => $w->minutes(), $golden));
    expect(windowsOf(sunLeast: -4, sunMost: 6, minutes: $longest + 1))->toBe([]);
});

it('gives points for length: one for each doubling over what was asked, three at most (judgement)', function (int $minutes, float $points, string $why): void {
    $window = windowsOf(hours: [600, 600 + $minutes], minutes: 20)[0];
    expect(points($window)['length'])->toBeAbout($points, 1e-9)->and($window->terms[0]->why)->toBe($why);
})->with([
    [20, 0.0, '20 minutes long'], [30, log(1.5, 2), '30 minutes long'], [40, 1.0, '40 minutes long'], [80, 2.0, '80 minutes long'],
    [160, 3.0, '2 h 40 long'],
    [119, log(119 / 20, 2), '119 minutes long'], [120, log(6, 2), '2 h 00 long'], [180, 3.0, '3 h 00 long'], [640, 3.0, '10 h 40 long'],
]);

it('gives points for light by the sun in the middle (judgement)', function (float $least, float $most, float $points, string $why): void {
    $window = windowsOf(sunLeast: $least, sunMost: $most, minutes: 1)[0];
    expect(points($window)['light'])->toBe($points)->and($window->terms[1]->why)->toBe($why);
})->with([
    'blue' => [-5.9, -4.1, 2.0, 'blue hour'], 'golden under the horizon' => [-3.9, -0.9, 2.0, 'golden light'],
    'golden above it' => [1.0, 5.9, 2.0, 'golden light'], 'low' => [6.2, 14.8, 1.0, 'low sun'], 'day' => [15.2, 25.0, 0.0, 'day'],
    'nautical twilight' => [-11.5, -6.5, 0.5, 'night or deep dusk'], 'night' => [-90.0, -18.5, 0.5, 'night or deep dusk'],
]);

it('gives points for water over the mark: three a metre, one and a half at most (judgement)', function (): void {
    $by = fn (float $above): Window => windowsOf(Level::between($above, null), hours: [0, 600], tide: windowTide())[0];
    expect(points($by(4.8))['margin'])->toBeAbout(0.6, 1e-9)->and(points($by(1.0))['margin'])->toBe(1.5)
        ->and($by(4.8)->terms[2]->why)->toBe('0.2 m over the mark at most')->and($by(4.8)->terms)->toHaveCount(3)
        ->and(points(windowsOf(Level::between(null, 3.0), tide: windowTide())[0]))->not->toHaveKey('margin');
});

it('adds the points up, says them in a sentence, and puts the best first, of two alike the earlier', function (): void {
    $window = fn (float $from, float ...$points): Window => new Window(
        $from, $from + 600, null, Trend::Any, 0, 0, 0, 0, 0, array_map(fn (float $p): Term => new Term('light', $p, "worth {$p}"), $points),
    );
    $ranked = WindowSearch::ranked([$window(300, 1.0), $window(200, 2.0, 0.5), $window(100, 1.0), $window(400, 2.4)]);

    expect(array_map(fn (Window $w): float => $w->from, $ranked))->toBe([200.0, 400.0, 100.0, 300.0])
        ->and($ranked[0]->score())->toBe(2.5)->and($ranked[0]->why())->toBe('Worth 2, worth 0.5.');
});

it('looks for the sun on one side clockwise from the first bearing to the second, whatever its height', function (): void {
    $observer = new Observer(56.5, -9.8);
    $south = windowsOf(azimuth: [170.0, 190.0]);
    expect($south)->toHaveCount(1)->and($observer->sun($south[0]->from)->azimuthDeg)->toBeAbout(170, 0.02)
        ->and($observer->sun($south[0]->to)->azimuthDeg)->toBeAbout(190, 0.02);
    $north = windowsOf(azimuth: [350.0, 10.0]);
    expect($north)->toHaveCount(1)->and($north[0]->minutes())->toBeLessThan(120.0)
        ->and($observer->sun($north[0]->to)->azimuthDeg)->toBeAbout(10, 0.02);
    // The rest of the horizon is what the one side is not.
    expect(windowsOf(azimuth: [190.0, 170.0]))->toHaveCount(2);
});

it('cuts by either bound of the sun alone', function (): void {
    $observer = new Observer(56.5, -9.8);
    $day = windowsOf(sunLeast: 0);
    $night = windowsOf(sunMost: 0);
    expect($day)->toHaveCount(1)->and($observer->sun($day[0]->from)->altitudeDeg)->toBeAbout(0, 0.01)
        ->and($night)->toHaveCount(2)->and($night[0]->to)->toBeAbout($day[0]->from, 2);
});

it('goes by the sun in the middle, where a window begins and ends in another light', function (): void {
    expect(windowsOf(hours: [330, 1170])[0]->terms[1]->why)->toBe('day')->and(windowsOf(hours: [0, 1440])[0]->terms[1]->why)->toBe('day');
});

it('calls five centimetres over a window a rise or a fall, and less neither (judgement)', function (): void {
    $trend = fn (float $fromM, float $toM): Trend => windowsOf(
        tide: straightTide([MIDNIGHT => $fromM, MIDNIGHT + 24 * HOUR => $toM]),
    )[0]->trend;
    expect($trend(0.0, 0.05))->toBe(Trend::Rising)
        ->and($trend(0.05, 0.0))->toBe(Trend::Falling)
        ->and($trend(0.0, 0.0499))->toBe(Trend::Any);
});

it('asks for nothing unless it is told, but ten minutes', function (): void {
    $query = new WindowQuery(new Observer(0, 0), new PlaceCalendar(new DateTimeZone('UTC')));
    expect([$query->sunLeastDeg, $query->sunMostDeg, $query->minutesAtLeast])->toBe([-90.0, 90.0, 10.0])
        ->and($query->asksForSun())->toBeFalse()->and($query->asksForTide())->toBeFalse();
});

it('knows when a tide is asked for', function (): void {
    $query = fn (?Level $level, Trend $trend): bool => (
        new WindowQuery(new Observer(0, 0), new PlaceCalendar(new DateTimeZone('UTC')), $level, $trend)
    )->asksForTide();
    expect($query(null, Trend::Any))->toBeFalse()->and($query(Level::between(1, null), Trend::Any))->toBeTrue()
        ->and($query(null, Trend::Falling))->toBeTrue();
});

it('refuses a sun out of bounds, and takes one altitude only', function (): void {
    $query = fn (float $least, float $most, float $minutes = 10): callable => fn () => new WindowQuery(
        new Observer(0, 0), new PlaceCalendar(new DateTimeZone('UTC')), sunLeastDeg: $least, sunMostDeg: $most, minutesAtLeast: $minutes,
    );
    expect($query(-91, 0))->toBeRefused('sun', 'sun.altitude_min_deg')->and($query(0, 91))->toBeRefused('sun', 'sun.altitude_max_deg')
        ->and($query(0.1, 0))->toBeRefused('least altitude', 'sun.altitude_min_deg')
        ->and($query(5, 5)()->sunMostDeg)->toBe(5.0)
        ->and($query(0, 5, 0))->toBeRefused('minutes', 'minutes_at_least');
});

it('means by each light what photographers mean: golden from −4 to 6°, blue from −6 to −4° (common practice)', function (
    WantedLight $light, array $altitudes, string $label,
): void {
    expect($light->altitudesDeg())->toBe($altitudes)->and($light->label())->toBe($label);
})->with([
    [WantedLight::Any, [-90.0, 90.0], 'any'], [WantedLight::Low, [-6.0, 6.0], 'golden or blue hour'],
    [WantedLight::Golden, [-4.0, 6.0], 'golden hour'], [WantedLight::Blue, [-6.0, -4.0], 'blue hour'],
    [WantedLight::Day, [6.0, 90.0], 'day'], [WantedLight::Night, [-90.0, -12.0], 'night'],
]);

it('finds every narrow band of the sun that lasts as long as asked (each minute looked at)', function (float $latitude, float $minutes): void {
    $observer = new Observer($latitude, -157.8);
    $query = new WindowQuery(
        $observer, new PlaceCalendar(new DateTimeZone('UTC')), sunLeastDeg: -0.8, sunMostDeg: 1.0, minutesAtLeast: $minutes,
    );
    [$from, $days] = [1_777_593_600.0, 61]; // May and June 2026
    $found = WindowSearch::find($query, null, $from, $from + 86400 * $days);
    $begins = [];
    for ($unix = $from, $since = null; $unix <= $from + 86400 * $days; $unix += 60) {
        $altitude = $observer->sun($unix)->altitudeDeg;
        $inside = $altitude >= -0.8 && $altitude <= 1.0;
        if ($since !== null && ! $inside && $unix - $since >= 60 * ($minutes + 1)) {
            $begins[] = $since;
        }
        $since = $inside ? $since ?? $unix : null;
    }
    foreach ($begins as $since) {
        expect(array_filter($found, fn (Window $w): bool => abs($w->from - $since) < 61))->toHaveCount(1, gmdate('c', (int) $since));
    }
    expect(count($begins))->toBeGreaterThan(20);
})->with([[21.3, 5.0], [21.3, 7.0], [66.0, 4.0]]);

it('calls a window that was asked for as rising or falling what was asked for', function (): void {
    $still = straightTide([MIDNIGHT => 2.0, MIDNIGHT + 6 * HOUR => 2.03, MIDNIGHT + 12 * HOUR => 2.0, MIDNIGHT + 24 * HOUR => 2.03]);
    foreach ([Trend::Rising, Trend::Falling] as $trend) {
        $windows = windowsOf(trend: $trend, tide: $still);
        expect($windows)->not->toBe([])->and(array_unique(array_column($windows, 'trend'), SORT_REGULAR))->toBe([$trend]);
    }
    expect(windowsOf(tide: $still)[0]->trend)->toBe(Trend::Any);
});

it('never lets the sun climb faster than it is reckoned to: 15.1 degrees an hour by the cosine of the latitude, and a little (spherical astronomy)', function (float $latitude): void {
    $observer = new Observer($latitude, -9.7);
    $most = (15.1 * cos(deg2rad($latitude)) + 0.02) / 3600;
    foreach (range(0, 364, 7) as $day) {
        for ($hour = 0.0; $hour < 24; $hour += 0.5) {
            $unix = 1_767_225_600.0 + 86400 * $day + 3600 * $hour;
            $rate = abs($observer->sun($unix + 60)->altitudeDeg - $observer->sun($unix)->altitudeDeg) / 60;
            expect($rate)->toBeLessThan($most);
        }
    }
})->with([0.0, 21.3, 56.5, -47.0, 70.0, 89.0]);
