<?php

declare(strict_types=1);

use App\Devices\SimulatedBuoy;
use App\Devices\SimulatedWeather;
use App\Models\Frame;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\ShotList;
use App\Rooms\Water\WaterController;
use GentlePour\Documents\ObservationFiles;
use GentlePour\Motion\WaterKind;
use GentlePour\Solving\ShotRole;
use Illuminate\Http\UploadedFile;

function measured(): Measurement
{
    return Measurement::query()->latest('id')->firstOrFail();
}

it('shows what was measured, with its place, and the taste with its verdicts', function (): void {
    $this->get('/water')->assertOk()->assertSee('8.1 s')->assertSee('Crests at Marrow Shelf')->assertSee('sets of')
        ->assertSee('from 2 verdicts')->assertSee('never turn your back');
    foreach (MeasurementKind::cases() as $kind) {
        $this->get('/water/'.$kind->value)->assertOk()->assertSee($kind->words());
    }
});

it('draws how each is measured, with what was measured so before and the caution of its edge', function (MeasurementKind $kind): void {
    Measurement::query()->create(['kind' => $kind, 'data' => ['period_s' => 77, 'speed_m_s' => 77, 'drop_m' => 77, 'retreat_s' => 77,
        'seconds' => 77, 'share' => 0.5], 'measured_at' => now()]);
    $page = $this->get('/water/'.$kind->value)->assertOk()->assertSee('77')->assertSee('Measured before');
    match ($kind) {
        MeasurementKind::Waves, MeasurementKind::Swash => $page->assertSee('class="how-way"', false)->assertSee('never turn your back'),
        MeasurementKind::Float, MeasurementKind::Drop => $page->assertSee('class="how-way"', false)->assertSee('Rivers rise'),
        MeasurementKind::Clouds => $page->assertSee('class="how-cloud"', false)->assertDontSee('wet rock'),
        MeasurementKind::Buoy => $page->assertSee('WVHT')->assertDontSee('wet rock'),
    };
})->with(MeasurementKind::cases());

it('reads each text that it shows as an example', function (string $text): void {
    $read = ObservationFiles::read(['example' => $text]);

    expect($read->badLines)->toBe([])->and($read->observations[0])->significantHeightM->toBe(1.4)->peakPeriodS->toBe(9.5)->windMS->toBe(6.2)
        ->and(gmdate('Y-m-d H:i', (int) $read->observations[0]->unix))->toBe('2026-03-14 06:00');
})->with(WaterController::EXAMPLES);

it('knows no moon to measure', function (): void {
    $this->get('/water/moon')->assertNotFound();
});

it('keeps a rhythm that was tapped, with its sets, and fills the bench with it', function (): void {
    $this->post(
        '/water/waves',
        [
            'presses' => '0,8,16,24,32,40,48,56', 'big' => '8,16,48,56', 'out' => '', 'last_ms' => '1795680000000', 'place_id' => '2',
            'note' => 'off the point',
        ],
    )->assertRedirect('/water');
    $kept = measured();

    expect($kept->data['period_s'])->toBe(8)
        ->and($kept->data['set_apart_s'])->toBe(40)
        ->and($kept->data['set_at_ms'])->toBe(1795680000000 + 1000 * (88 - 56))
        ->and($kept->measured_at->format('U'))->toBe('1795680000')->and($kept->place?->name)->toBe('Marrow Shelf');
    $this->get('/bench?measured='.$kept->id)->assertOk()->assertSee('in the sea swell')->assertSee('value="8"', false)
        ->assertSee('Another water');
    $this->delete('/water/measurements/'.$kept->id)->assertRedirect();
    expect(Measurement::query()->find($kept->id))->toBeNull();
});

