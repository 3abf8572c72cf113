<?php

declare(strict_types=1);

use App\Models\Place;
use App\Models\Subject;

// Any field takes any unit of its kind; what is kept is in metres, seconds and their like.

it('takes units of one’s own in the fields of the bench', function (string $field, string $typed, string $kept, array $more): void {
    $this->get('/bench?'.http_build_query(benchQuery([$field => $typed] + $more)))->assertOk()
        ->assertSee('name="'.$field.'" value="'.$kept.'"', false);
    $this->get('/bench?'.http_build_query(benchQuery([$field => $typed] + $more)), ['HX-Request' => 'true'])->assertOk()
        ->assertSee('name="'.$field.'" value="'.$kept.'"', false);
})->with([
    'feet' => ['distance', '26 ft', '7.925', []],
    'miles an hour' => ['speed', '9 mph', '4.023', []],
    'a wind by its force' => ['wind', 'force 3', '4.344', []],
    'knots' => ['wind', '8 kn', '4.116', []],
    'half a stop' => ['bias', '−½', '-0.5', []],
    'a third' => ['bias', '-⅓', '-0.333', []],
    'a comma' => ['distance', '0,8', '0,8', []],
    'inches of a lens, in mm' => ['focal', '24 mm', '24', []],
    'minutes of a period' => ['period', '0.2 min', '12', ['kind' => 'swell', 'subject' => '']],
]);

it('says at the field what it takes when the unit is another’s', function (): void {
    $this->get('/bench?'.http_build_query(benchQuery(['wind' => '12 m'])))->assertStatus(422)->assertSee('id="f-wind-problem"', false)
        ->assertSee('20 kn, 25 mph or force 6')->assertSee('value="12 m"', false);
    $this->get('/bench?'.http_build_query(benchQuery(['distance' => '100000 mi'])))->assertStatus(422)->assertSee('between');
});

it('takes them in the forms of places, subjects, kit and water too', function (): void {
    $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $this->put('/places/'.$shelf->id, [
        'name' => $shelf->name, 'position' => '56.5, -9.8', 'tide' => 'station', 'station_id' => 'demo/orra-haven', 'stand_m' => '18 ft',
        'walk_minutes' => '½ h', 'wave_height_m' => '3 ft',
    ])->assertSessionHasNoErrors();
    $shelf->refresh();
    expect($shelf->stand_m)->toBeAbout(5.4864, 1e-3)->and($shelf->walk_minutes)->toBe(30.0)
        ->and($shelf->wave_height_m)->toBeAbout(0.9144, 1e-3);
    $this->post('/subjects', ['name' => 'the gut', 'place' => (string) $shelf->id, 'kind' => 'rapid', 'measure' => 'speed',
        'speed' => '5 kn', 'distance' => "30'"])->assertSessionHasNoErrors();
    $gut = Subject::query()->where('name', 'the gut')->firstOrFail();
    expect($gut->speed_m_s)->toBeAbout(2.5722, 1e-3)->and($gut->distance_m)->toBeAbout(9.144, 1e-3);
    $this->post('/places/'.$shelf->id.'/marks', ['name' => 'the ring', 'above' => '1', 'height_m' => '10 ft'])->assertSessionHasNoErrors();
    expect($shelf->marks()->where('name', 'the ring')->value('height_m'))->toBeAbout(3.048, 1e-3);
    $this->post('/water/clouds',
        ['by' => 'wind', 'speed' => '20 kn', 'speed_m_s' => '20 kn'])->assertSessionDoesntHaveErrors(['speed_m_s']);
});

it('keeps the units and shows everything in them, on every page', function (): void {
    $this->get('/settings')->assertOk()->assertSee('Lengths and heights')->assertSee('Beaufort');
    $this->put('/settings', ['length' => 'ft', 'speed' => 'mph', 'wind' => 'Bft', 'temperature' => '°F', 'twelve_hours' => '1'])
        ->assertRedirect('/settings')->assertSessionHas('done');
    $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $this->get('/bench?'.http_build_query(benchQuery(['wind' => '12.287'])))->assertOk()
        ->assertSee('name="distance" value="26.25"', false)->assertSee('name="in[distance]" value="ft"', false)
        ->assertSee('name="speed" value="8.95"', false)
        ->assertSee('name="wind" value="6"', false)->assertSee('8.9 mph')->assertSee('name="focal" value="24"', false);
    $this->get('/places/'.$shelf->id.'?day=2026-11-26')->assertOk()->assertSee('ft')->assertSee(' pm')->assertDontSee(' m of run-up')
        ->assertSee('above 13.29 ft')->assertDontSee('above 4.05 m');
    $this->get('/places/'.$shelf->id.'/edit')->assertSee('name="stand_m" value="19.03"', false);
    $this->get('/')->assertOk()->assertSee('tide to');
    foreach (['/water', '/log', '/log/1', '/almanac?place=2&mark=2&light=golden', '/places', '/subjects/3', '/water/clouds', '/water/buoy',
        '/kit', '/card', '/shoot'] as $path) {
        expect($this->get($path)->status())->toBeIn([200, 302]);
    }
});

it('takes plain numbers in the units of the fields, and keeps metres', function (): void {
    $this->put('/settings', ['length' => 'ft', 'speed' => 'kn', 'wind' => 'Bft', 'temperature' => '°F', 'twelve_hours' => '0']);
    $sent = benchQuery(['distance' => '30', 'speed' => '5', 'wind' => '4', 'in' => ['distance' => 'ft', 'speed' => 'kn', 'wind' => 'Bft']]);
    $page = (string) $this->get('/bench?'.http_build_query($sent))->assertOk()->assertSee('name="distance" value="30"', false)
        ->assertSee('name="speed" value="5"', false)->assertSee('name="wind" value="4"', false)->getContent();
    $this->post(shootThis($page), $sent)->assertRedirect();
    $inputs = App\Models\Frame::query()->latest('id')->firstOrFail()->inputs;
    expect((float) $inputs['distance'])->toBeAbout(9.144, 1e-3)->and((float) $inputs['speed'])->toBeAbout(2.572, 1e-3)
        ->and((float) $inputs['wind'])->toBeAbout(6.688, 1e-3);
    // The session keeps metres, whatever the units are afterwards.
    $this->put('/settings', ['length' => 'm', 'speed' => 'm/s', 'wind' => 'm/s', 'temperature' => '°C', 'twelve_hours' => '0',
        'again' => '1']);
    $this->get('/bench')->assertSee('name="distance" value="9.144"', false)->assertDontSee('name="in[', false);
    // Typed with its own unit, a number is what it says, in whatever field.
    $this->get('/bench?'.http_build_query(['distance' => '9 m'] + $sent))->assertOk();
    $this->get('/bench?'.http_build_query(['in' => 'ft'] + $sent))->assertOk();
    $this->get('/bench?'.http_build_query(['in' => ['distance' => 'parsec', 'speed' => ['x']]] + $sent))->assertStatus(422);
});

it('refuses units that are none', function (): void {
    $this->put('/settings', ['length' => 'furlong', 'speed' => 'kn', 'wind' => 'Bft', 'temperature' => '°F', 'twelve_hours' => '2'])
        ->assertSessionHasErrors(['length', 'twelve_hours']);
});
