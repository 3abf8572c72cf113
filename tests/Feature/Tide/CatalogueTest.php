<?php

declare(strict_types=1);

use App\Tide\StationCatalogue;

/** @return iterable<array<string, mixed>> */
function catalogueLines(): iterable
{
    $file = gzopen(base_path('data/stations.ndjson.gz'), 'rb');
    while (($line = gzgets($file)) !== false) {
        yield json_decode($line, true);
    }
    gzclose($file);
}

it('ships the stations whose licence allows any use, each with its attribution', function (): void {
    $licences = [];
    $count = 0;
    foreach (catalogueLines() as $station) {
        $count++;
        $licences[$station['license']] = true;
        expect($station['attribution'])->toContain('Neaps tide database')
            ->and(abs($station['lat']) <= 90 && abs($station['lon']) <= 180)->toBeTrue()
            ->and(isset($station['harmonics']) || isset($station['offsets']['reference']))->toBeTrue();
    }
    ksort($licences);

    expect($count)->toBe(5853)->and(array_keys($licences))->toBe(['MIT', 'cc-by-4.0', 'public domain']);
});

it('knows every constituent of the catalogue but the five that no list has', function (): void {
    $constituents = app(StationCatalogue::class)->constituents();
    $unknown = $zones = [];
    $references = $asked = [];
    foreach (catalogueLines() as $station) {
        $references[$station['id']] = isset($station['harmonics']);
        if (isset($station['offsets'])) {
            $asked[] = $station['offsets']['reference'];
        }
        $zones[$station['tz']] = true;
        foreach ($station['harmonics'] ?? [] as [$name]) {
            $constituents->knows($name) || $unknown[$name] = true;
        }
    }
    ksort($unknown);

    expect(array_keys($unknown))->toBe(['ALP1', 'BET1', 'OQ2_KV', 'S1_KV', 'SA_KV']);
    foreach ($asked as $id) {
        expect($references[$id] ?? false)->toBeTrue();
    }
    foreach (array_keys($zones) as $zone) {
        expect(new DateTimeZone($zone))->toBeInstanceOf(DateTimeZone::class);
    }
});

it('ranks the nearest stations by the great circle', function (): void {
    $near = app(StationCatalogue::class)->near(47.6, -122.3, 20);
    $distances = array_column($near, 'distanceKm');
    $sorted = $distances;
    sort($sorted);

    expect($distances)->toBe($sorted)->and($near[0]['name'])->toBe('Seattle')->and($distances[0])->toBeAbout(2.96, 0.05)
        ->and(app(StationCatalogue::class)->near(56.5, -9.8, 1)[0]['madeUp'])->toBeTrue();
});

it('says which datums a station has, and refuses others', function (): void {
    $catalogue = app(StationCatalogue::class);
    $station = $catalogue->find('noaa/9447130');
    $from = (float) gmmktime(0, 0, 0, 1, 1, 2026);
    $at = fn (string $datum): float => $station->curve($catalogue->constituents(), $from, $from + 86400, $datum)->heightM($from);

    expect($station->defaultDatum())->toBe('MLLW')
        ->and($at('MLLW') - $at('MHHW'))->toBeAbout(5.882 - 2.419, 1e-3)
        ->and($at('MSL'))->toBeLessThan($at('LAT'))
        ->and(fn () => $at('NAVD88'))->toBeRefused('datum', 'datum')
        ->and(fn () => $catalogue->find('no/such'))->toBeRefused('no station', 'station');
});

it('warns where neighbouring stations have very different tides', function (): void {
    $this->get('/places/stations?position='.urlencode('56.52, -9.84'))->assertOk()->assertSee('The nearest stations differ');
    $this->get('/places/stations?position='.urlencode('47.6, -122.33'))->assertOk()->assertDontSee('The nearest stations differ');
});

it('says so when a listed station has no harmonic constants', function (): void {
    $catalogue = app(StationCatalogue::class);
    $from = (float) gmmktime(0, 0, 0, 1, 1, 2026);

    expect(
        fn () => $catalogue->find('chs-campbell-river')->curve($catalogue->constituents(), $from, $from + 86400),
    )->toBeRefused('no harmonic constants', 'station');
});