it('fills the bench with each kind of measurement', function (array $sent, string $kind, array $seen): void {
    $this->post('/water/'.$kind, $sent)->assertRedirect('/water')->assertSessionHasNoErrors();
    $page = $this->get('/bench?measured='.measured()->id)->assertOk();
    foreach ($seen as $text) {
        $page->assertSee($text, false);
    }
})->with([
    'three runs of a float' => [['distance_m' => '10', 'presses' => '4,5,4', 'mean' => '0'], 'float', ['value="2.33"']],
    'the mean of the column' => [['distance_m' => '10', 'presses' => '5', 'mean' => '1'], 'float', ['value="1.7"']],
    'a fall, typed' => [['by' => 'typed', 'drop_m' => '11'], 'drop', ['value="11"', 'in the cascade']],
    'a fall by angles' => [['by' => 'angles', 'distance_m' => '20', 'lip_deg' => '45', 'foot_deg' => '0'], 'drop', ['value="20"']],
    'a cloud, timed' => [['by' => 'crossing', 'share' => '33', 'seconds' => '80'], 'clouds', ['name="cloud_s" value="80"', 'streaked']],
    'clouds by dew point' => [
        [
            'by' => 'wind', 'speed_m_s' => '9', 'base_by' => 'dew_point', 'temperature_c' => '18', 'dew_point_c' => '10',
            'elevation_deg' => '20', 'across' => 'slanting',
        ],
        'clouds', ['name="cloud_base" value="1000"'],
    ],
    'clouds by their kind' => [
        ['by' => 'wind', 'speed_m_s' => '30', 'base_by' => 'kind', 'cloud_kind' => 'cirrus', 'elevation_deg' => '40', 'across' => 'across'],
        'clouds', ['name="cloud_base" value="9000"'],
    ],
    'a retreat' => [['presses' => '0,4,8,12.2,16'], 'swash', ['in the backwash', 'value="4.1 s"']],
    'a row of a buoy' => [
        ['period_s' => '11', 'height_m' => '1.7', 'wind_m_s' => '8', 'source' => 'buoy.txt', 'observed_at' => '2026-11-26 08:50:00'],
        'buoy', ['value="11"', 'wind 8 m/s'],
    ],
]);

it('leaves the subject behind when another water was measured, and takes the one of that place', function (): void {
    $this->get('/bench?take=1')->assertSee('in the cascade');
    $waves = Measurement::factory()->create();
    $this->get('/bench?measured='.$waves->id)->assertOk()->assertSee('name="subject" value=""', false);
    $there = Measurement::factory()->create(['place_id' => 2]);
    $posts = App\Models\Subject::query()->where('name', 'the posts in swell')->firstOrFail();
    $this->get('/bench?measured='.$there->id)->assertOk()->assertSee('name="subject" value="'.$posts->id.'"', false);
});

it('refuses bad measurements at the field', function (string $kind, array $sent, string $field): void {
    $before = Measurement::query()->count();
    $this->post('/water/'.$kind, $sent)->assertRedirect()->assertSessionHasErrors($field);
    expect(Measurement::query()->count())->toBe($before);
})->with([
    ['waves', ['presses' => ''], 'presses'],
    ['waves', ['presses' => '0,8,16'], 'presses'],
    ['waves', ['presses' => 'a,b'], 'presses'],
    ['waves', ['presses' => '0,8,4,20,28'], 'presses'],
    ['waves', ['presses' => '0,8,16,24,32', 'place_id' => '999'], 'place_id'],
    ['swash', ['presses' => '3'], 'presses'],
    ['float', ['distance_m' => 'far', 'presses' => '4'], 'distance_m'],
    ['float', ['distance_m' => '10', 'presses' => '0'], 'presses'],
    ['drop', ['by' => 'typed', 'drop_m' => '-4'], 'drop_m'],
    ['drop', ['by' => 'angles', 'distance_m' => '20', 'lip_deg' => '5', 'foot_deg' => '9'], 'lip_deg'],
    ['drop', ['by' => 'guess'], 'by'],
    ['clouds', ['by' => 'crossing', 'share' => '0', 'seconds' => '4'], 'share'],
    [
        'clouds',
        [
            'by' => 'wind', 'speed_m_s' => '9', 'base_by' => 'dew_point', 'temperature_c' => '8', 'dew_point_c' => '10',
            'elevation_deg' => '20', 'across' => 'across',
        ],
        'dew_point_c',
    ],
    ['buoy', ['period_s' => 'NaN'], 'period_s'],
    ['buoy', [], 'files'],
    ['buoy', ['text' => 'no such file'], 'files'],
    ['buoy', ['text' => 'x', 'at' => '20260-13-45'], 'at'],
]);

