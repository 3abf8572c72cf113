<?php

declare(strict_types=1);

use App\Models\Place;
use App\Models\Subject;

// Any field takes any unit of its kind; what is kept is in metres, seconds and their like.

it('takes units of one’s own in the fields of the bench', function (string $field, string $typed, string $kept, array $more): void {
    $this->get('/bench?'.http_build_query(benchQuery([$field => $typed] + $more)))->assertOk()->assertSee('name="'.$field.'" value="'.$kept.'"', false);
    $this->get('/bench?'.http_build_query(benchQuery([$field => $typed] + $more)), ['HX-Request' => 'true'])->assertOk()->assertSee('name="'.$field.'" value="'.$kept.'"', false);
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
    $this->get('/bench?'.http_build_query(benchQuery(['wind' => '12 m'])))->assertStatus(422)->assertSee('id="f-wind-problem"', false)->assertSee('20 kn, 25 mph or force 6')->assertSee('value="12 m"', false);
    $this->get('/bench?'.http_build_query(benchQuery(['distance' => '100000 mi'])))->assertStatus(422)->assertSee('between');
});

it('takes them in the forms of places, subjects, kit and water too', function (): void {
    $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $this->put('/places/'.$shelf->id, [
        'name' => $shelf->name, 'position' => '56.5, -9.8', 'tide' => 'station', 'station_id' => 'demo/orra-haven', 'stand_m' => '18 ft', 'walk_minutes' => '½ h', 'wave_height_m' => '3 ft',
    ])->assertSessionHasNoErrors();
    $shelf->refresh();
    expect($shelf->stand_m)->toBeAbout(5.4864, 1e-3)->and($shelf->walk_minutes)->toBe(30.0)->and($shelf->wave_height_m)->toBeAbout(0.9144, 1e-3);
    $this->post('/subjects', ['name' => 'the gut', 'place' => (string) $shelf->id, 'kind' => 'rapid', 'measure' => 'speed', 'speed' => '5 kn', 'distance' => "30'"])->assertSessionHasNoErrors();
    $gut = Subject::query()->where('name', 'the gut')->firstOrFail();
    expect($gut->speed_m_s)->toBeAbout(2.5722, 1e-3)->and($gut->distance_m)->toBeAbout(9.144, 1e-3);
    $this->post('/places/'.$shelf->id.'/marks', ['name' => 'the ring', 'above' => '1', 'height_m' => '10 ft'])->assertSessionHasNoErrors();
    expect($shelf->marks()->where('name', 'the ring')->value('height_m'))->toBeAbout(3.048, 1e-3);
    $this->post('/water/clouds', ['by' => 'wind', 'speed' => '20 kn', 'speed_m_s' => '20 kn'])->assertSessionDoesntHaveErrors(['speed_m_s']);
});
