<?php

declare(strict_types=1);

use App\Models\LevelMark;
use App\Models\Place;
use App\Models\Subject;
use App\Models\TideSource;
use App\Rooms\Almanac\SunSide;
use App\Tide\PlaceTide;
use GentlePour\Motion\WaterKind;

// Where a wrong sign could put a person into the water.

function safeMark(bool $above, ?float $heightM = null): LevelMark
{
    $mark = LevelMark::query()->create([
        'place_id' => Place::query()->where('name', 'Marrow Shelf')->valueOrFail('id'), 'name' => 'the step', 'above' => $above,
        'height_m' => $heightM,
    ]);
    foreach ([[3.2, false], [3.6, false], [4.1, true], [4.4, true]] as $i => [$m, $reached]) {
        $mark->sightings()->create(['seen_at' => now()->subDays($i + 1), 'predicted_m' => $m, 'reached' => $reached]);
    }

    return $mark->refresh();
}

it('plans with the safe side of what was seen: sure to be reached above, sure to be dry below', function (): void {
    expect(safeMark(true)->heightM())->toBe(4.1)->and(safeMark(true)->level()?->aboveM)->toBe(4.1)
        ->and(safeMark(true)->level()?->belowM)->toBeNull();
    LevelMark::query()->where('name', 'the step')->delete();
    expect(safeMark(false)->heightM())->toBe(3.6)->and(safeMark(false)->level()?->belowM)->toBe(3.6)
        ->and(safeMark(false)->level()?->aboveM)->toBeNull();
});

it('takes a height that was given over what was seen', function (): void {
    expect(safeMark(true, 5.0)->heightM())->toBe(5.0)->and(safeMark(false, 2.0)->level()?->belowM)->toBe(2.0);
});

it('knows no level of a mark that nobody saw', function (): void {
    $mark = new LevelMark(['above' => true]);
    expect($mark->heightM())->toBeNull()->and($mark->level())->toBeNull();
});

it('says to leave by the stand, or by the way out alone where no stand is known', function (): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $place->fill(['wave_height_m' => 0.0, 'margin_m' => 0.0, 'walk_minutes' => 0.0, 'way_out' => null]);
    $tide = straightTide([0 => 0.0, 6 * 3600 => 6.0, 12 * 3600 => 0.0]);
    $level = function (?float $stand, ?float $wayOut) use ($place, $tide): ?float {
        $place->fill(['stand_m' => $stand, 'way_out_m' => $wayOut]);

        return app(PlaceTide::class)->getOff($place, $tide, 0.0)?->levelM;
    };
    expect($level(4.0, 3.0))->toBe(3.0)->and($level(4.0, null))->toBe(4.0)->and($level(null, 3.0))->toBe(3.0)
        ->and($level(3.0, 4.0))->toBe(3.0)->and($level(null, null))->toBeNull();
});

it('adds the highest run-up of two hours of this sea at the place, double before a wall (Stockdon et al. 2006, Rayleigh)', function (): void {
    $place = new Place(['wave_height_m' => 2.0, 'wave_period_s' => 10.0, 'slope' => 0.1, 'wall' => false]);
    $runUp = app(PlaceTide::class)->runUpM($place);
    $place->wall = true;
    $twoPercent = 1.1 * (0.35 * 0.1 * 17.668 + 0.5 * sqrt(312.2 * (0.563 * 0.01 + 0.004)));
    expect($runUp)->toBeAbout($twoPercent * sqrt(log(720) / log(50)), 0.005)
        ->and(app(PlaceTide::class)->runUpM($place))->toBeAbout(2 * $runUp, 1e-9);
});

it('answers with the day of a place whatever sea and shore it has', function (
    float $height, float $period, float $slope, string $says,
): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $place->update(['wave_height_m' => $height, 'wave_period_s' => $period, 'slope' => $slope, 'wall' => true, 'way_out_m' => 4.5]);
    $this->get('/places/'.$place->id.'?day=2026-11-26')->assertOk()->assertSee($says);
})->with([[20.0, 30.0, 2.0, 'awash'], [20.0, 1.0, 0.005, 'awash'], [0.0, 1.0, 2.0, 'leave by']]);

it('warns of a station more than 25 km away, and not of a nearer one (judgement)', function (float $north, bool $warns): void {
    $place = new Place([
        'tide' => TideSource::Station, 'station_id' => 'demo/orra-haven', 'latitude' => 0.0, 'longitude' => 0.0,
    ]);
    $station = app(PlaceTide::class)->station($place) ?? throw new LogicException;
    $place->fill(['latitude' => $station->latitude + $north, 'longitude' => $station->longitude]);
    $said = implode(' ', app(PlaceTide::class)->cautions($place));
    expect(str_contains($said, 'km away'))->toBe($warns)->and($said)->toContain('made up for the demo');
    $place->tide = TideSource::Table;
    expect(app(PlaceTide::class)->cautions($place))->toBe([]);
})->with([[0.22, false], [0.23, true], [-0.23, true]]); // a degree is 111.2 km