it('reads files of observations, picks the row nearest in time and lists the lines it cannot read', function (): void {
    $file = UploadedFile::fake()->createWithContent(
        'buoy.txt',
        "#YY MM DD hh mm WVHT DPD WSPD\n#yr mo dy hr mn m sec m/s\n2026 11 26 06 50 1.4 9 7\n2026 11 26 07 50 1.6 10 MM\nrubbish\n2026 11 26 08 50 1.8 11 8\n",
    );
    $more = UploadedFile::fake()->createWithContent('later.csv', "time,hs,tp\n2026-11-26T09:50:00Z,2.0,12\n");
    $this->post('/water/buoy', ['files' => [$file, $more], 'at' => '2026-11-26 08:00'])->assertOk()
        ->assertSee('nearest of 4')->assertSee('26 Nov 2026, 07:50')->assertSee('1 line left out')->assertSee('line 5')
        ->assertSee('rubbish')
        ->assertSee('name="period_s" value="10"', false);
    $this->post(
        '/water/buoy', ['files' => [UploadedFile::fake()->createWithContent('x.png', "\x89PNG\xff\xfe\x00")]],
    )->assertRedirect()->assertSessionHasErrors('files');
});

it('reads the simulated buoy, which is marked as such and says the same every time', function (): void {
    $this->post(
        '/water/buoy', ['feed' => 'buoy', 'at' => '2026-11-26 08:00'],
    )->assertOk()->assertSee('simulated buoy')->assertSee('name="period_s"', false);
    $text = (new SimulatedBuoy)->observations(56.5, -9.9, 1795680000, 1795680000 + 86400 * 3);
    $read = ObservationFiles::read(['b' => $text]);

    expect((new SimulatedBuoy)->observations(56.5, -9.9, 1795680000, 1795680000 + 86400 * 3))->toBe($text)
        ->and($read->badLines)->toBe([])->and(count($read->observations))->toBe(73)
        ->and((new SimulatedBuoy)->observations(10, 20, 1795680000, 1795680000 + 86400))->not->toContain(explode("\n", $text)[5]);
    foreach ($read->observations as $row) {
        expect($row->significantHeightM)->toBeGreaterThan(0.2)->toBeLessThan(6.0)
            ->and($row->peakPeriodS)->toBeGreaterThan(4.0)->toBeLessThan(20.0);
    }
});

it('has made-up weather in the same format, with a dew point never above the temperature', function (): void {
    $read = ObservationFiles::read(['w' => (new SimulatedWeather)->observations(56.5, -9.9, 1795680000, 1795680000 + 86400 * 2)]);
    expect($read->observations)->toHaveCount(49)->and($read->badLines)->toBe([]);
    foreach ($read->observations as $row) {
        expect($row->dewPointC)->toBeLessThan($row->airC)->and($row->significantHeightM)->toBeNull();
    }
});

it('answers what is typed, tapped or dragged without touching the session, also when it cannot be read', function (): void {
    foreach (['/water/heard?presses=0,8,16,24,32' => 200, '/water/heard?presses=a' => 422, '/water/heard' => 422,
        '/kit/marking?marking=ND8' => 200, '/kit/marking?marking=what' => 200, '/places/stations?position=56.5,-9.8' => 200,
        '/places/stations?position=x' => 200] as $path => $status) {
        $this->get($path)->assertStatus($status)->assertCookieMissing(config('session.cookie'));
    }
});

it('fills the form of the clouds from the simulated weather, and says that it is made up', function (): void {
    $this->get('/water/clouds?weather=1')->assertOk()->assertSee(
        'simulated weather, which is made up',
    )->assertSee('value="dew_point" selected', false);
});

