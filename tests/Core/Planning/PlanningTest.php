<?php

declare(strict_types=1);

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Bag;
use GentlePour\Kit\Camera;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Lens;
use GentlePour\Kit\Mount;
use GentlePour\Kit\Sensor;
use GentlePour\Planning\HoldPlan;
use GentlePour\Planning\HoldStep;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\LightCurve;
use GentlePour\Sky\Observer;
use GentlePour\Solving\Habits;
use GentlePour\Tide\Constituents;
use GentlePour\Tide\Harmonic;
use GentlePour\Tide\HarmonicCurve;
use GentlePour\Tide\Level;
use GentlePour\Time\PlaceCalendar;

function shelfTide(float $from, float $to): HarmonicCurve
{
    $table = Constituents::of(json_decode((string) file_get_contents(dirname(__DIR__, 3).'/data/constituents.json'), true));

    return HarmonicCurve::of(
        [new Harmonic('M2', 1.6, 140), new Harmonic('S2', 0.6, 178), new Harmonic('K1', 0.2, 50)], $table, 3.0, $from, $to,
    );
}

it('finds the windows that asking every minute finds', function (Trend $trend, array $days, ?array $hours, array $sun): void {
    $from = (float) gmmktime(0, 0, 0, 3, 20, 2027);
    $to = $from + 14 * 86400;
    $zone = new DateTimeZone('Europe/London');
    $query = new WindowQuery(
        new Observer(56.5, -9.8), new PlaceCalendar($zone, $days, $hours), Level::between(3.8, null), $trend, $sun[0], $sun[1], 20,
    );
    $tide = shelfTide($from, $to);
    $windows = WindowSearch::find($query, $tide, $from, $to);
    $holds = function (float $unix) use ($query, $tide, $zone, $days, $hours, $trend): bool {
        $local = (new DateTimeImmutable('@'.(int) $unix))->setTimezone($zone);
        $minute = (int) $local->format('G') * 60 + (int) $local->format('i');
        $sun = $query->observer->sun($unix)->altitudeDeg;
        $rising = $tide->heightM($unix + 30) > $tide->heightM($unix - 30);

        return $tide->heightM($unix) >= 3.8
            && $sun >= $query->sunLeastDeg
            && $sun <= $query->sunMostDeg
            && ($days === [] || in_array(strtolower($local->format('D')), $days, true))
            && (
                $hours === null || ($minute >= $hours[0] && $minute < $hours[1])
            ) && ($trend === Trend::Any || $rising === ($trend === Trend::Rising));
    };
    $runs = [];
    $open = null;
    for ($unix = $from; $unix <= $to; $unix += 60) {
        if ($holds($unix)) {
            $open ??= $unix;
        } elseif ($open !== null) {
            $runs[] = [$open, $unix];
            $open = null;
        }
    }
    $runs = array_values(array_filter($runs, fn (array $r): bool => 22 * 60 <= $r[1] - $r[0]));
    foreach ($runs as [$start, $end]) {
        $same = array_filter($windows, fn (Window $w): bool => abs($w->from - $start) <= 90 && abs($w->to - $end) <= 90);
        expect(count($same))->toBe(1);
    }
    expect(count($windows))->toBeBetween(count($runs), count($runs) + 3);
})->with([
    'golden light' => [Trend::Any, [], null, [-4.0, 6.0]],
    'weekends by day, over the change of the clocks' => [Trend::Any, ['sat', 'sun'], [360, 1200], [-90.0, 90.0]],
    'rising in daylight' => [Trend::Rising, [], null, [0.0, 90.0]],
    'falling at night' => [Trend::Falling, [], null, [-90.0, -12.0]],
]);

it('keeps the hours of the place’s own clock on the day the clocks change', function (): void {
    $zone = new DateTimeZone('Europe/London');
    $from = (float) (new DateTimeImmutable('2027-03-27', $zone))->getTimestamp();
    $query = new WindowQuery(new Observer(56.5, -9.8), new PlaceCalendar($zone, [], [300, 420]), minutesAtLeast: 10);
    $windows = WindowSearch::find($query, null, $from, $from + 3 * 86400);
    $clock = array_map(
        fn (Window $w): string => (new DateTimeImmutable('@'.(int) $w->from))->setTimezone($zone)->format('j H:i'), $windows,
    );

    expect($clock)->toBe(['27 05:00', '28 05:00', '29 05:00'])->and(($windows[1]->from - $windows[0]->from) / 3600)->toBe(23.0);
});

