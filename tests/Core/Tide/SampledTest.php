<?php

declare(strict_types=1);

use GentlePour\Tide\Level;
use GentlePour\Tide\LevelSpan;

// Brute-force twins: what a curve that is looked at each minute says. Twelve ordinary stations and ten micro-tidal, double or following ones.
dataset('sampled stations', function (): array {
    $stations = [
        ['noaa/9447130', '2026-03-01'], ['noaa/8443970', '2031-08-14'], ['noaa/9414290', '2004-11-02'], ['noaa/8518750', '2012-05-20'],
        ['noaa/8537374', '2023-09-03'], ['noaa/8417988', '2030-10-19'], ['noaa/8673499', '2014-11-09'], ['noaa/9465265', '2016-08-14'],
        ['noaa/9447985', '2006-07-11'], ['noaa/9462838', '2023-10-08'], ['noaa/8669277', '2026-10-23'], ['noaa/8638491', '2030-03-02'],
        'a micro-tide' => ['ticon/sciacca-sci-ita-ispra', '2027-11-15'], 'another' => ['ticon/solenzara-710-fra-refmar', '2029-01-26'],
        'an island' => ['noaa/TEC4445', '2006-07-12'], 'a bay of stands' => ['noaa/8728978', '2012-10-28'],
        'a fjord' => ['kartverket/SIE', '2007-05-19'],
        'a lagoon' => ['noaa/8774770', '2011-03-02'], 'an estuary' => ['noaa/8733821', '2011-09-08'],
        'a canal' => ['noaa/8741041', '2026-08-11'],
        'an inner sea' => ['ticon/furuogrund-2055-swe-smhi', '2029-10-14'],
        'behind a barrage' => ['ticon/oosterschelde_14-oostsde14-nld-rws', '2018-01-02'],
    ];

    // A mutant is tried against a few of them, since it is run thousands of times.
    return getenv('PEST_MUTATION_TESTING') === false ? $stations : array_slice($stations, 12, 3);
});

it('crosses levels when a curve looked at each minute does, and says the highest and the lowest between', function (string $id, string $day): void {
    [$from, $minutes] = [at($day), 10 * 1440];
    $curve = shippedStation($id)->curve(constituents(), $from, $from + 60 * $minutes);
    $heights = array_map(fn (int $i): float => $curve->heightM($from + 60 * $i), range(0, $minutes));
    [$least, $most] = [min($heights), max($heights)];
    foreach ([0.02, 0.11, 0.3, 0.45, 0.5, 0.62, 0.75, 0.9, 0.97] as $share) {
        $limit = $least + $share * ($most - $least);
        $spans = Level::between($limit, null)->spans($curve);
        $sampled = [];
        foreach ($heights as $i => $height) {
            if ($height < $limit) {
                continue;
            }
            $last = count($sampled) - 1;
            if ($last >= 0 && $sampled[$last][1] === $i - 1) {
                $sampled[$last] = [$sampled[$last][0], $i, max($sampled[$last][2], $height)];
            } else {
                $sampled[] = [$i, $i, $height];
            }
        }
        // What stands above the level for less than a minute may fall between two looks.
        $spans = array_values(array_filter($spans,
            fn (LevelSpan $s): bool => floor(($s->to - $from) / 60) >= ceil(($s->from - $from) / 60)));
        expect($spans)->toHaveCount(count($sampled));
        foreach ($spans as $i => $span) {
            expect($span->from)->toBeBetween($from + 60 * $sampled[$i][0] - 61, $from + 60 * $sampled[$i][0] + 1)
                ->and($span->to)->toBeBetween($from + 60 * $sampled[$i][1] - 1, $from + 60 * $sampled[$i][1] + 61)
                ->and($span->highestM)->toBeBetween($sampled[$i][2] - 1e-6, $sampled[$i][2] + 0.001);
        }
        $below = array_sum(array_map(fn (LevelSpan $s): float => $s->to - $s->from, Level::between(null, $limit)->spans($curve)));
        $above = array_sum(array_map(fn (LevelSpan $s): float => $s->to - $s->from, Level::between($limit, null)->spans($curve)));
        expect($above + $below)->toBeAbout(60.0 * $minutes, 0.01);
    }
})->with('sampled stations');

it('turns where a curve looked at each minute turns, wiggles of a millimetre among them', function (string $id, string $day): void {
    $from = at($day);
    $curve = shippedStation($id)->curve(constituents(), $from, $from + 864000);
    $turns = array_column($curve->turns(), 'unix');
    $before = [$curve->heightM($from), $curve->heightM($from + 60)];
    for ($i = 2; $i <= 14400; $i++) {
        $height = $curve->heightM($from + 60 * $i);
        if (($before[1] - $before[0]) * ($height - $before[1]) < 0) {
            $near = array_filter($turns, fn (float $unix): bool => abs($unix - $from - 60 * ($i - 1)) <= 60);
            expect($near)->not->toBe([]);
        }
        $before = [$before[1], $height];
    }
})->with('sampled stations');

it('keeps a level through the small waters of a micro-tide (Sciacca, 18 November 2027: above 0.12 m until noon, not until early morning)', function (): void {
    $from = at('2027-11-16 12:00');
    $curve = shippedStation('ticon/sciacca-sci-ita-ispra')->curve(constituents(), $from, $from + 2 * 86400);
    $over = array_values(array_filter(
        Level::between(0.12, null)->spans($curve), fn (LevelSpan $s): bool => $s->from < at('2027-11-18 06:17')
            && $s->to > at('2027-11-18 06:17'),
    ));
    expect($over)->toHaveCount(1)->and($over[0]->to)->toBeBetween(at('2027-11-18 10:40'), at('2027-11-18 11:00'));
});

it('says the highest of a stand of two heads, the first the higher (Solenzara, 28 July 2027, 19:30 UTC)', function (): void {
    $from = at('2027-07-28');
    $curve = shippedStation('ticon/solenzara-710-fra-refmar')->curve(constituents(), $from, $from + 86400);
    $span = Level::between(1.27, null)->spans($curve)[1];

    expect($span->from)->toBeLessThan(at('2027-07-28 19:30'))->and($span->to)->toBeGreaterThan(at('2027-07-28 19:30'))
        ->and($span->highestM)->toBeAbout($curve->heightM(at('2027-07-28 19:30')),
            1e-5)->toBeGreaterThan($curve->heightM(at('2027-07-28 22:58')) + 0.005);
});