it('sets a taste by hand, forgets it, and learns from verdicts again', function (): void {
    expect(tastes()->of(WaterKind::Cascade)->verdicts)->toBe(2);
    $this->put('/water/taste/cascade', ['stops' => '0,5'])->assertRedirect();
    expect(tastes()->of(WaterKind::Cascade)->byHand)->toBe(0.5);
    $this->put('/water/taste/cascade', ['stops' => '9'])->assertSessionHasErrorsIn('taste', 'stops');
    $this->travel(1)->minutes();
    $this->put('/water/taste/cascade', ['forget' => '1'])->assertRedirect();
    expect(tastes()->of(WaterKind::Cascade)->stops)->toBe(0.0)->and(tastes()->of(WaterKind::Cascade)->verdicts)->toBe(0);
    // Forgotten by mistake: it comes back as it was.
    $this->post('/undo/'.session('undo'))->assertSessionHas('done', 'It is back, as it was.');
    expect(tastes()->of(WaterKind::Cascade)->byHand)->toBe(0.5)->and(tastes()->of(WaterKind::Cascade)->verdicts)->toBe(2);
    $this->put('/water/taste/cascade', ['forget' => '1', 'again' => '1'])->assertRedirect();
    $this->travel(1)->minutes();
    $frame = Frame::query()->where('water_kind', 'cascade')->firstOrFail();
    $this->put('/log/'.$frame->id, ['open' => (string) $frame->open_s, 'blur' => 'too_smooth'])->assertRedirect();
    expect(tastes()->of(WaterKind::Cascade)->stops)->toBeLessThan(0.0);
    $this->put('/water/taste/lava', ['stops' => '1'])->assertNotFound();
});

it('learns nothing of taste from a frame that was closed early', function (): void {
    $frame = Frame::query()->where('water_kind', 'cascade')->whereNotNull('open_s')->firstOrFail();
    $verdicts = tastes()->of(WaterKind::Cascade)->verdicts;
    $frame->update(['open_s' => $frame->planned_s / 3]);
    expect(tastes()->of(WaterKind::Cascade)->verdicts)->toBe($verdicts - 1);
    $frame->update(['open_s' => $frame->planned_s * 1.1]);
    expect(tastes()->of(WaterKind::Cascade)->verdicts)->toBe($verdicts);
});

it('undoes the forgetting of a taste that was never set by hand', function (): void {
    $before = tastes()->of(WaterKind::Cascade)->stops;
    expect($before)->not->toBe(0.0);
    $this->put('/water/taste/cascade', ['forget' => '1']);
    expect(tastes()->of(WaterKind::Cascade)->stops)->toBe(0.0);
    $this->post('/undo/'.session('undo'));
    expect(tastes()->of(WaterKind::Cascade)->stops)->toBe($before);
});

it('shows two waters and the sky on one rule, and says which two do not meet', function (): void {
    $query = benchQuery(
        [
            'kind' => 'swell', 'period' => '9', 'look' => 'silk', 'also' => 'backwash', 'also_speed' => '1.6', 'also_distance' => '5',
            'also_look' => 'brushed', 'sky' => 'crossing', 'cloud_share' => '33', 'cloud_s' => '74', 'cloud_look' => 'streaked',
        ],
    );
    $this->get('/bench?'.http_build_query($query))->assertOk()->assertSee('Also, brushed', false)->assertSee('Sky, streaked', false)
        ->assertSee('stops apart')->assertSee('Blend 3 frames');
    $this->get('/bench?'.http_build_query(['cloud_look' => '', 'also' => ''] + $query))->assertOk()->assertDontSee('stops apart');
    $this->get(
        '/bench?'.http_build_query(['cloud_share' => '300'] + $query),
    )->assertStatus(422)->assertSee('id="f-cloud_share-problem"', false);
    $this->get('/bench?'.http_build_query(['also_speed' => 'fast'] + $query))->assertStatus(422)
        ->assertSee('id="f-also_speed-problem"', false);
    $this->get('/bench?'.http_build_query(['also_speed' => ''] + $query))->assertOk();
    $this->get('/bench?'.http_build_query(['also' => 'custard'] + $query))->assertStatus(422);
});

it('caps the time in wind, and says why', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['wind' => '9', 'support' => 'light'])))->assertOk()->assertSee('wind 9 m/s');
    $this->get('/bench?'.http_build_query(benchQuery(['wind' => 'gale'])))->assertStatus(422)->assertSee('id="f-wind-problem"', false);
});

it('adds a chop to a swell, and asks for both heights', function (): void {
    $sea = benchQuery(['kind' => 'swell', 'period' => '12', 'height' => '1.5', 'chop_period' => '2.5', 'chop_height' => '0.4']);
    $this->get('/bench?'.http_build_query($sea))->assertOk()->assertSee('breaks in 1.9 m of water');
    $this->get('/bench?'.http_build_query(['chop_height' => ''] + $sea))->assertStatus(422)->assertSee('both its period and its height');
    $this->get('/bench?'.http_build_query(['height' => ''] + $sea))->assertStatus(422)->assertSee('id="f-height-problem"', false);
});

