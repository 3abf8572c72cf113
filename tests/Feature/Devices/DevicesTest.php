<?php

declare(strict_types=1);

use App\Devices\Feeds;
use App\Devices\ObservationFeed;
use App\Devices\SimulatedBuoy;
use App\Devices\SmoothNoise;
use App\Devices\StandardFormat;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Rooms\Bench\BenchFiller;
use GentlePour\Measuring\CrestRhythm;
use GentlePour\Motion\WaterKind;

it('wanders smoothly between 0 and 1, and comes again from the same seed', function (): void {
    $noise = SmoothNoise::seeded('sea', 56.5, -9.9);
    $again = SmoothNoise::seeded('sea', 56.5, -9.9);
    $other = SmoothNoise::seeded('sea', 56.5, -9.8);
    $differs = 0;
    for ($i = 0; $i < 400; $i++) {
        $value = $noise->at($i / 7);
        expect($value)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
        expect($again->at($i / 7))->toBe($value);
        // The steepest ease has a slope of one and a half.
        expect(abs($noise->at($i / 7 + 0.01) - $value))->toBeLessThan(0.016);
        $differs += abs($other->at($i / 7) - $value) > 0.05 ? 1 : 0;
    }
    expect($differs)->toBeGreaterThan(100);
});

it('writes columns that line up under their names, with MM for what is not said', function (): void {
    $text = StandardFormat::rows(1795680000, 1795680000 + 7200, static fn (float $hour): array => ['WVHT' => 1.26, 'DPD' => 9.0]);
    $lines = explode("\n", trim($text));

    expect($lines)->toHaveCount(5);
    expect(array_unique(array_map(strlen(...), $lines)))->toHaveCount(1);
    expect($lines[0])->toStartWith('#YY  MM DD hh mm');
    expect($lines[1])->toStartWith('#yr  mo dy hr mn');
    expect($lines[2])->toStartWith('2026 11 26 08 00')->toContain('1.3')->toContain('MM');
    expect(substr($lines[2], (int) strpos($lines[0], 'WVHT'), 4))->toContain('1.3');
});

it('writes a fortnight at the most, whatever it is asked for', function (): void {
    $text = StandardFormat::rows(0, 1e9, static fn (float $hour): array => ['WVHT' => 1.0]);

    expect(substr_count($text, "\n"))->toBe(2 + 14 * 24);
});

it('lets another feed take the place of a simulated one', function (): void {
    $this->app->bind(Feeds::class, static fn (): Feeds => new Feeds(['buoy' => new class implements ObservationFeed
    {
        public function name(): string
        {
            return 'a buoy of my own';
        }

        public function observations(float $latitude, float $longitude, float $fromUnix, float $toUnix): string
        {
            return "time,hs,tp\n".gmdate('Y-m-d\TH:i:s\Z', (int) (($fromUnix + $toUnix) / 2)).",3.1,14\n";
        }
    }]));

    $this->post('/water/buoy', ['feed' => 'buoy', 'at' => '2026-11-26 08:00'])->assertOk()
        ->assertSee('a buoy of my own')
        ->assertSee('name="period_s" value="14"', false)
        ->assertSee('name="height_m" value="3.1"', false);
    $this->get('/water/clouds?weather=1')->assertOk()->assertDontSee('Filled in from');
});

it('knows its feeds by name', function (): void {
    $feeds = app(Feeds::class);

    expect($feeds->feed('buoy'))->toBeInstanceOf(SimulatedBuoy::class);
    expect($feeds->feed('oracle'))->toBeNull();
});