it('says so where the catalogue has a bare offset for the clock of a station', function (): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $said = fn (string $zone): string => implode(' ', app(PlaceTide::class)->cautions($place->fill(['timezone' => $zone])));
    expect($said('Etc/GMT-1'))->toContain('Times here are of UTC+01:00 all the year')
        ->and($said('Europe/London'))->not->toContain('all the year')
        ->and($said('UTC'))->not->toContain('all the year');
});

it('asks for the sun by the side of the lens it stands on: ahead, left, right, behind (common practice)', function (SunSide $side, ?array $arc): void {
    expect($side->arcDeg())->toBe($arc);
})->with([
    [SunSide::Any, null], [SunSide::Ahead, [-60.0, 60.0]], [SunSide::Left, [-120.0, -60.0]], [SunSide::Right, [60.0, 120.0]],
    [SunSide::Behind, [120.0, 240.0]],
]);

it('finds the sun on the right of a lens that faces north, which is the east: mornings alone', function (): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $place->update(['facing_deg' => 0.0]);
    $this->travelTo(Illuminate\Support\Carbon::parse('2026-06-01 00:00', 'UTC'));
    $rows = fn (string $side): array => array_slice(array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim((string) $this->get(
        '/almanac.csv?'.http_build_query(['place' => $place->id, 'side' => $side, 'light' => 'day', 'months' => '1', 'by' => 'time']),
    )->assertOk()->getContent()))), 1);
    foreach (['right' => [4, 13], 'left' => [13, 22]] as $side => [$from, $to]) {
        expect($rows($side))->not->toBe([]);
        foreach ($rows($side) as $row) {
            expect((int) gmdate('G', (int) strtotime($row[0])))->toBeGreaterThanOrEqual($from)->toBeLessThan($to);
        }
    }
});

it('empties what may be empty of a place, and keeps the rest where nothing was typed', function (): void {
    $place = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $place->update(['margin_m' => 0.7, 'walk_minutes' => 25.0, 'facing_deg' => 80.0, 'stand_m' => 5.0, 'way_out_m' => 4.0]);
    $this->put('/places/'.$place->id, [
        'name' => 'Marrow Shelf', 'position' => '56.5, -9.8', 'tide' => 'station', 'station_id' => 'demo/orra-haven', 'facing_deg' => '',
        'stand_m' => '', 'way_out_m' => '4,5', 'margin_m' => '', 'walk_minutes' => '30',
    ])->assertSessionHasNoErrors()->assertRedirect();
    $place->refresh();
    expect([$place->facing_deg, $place->stand_m, $place->way_out_m, $place->margin_m, $place->walk_minutes])
        ->toBe([null, null, 4.5, 0.7, 30.0]);
});

it('says the cautions of the waters that are met at a place, and no others (common practice)', function (): void {
    $sea = 'never turn your back on it';
    $river = 'Rivers rise after rain upstream';
    $lake = 'cold water takes the breath';
    $place = fn (string $name): int => (int) Place::query()->where('name', $name)->value('id');
    $this->get('/places/'.$place('Marrow Shelf'))->assertSee($sea)->assertDontSee($river)->assertSee('Not for navigation');
    $stair = $place('Thrennet Stair');
    $this->get('/places/'.$stair)->assertSee($river)->assertDontSee($sea)->assertDontSee('Not for navigation')->assertSee('Tell someone')
        ->assertSee('coastguards decide');
    Subject::query()->where('place_id', $stair)->update(['water_kind' => WaterKind::Lake]);
    $this->get('/places/'.$stair)->assertSee($lake)->assertDontSee($sea)->assertDontSee($river);
    $this->get('/almanac?place='.$stair.'&light=low')->assertOk()->assertSee($lake)->assertDontSee($sea);
    Subject::query()->where('place_id', $stair)->delete();
    $this->get('/places/'.$stair)->assertSee($river)->assertDontSee($sea);
    // At the mouth of a river both.
    Subject::query()->create(['place_id' => $place('Marrow Shelf'), 'name' => 'the race', 'water_kind' => WaterKind::River,
        'distance_m' => 5]);
    $this->get('/places/'.$place('Marrow Shelf'))->assertSee($sea)->assertSee($river);
    $this->get('/')->assertSee($sea)->assertSee($river);
});