it('works inland, and ranks with its reasons', function (): void {
    $from = (float) gmmktime(0, 0, 0, 6, 1, 2027);
    $windows = WindowSearch::ranked(
        WindowSearch::find(
            new WindowQuery(new Observer(56.5, -9.8), new PlaceCalendar(new DateTimeZone('UTC')), sunLeastDeg: -6, sunMostDeg: 6), null,
            $from, $from + 5 * 86400,
        ),
    );

    expect(count($windows))->toBeGreaterThan(8)->and($windows[0]->highestM)->toBeNull()->and($windows[0]->why())->toContain('2 h 02 long');
    for ($i = 1; $i < count($windows); $i++) {
        expect($windows[$i]->score())->toBeLessThanOrEqual($windows[$i - 1]->score());
    }
});

it('takes the sun from one side only, if asked', function (): void {
    $from = (float) gmmktime(0, 0, 0, 6, 1, 2027);
    $observer = new Observer(56.5, -9.8);
    foreach (WindowSearch::find(new WindowQuery($observer, new PlaceCalendar(new DateTimeZone('UTC')), sunLeastDeg: 0,
        sunAzimuth: [300.0, 60.0]), null, $from, $from + 3 * 86400) as $window) {
        $azimuth = $observer->sun(($window->from + $window->to) / 2)->azimuthDeg;
        expect($azimuth >= 300 || $azimuth <= 60)->toBeTrue();
    }
});

it('refuses conditions that nothing can fulfil', function (): void {
    $calendar = new PlaceCalendar(new DateTimeZone('UTC'));
    expect(fn () => new WindowQuery(new Observer(0, 0), $calendar, sunLeastDeg: 10, sunMostDeg: 0))->toBeRefused('sun')
        ->and(fn () => new PlaceCalendar(new DateTimeZone('UTC'), ['caturday']))->toBeRefused('day', 'days')
        ->and(fn () => new WindowQuery(new Observer(0, 0), $calendar, minutesAtLeast: NAN))->toBeRefused('minutes')
        ->and(fn () => Level::between(5, 2))->toBeRefused('Above', 'below_m');
});

it('holds a look through dusk, changing filters as seldom as it can, each step exposed for its light', function (): void {
    $observer = new Observer(56.5, -9.8);
    $light = LightCurve::of($observer);
    $nd = fn (string $name, float $stops): Filter => Filter::of($name, FilterKind::NeutralDensity, Mount::Slot, Stops::of($stops));
    $bag = new Bag(
        new Camera(new Sensor(36, 24, 6000), Iso::of(100), null, Iso::of(800), ShutterTime::onDial(15)),
        new Lens(24, Aperture::named(4), Aperture::named(22)),
        [$nd('Three', 3), $nd('Six', 6)], 2, true,
    );
    $target = ShutterWindow::of(ShutterTime::ofSeconds(1), ShutterTime::ofSeconds(4));
    $sunset = (float) gmmktime(21, 20, 0, 6, 1, 2027);
    $plan = HoldPlan::of($light, $target, $bag, new Habits, $sunset - 3600, $sunset + 3600);

    expect(count($plan))->toBe(25)->and(array_sum(array_map(fn (HoldStep $s): int => $s->changes ? 1 : 0, $plan)))->toBeLessThanOrEqual(4);
    foreach ($plan as $step) {
        $way = $step->way;
        expect($way)->not->toBeNull()->and($target->contains($way->shutter))->toBeTrue();
        $ev = log($way->aperture->number ** 2 / $way->exact->seconds, 2) - log($way->iso->speed / 100, 2);
        expect($ev + $way->stack->value)->toBeAbout($step->ev100, 0.15);
    }
});

it('says when the light alone gives the time', function (): void {
    $observer = new Observer(56.5, -9.8);
    $light = LightCurve::of($observer);
    $bag = new Bag(
        new Camera(new Sensor(36, 24), Iso::of(100), null, Iso::of(800), ShutterTime::onDial(15)),
        new Lens(24, Aperture::named(4), Aperture::named(22)), [], 0, true,
    );
    $from = (float) gmmktime(0, 0, 0, 6, 1, 2027);
    $spans = HoldPlan::withoutFilter(
        $light, ShutterWindow::of(ShutterTime::ofSeconds(1), ShutterTime::ofSeconds(4)), $bag, $from, $from + 86400,
    );

    expect(count($spans))->toBe(2);
    foreach ($spans as [$start, $end]) {
        // f/22 for 1 s is EV 9, f/4 for 4 s is EV 2, both at ISO 100.
        expect([$light->ev100($start), $light->ev100($end)])->each->toBeBetween(1.95, 9.05);
    }
});