it('says every kind of measurement in a figure and a line', function (
    MeasurementKind $kind, array $data, string $figure, string $detail,
): void {
    $measurement = Measurement::factory()->make(['kind' => $kind, 'data' => $data]);

    expect($measurement->figure())->toBe($figure);
    expect($measurement->detail())->toContain($detail);
})->with([
    'crests' => [MeasurementKind::Waves, ['period_s' => 8.24, 'spread_s' => 0.5, 'presses' => 9], '8.2 s', '± 0.5 s · 9 presses'],
    'crests with sets' => [
        MeasurementKind::Waves, ['period_s' => 8, 'set_size' => 3, 'set_apart_s' => 420], '8.0 s', 'sets of 3 · every 7 min',
    ],
    'swash' => [MeasurementKind::Swash, ['retreat_s' => 4.06, 'period_s' => 9, 'retreats' => 4], '4.1 s', 'uprush every 9.0 s · 4 retreats'],
    'one swash' => [MeasurementKind::Swash, ['retreat_s' => 4.06, 'period_s' => 9, 'retreats' => 1], '4.1 s', 'uprush every 9.0 s · one retreat'],
    'a float' => [MeasurementKind::Float, ['speed_m_s' => 2.5, 'spread_m_s' => 0.2, 'runs' => 3], '2.50 m/s', '3 runs · surface'],
    'a float of the column' => [
        MeasurementKind::Float, ['speed_m_s' => 2.1, 'runs' => 1, 'mean' => true], '2.10 m/s', 'mean of the column',
    ],
    'a fall' => [MeasurementKind::Drop, ['drop_m' => 11, 'foot_m_s' => 14.7, 'mean_m_s' => 9.8], '11.0 m', '14.7 m/s at the foot'],
    'clouds, timed' => [MeasurementKind::Clouds, ['share' => 33, 'seconds' => 74], '74 s', 'across 33 % of the frame'],
    'clouds, reckoned' => [MeasurementKind::Clouds, ['speed_m_s' => 12, 'base_m' => 1000, 'elevation_deg' => 20], '12 m/s', 'base 1000 m'],
    'a buoy' => [MeasurementKind::Buoy, ['period_s' => 11, 'height_m' => 1.7, 'source' => 'buoy.txt'], '11.0 s', '1.7 m high · buoy.txt'],
    'nothing to speak of' => [MeasurementKind::Buoy, [], '–', ''],
]);

it('keeps the water of the bench where the measurement goes with it', function (
    MeasurementKind $kind, array $data, WaterKind $now, string $then,
): void {
    $measurement = Measurement::factory()->create(['kind' => $kind, 'data' => $data]);

    expect(BenchFiller::measured($measurement, $now)['kind'] ?? $now->value)->toBe($then);
})->with([
    'a period for chop stays with chop' => [MeasurementKind::Waves, ['period_s' => 3], WaterKind::Chop, 'chop'],
    'a period makes a cascade a swell' => [MeasurementKind::Waves, ['period_s' => 8], WaterKind::Cascade, 'swell'],
    'a drop stays with the weir' => [MeasurementKind::Drop, ['drop_m' => 1.4], WaterKind::Weir, 'weir'],
    'a drop makes a river a fall' => [MeasurementKind::Drop, ['drop_m' => 9], WaterKind::River, 'plunge'],
    'a float stays with the rapid' => [MeasurementKind::Float, ['speed_m_s' => 2], WaterKind::Rapid, 'rapid'],
    'a float makes a lake a river' => [MeasurementKind::Float, ['speed_m_s' => 2], WaterKind::Lake, 'river'],
    'clouds leave the water alone' => [MeasurementKind::Clouds, ['share' => 33, 'seconds' => 50], WaterKind::Foam, 'foam'],
    'a retreat is of the backwash' => [MeasurementKind::Swash, ['retreat_s' => 4, 'period_s' => 8], WaterKind::Swell, 'backwash'],
]);

it('has a rhythm to count by only where a period and a moment are known', function (): void {
    $known = Measurement::factory()->make(['data' => ['period_s' => 8, 'last_ms' => 1795680000000]]);
    $unknown = Measurement::factory()->make(['data' => ['period_s' => 8]]);

    expect($known->rhythm())->toEqual(new CrestRhythm(8.0, 8 / 6, 1795680000000.0));
    expect($unknown->rhythm())->toBeNull();
});