it('gives the recipe of the picture on the bench, at every third of a stop', function (): void {
    $recipe = $this->getJson('/scene?'.http_build_query(benchQuery(['kind' => 'swell', 'period' => '8'])))->assertOk()->json();
    expect($recipe['times'])->toHaveCount(82)
        ->and($recipe['kept'])->toHaveCount(82)
        ->and($recipe['water']['bins'][0]['kept'])->toHaveCount(82);
    $this->getJson('/scene?'.http_build_query(benchQuery(['kind' => 'swell', 'period' => 'x'])))->assertStatus(422);
});

it('compares times, also by stops of filter, and says which cannot be read', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['shutter' => '1/60'])));
    $this->get('/compare?t[]=1/10&t[]=1/5')->assertOk()->assertSee('1/10')->assertSee('of the drawing left');
    // 1/60 with six stops is 1 s, with ten 16 s.
    $this->get('/compare?t[]=6 stops&t[]=10 stops&as=wipe')->assertOk()->assertSee('data-times=\'[1,16]\'', false);
    $this->get('/compare?t[]=soon&t[]=1')->assertOk()->assertSee('id="f-t-0-problem"', false)->assertSee('value="soon"', false);
    $this->get('/compare?t=5')->assertOk();
});

it('makes a ladder of every look at equal exposure, walked through in Shoot', function (): void {
    $this->post('/lists?'.http_build_query(benchQuery(['shutter' => '1/60'])), ['list' => 'ladder'])->assertRedirect();
    $list = ShotList::query()->with('frames')->latest('id')->firstOrFail();
    $frames = $list->frames->sortBy('list_place')->values();

    expect($frames->count())->toBeGreaterThanOrEqual(4)->and($frames[0]->role)->toBe(ShotRole::Ladder);
    $lengths = $frames->map(fn (Frame $f): float => $f->planned_s)->all();
    $sorted = $lengths;
    sort($sorted);
    expect($lengths)->toBe($sorted)
        ->and(count(array_unique($frames->map(fn (Frame $f): string => $f->look->value)->all())))->toBe($frames->count());
    foreach ($frames as $frame) {
        // Every rung gathers the light of the reading: EV of the settings less the stack, within a sixth of a stop for rounding.
        $way = $frame->plan->way;
        $ev = log($way->aperture ** 2 / $way->exactS, 2) - log($way->iso / 100, 2) + $way->stops;
        expect($ev)->toBeAbout($frame->plan->ev100, 0.01);
    }
    $this->get('/lists/'.$list->id)->assertOk()->assertSee('Start:')->assertSee('in all');
    $first = $frames[0];
    $this->get('/shoot/'.$first->id)->assertOk()->assertSee('1 of '.$frames->count());
    $this->put('/shoot/'.$first->id.'/open', ['opened_at_ms' => '1795680000000', 'open_s' => '0.01'])->assertRedirect('/log/'.$first->id);
    $this->get('/lists/'.$list->id)->assertOk()->assertSee('Next:')->assertSee('taken');
    $this->delete('/lists/'.$list->id)->assertRedirect();
    expect(Frame::query()->whereKey($first->id)->exists())->toBeTrue()
        ->and(Frame::query()->whereKey($frames[1]->id)->exists())->toBeFalse();
});

it('makes every kind of list, and refuses what it does not know', function (string $kind): void {
    $this->post('/lists?'.http_build_query(benchQuery(['shutter' => '1/60'])), ['list' => $kind])->assertRedirect();
    expect(ShotList::query()->latest('id')->firstOrFail()->frames()->count())->toBeGreaterThan(1);
})->with(['time:1', 'time:2', 'aperture:1', 'average', 'average:8', 'freeze:person_walking', 'polariser', 'dark', 'ladder']);

it('refuses lists that make no sense, in words on the bench', function (string $kind): void {
    $this->post('/lists?'.http_build_query(benchQuery()), ['list' => $kind])->assertRedirect('/bench')->assertSessionHas('problem');
    expect(ShotList::query()->count())->toBe(0);
})->with(['', 'everything', 'time:0', 'time:99', 'average:1', 'average:9999', 'freeze:glacier']);
