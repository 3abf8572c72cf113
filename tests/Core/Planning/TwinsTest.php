<?php

declare(strict_types=1);

use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Planning\WindowQuery;
use GentlePour\Planning\WindowSearch;
use GentlePour\Sky\Observer;
use GentlePour\Tide\Level;
use GentlePour\Time\PlaceCalendar;

// Brute-force twins: what asking each minute of three weeks finds, at stations of the catalogue, micro-tidal and double ones among them.

it('finds the windows that asking each minute finds', function (
    string $id, string $day, ?float $above, ?float $below, Trend $trend, array $sun, array $days, ?array $hours, float $minutes,
): void {
    $station = shippedStation($id);
    [$from, $length] = [at($day), 21 * 1440];
    $to = $from + 60 * $length;
    $tide = $station->curve(constituents(), $from, $to);
    $heights = array_map(fn (int $i): float => $tide->heightM($from + 30 * $i), range(0, 2 * $length));
    [$least, $range] = [min($heights), max($heights) - min($heights)];
    // Levels as shares of what the tide does here in these weeks.
    $level = $above === null && $below === null ? null
        : Level::between($above === null ? null : $least + $above * $range, $below === null ? null : $least + $below * $range);
    $zone = new DateTimeZone($station->timezone);
    $query = new WindowQuery(
        new Observer($station->latitude, $station->longitude), new PlaceCalendar($zone, $days, $hours), $level, $trend, $sun[0], $sun[1],
        $minutes,
    );
    $runs = [];
    $open = null;
    for ($i = 0; $i <= $length; $i++) {
        $unix = $from + 60 * $i;
        $holds = ($level === null || $level->holds($heights[2 * $i]))
            && ($trend === Trend::Any
                || ($heights[min(2 * $length, 2 * $i + 1)] > $heights[max(0, 2 * $i - 1)]) === ($trend === Trend::Rising));
        if ($holds && ($days !== [] || $hours !== null)) {
            $local = (new DateTimeImmutable('@'.(int) $unix))->setTimezone($zone);
            $minute = (int) $local->format('G') * 60 + (int) $local->format('i');
            $holds = ($days === [] || in_array(strtolower($local->format('D')), $days, true))
                && ($hours === null || ($minute >= $hours[0] && $minute < $hours[1]));
        }
        $altitude = $holds && $query->asksForSun() ? $query->observer->sun($unix)->altitudeDeg : 0.0;
        $holds = $holds && (! $query->asksForSun() || ($altitude >= $sun[0] && $altitude <= $sun[1]));
        if ($holds && $i < $length) {
            $open ??= $unix;
        } elseif ($open !== null) {
            $runs[] = [$open, $unix];
            $open = null;
        }
    }
    $windows = WindowSearch::find($query, $tide, $from, $to);
    // A window that is as long as asked but for a minute may be seen as that long by one and not by the other.
    $sure = array_filter($runs, fn (array $run): bool => 60 * ($minutes + 2) <= $run[1] - $run[0]);
    foreach ($sure as [$start, $end]) {
        $same = array_values(array_filter($windows, fn (Window $w): bool => abs($w->from - $start) <= 100 && abs($w->to - $end) <= 100));
        expect($same)->toHaveCount(1);
        $highest = max(array_slice($heights, (int) round(2 * ($start - $from) / 60), max(1, (int) round(2 * ($end - $start) / 60))));
        expect($same[0]->highestM)->toBeAbout($highest, 0.0002 + 0.006 * $range);
    }
    $maybe = array_filter($runs, fn (array $run): bool => 60 * ($minutes - 2) <= $run[1] - $run[0]);
    expect(count($windows))->toBeBetween(count($sure), count($maybe))->and(count($windows))->toBeGreaterThan(0);
})->with([
    'high water by day' => ['noaa/9447130', '2026-03-20', 0.7, null, Trend::Any, [0.0, 90.0], [], null, 20.0],
    'low water at dusk' => ['noaa/8443970', '2027-06-01', null, 0.2, Trend::Any, [-6.0, 6.0], [], null, 10.0],
    'rising between two levels' => ['noaa/9414290', '2026-11-01', 0.3, 0.6, Trend::Rising, [-90.0, 90.0], [], null, 15.0],
    'falling at weekends' => ['noaa/8518750', '2028-02-10', null, null, Trend::Falling, [-90.0, 90.0], ['sat', 'sun'], [300, 1320], 60.0],
    'a micro-tide above' => ['ticon/sciacca-sci-ita-ispra', '2027-11-05', 0.6, null, Trend::Any, [-90.0, 90.0], [], null, 10.0],
    'a micro-tide rising by day' => ['ticon/solenzara-710-fra-refmar', '2027-07-15', null, null, Trend::Rising, [0.0, 90.0], [], null,
        10.0],
    'an island in golden light' => ['noaa/TEC4445', '2006-07-05', 0.5, null, Trend::Any, [-4.0, 6.0], [], null, 10.0],
    'a fjord of many waters, falling below' => ['kartverket/SIE', '2026-05-01', null, 0.6, Trend::Falling, [-90.0, 90.0], [], [360, 1200],
        10.0],
    'a bay with stands, the hours of the evening' => ['noaa/8728978', '2026-10-20', 0.4, 0.9, Trend::Any, [-90.0, 90.0], [], [1020, 1380],
        15.0],
    'a station that follows another, by its ratios' => ['noaa/8669277', '2027-05-20', 0.8, null, Trend::Any, [-18.0, 90.0],
        ['mon', 'wed', 'fri'], null, 30.0],
]);
