<?php

declare(strict_types=1);

use App\Models\Composition;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Settings\UnitsController;
use Illuminate\Support\Carbon;

// Bearings that were read off a compass. At 56.53 N, 9.86 W it pointed 3.12 degrees west of true north on 2 December 2026: World Magnetic Model 2025
// by geomagnetism 0.2.

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-12-02 05:30', 'UTC'));
    $this->place = Place::factory()->create(['name' => 'The Ledge', 'latitude' => 56.53, 'longitude' => -9.86, 'facing_deg' => 115]);
    $this->form = ['name' => 'New Ledge', 'position' => '56.53, -9.86', 'tide' => 'none'];
});

it('turns the facing of a place to true north, whether it was typed with an M or chosen beside it', function (array $typed, float $kept): void {
    $this->post('/places', $typed + $this->form)->assertSessionHasNoErrors()->assertRedirect();
    expect(Place::query()->where('name', 'New Ledge')->value('facing_deg'))->toBe($kept);
})->with([
    'with an M' => [['facing_deg' => '118 M'], 114.9],
    'chosen' => [['facing_deg' => '118', 'in' => ['facing_deg' => '° mag']], 114.9],
    'both' => [['facing_deg' => '118°M', 'in' => ['facing_deg' => '° mag']], 114.9],
    'over north' => [['facing_deg' => '2,5', 'in' => ['facing_deg' => '° mag']], 359.4],
    'true' => [['facing_deg' => '118', 'in' => ['facing_deg' => '°']], 118.0],
    'true, with its sign' => [['facing_deg' => '118°', 'in' => ['facing_deg' => '°']], 118.0],
]);

it('refuses at the field what no compass shows, and where none can be trusted, and keeps what was typed', function (array $typed, string $words): void {
    $this->from('/places/new')->post('/places', $typed + ['notes' => 'Keep me'] + $this->form)->assertSessionHasErrors(['facing_deg' => $words]);
    $figure = (string) preg_replace('/ M$/', '', $typed['facing_deg']);
    $this->get('/places/new')->assertOk()->assertSee('Keep me')->assertSee('id="f-facing_deg-problem"', false)
        ->assertSee("name=\"facing_deg\" value=\"{$figure}\"", false)
        ->{str_ends_with($typed['facing_deg'], ' M') ? 'assertSee' : 'assertDontSee'}('<option value="° mag" selected>', false);
    expect(Place::query()->where('name', 'New Ledge')->exists())->toBeFalse();
})->with([
    [['facing_deg' => '400 M'], 'The facing must be between 0 and 360°, and is 400°.'],
    [['facing_deg' => '118 M', 'position' => ''], 'A bearing by compass needs the position of its place.'],
    [['facing_deg' => '118 M', 'position' => 'by the sea'],
        'This is not a position; write it like 56.53, -9.86 or 56°31.8\'N 9°51.6\'W, or paste a GPX waypoint.'],
    // The magnetic pole of the north lay near 86 N, 140 E in 2025 (common knowledge).
    [['facing_deg' => '118 M', 'position' => '86, 140'], 'So near the magnetic pole no compass can be trusted: give the bearing from true north.'],
    [['facing_deg' => '118 W'], 'The facing must be a number, like 2.5.'],
]);

it('says when the model is too old for it', function (): void {
    $this->travelTo(Carbon::parse('2036-01-01', 'UTC'));
    $this->post('/places', ['facing_deg' => '118 M'] + $this->form)->assertSessionHasErrors('facing_deg');
    $this->post('/places', ['facing_deg' => '118'] + $this->form)->assertSessionHasNoErrors();
    $this->get('/places/'.$this->place->id)->assertOk()->assertSee('facing 115°')->assertDontSee('by compass')->assertDontSee('A compass here');
});

it('turns a skyline, a way out, swell and wind', function (): void {
    $this->put("/places/{$this->place->id}/around", [
        'skyline' => '93.1M 0, 113.1 M 25, 133.1M 0', 'way_out' => "253.1M 35 5.6\n280 60 6.3", 'swell_from_deg' => '143 m', 'wind_from_deg' => '200',
        'in' => ['wind_from_deg' => '° mag'],
    ])->assertSessionHasNoErrors()->assertRedirect();
    $place = $this->place->refresh();
    expect([$place->skyline, $place->way_out, $place->swell_from_deg, $place->wind_from_deg])
        ->toBe(['90 0, 110 25, 130 0', "250 35 5.6\n280 60 6.3", 139.9, 196.9]);
    // What is no bearing, and a place of which nobody knows where it is.
    $this->put("/places/{$place->id}/around", ['skyline' => '400M 0'])->assertInvalid(['skyline' => 'between 0 and 360'], 'around');
    $nowhere = Place::factory()->create(['name' => 'Nowhere']);
    $this->put("/places/{$nowhere->id}/around", ['way_out' => '10M 35 5.6'])->assertInvalid(['way_out' => 'needs the position'], 'around');
    $this->put("/places/{$nowhere->id}/around", ['wind_from_deg' => '10M'])->assertInvalid(['wind_from_deg' => 'needs the position'], 'around');
    expect($place->refresh()->skyline)->toBe('90 0, 110 25, 130 0')->and($nowhere->refresh()->way_out)->toBeNull();
});

it('turns the facing of a subject, of a composition and of a lens over the horizon', function (): void {
    $this->post('/subjects', ['name' => 'the gully', 'place' => $this->place->id, 'kind' => 'river', 'measure' => 'speed', 'speed' => '2',
        'distance' => '7', 'facing' => '200 M'])->assertSessionHasNoErrors();
    $subject = Subject::query()->where('name', 'the gully')->firstOrFail();
    expect($subject->facing_deg)->toBe(196.9);
    $outing = Outing::query()->create(['place_id' => $this->place->id, 'starts_at' => '2026-12-04 13:00:00', 'ends_at' => '2026-12-04 16:30:00']);
    $this->post("/outings/{$outing->id}/compositions", ['subject' => $subject->id, 'look' => 'silk', 'light' => 'any', 'facing' => '100',
        'in' => ['facing' => '° mag']])->assertSessionHasNoErrors();
    expect(Composition::query()->where('outing_id', $outing->id)->value('facing_deg'))->toBe(96.9);
    $this->get("/outings/{$outing->id}")->assertOk()->assertSee('facing 97°, 100° by compass');
    $this->get("/places/{$this->place->id}/horizon?".http_build_query(['day' => '2026-12-04', 'facing' => '203.1 M']))->assertOk()
        ->assertSee('aria-valuenow="200"', false);
});

it('says what a compass shows at a place', function (): void {
    $this->get('/places/'.$this->place->id)->assertOk()->assertSee('facing 115°, 118° by compass')->assertSee('A compass here')
        ->assertSee('points 3.1° west of true north');
    $nowhere = Place::factory()->create(['name' => 'Nowhere', 'facing_deg' => 90]);
    $this->get('/places/'.$nowhere->id)->assertOk()->assertSee('facing 90°')->assertDontSee('by compass');
});

it('gives back what was typed, with what was chosen beside it, when something else is refused', function (): void {
    settings()->write(UnitsController::SETTING, ['length' => 'ft']);
    $typed = ['facing_deg' => '118', 'margin_m' => '12', 'in' => ['facing_deg' => '° mag', 'margin_m' => 'ft']] + $this->form;
    $this->from('/places/new')->post('/places', ['name' => ''] + $typed)->assertSessionHasErrors('name')
        ->assertSessionDoesntHaveErrors(['facing_deg', 'margin_m']);
    $this->get('/places/new')->assertSee('name="facing_deg" value="118"', false)->assertSee('<option value="° mag" selected>', false)
        ->assertSee('name="margin_m" value="12"', false);
    // Sent again as it stands there, it is what was meant.
    $this->post('/places', $typed)->assertSessionHasNoErrors();
    $place = Place::query()->where('name', 'New Ledge')->firstOrFail();
    expect($place->facing_deg)->toBe(114.9)->and($place->margin_m)->toBeAbout(12 * 0.3048, 0.001);
    $this->get("/places/{$place->id}/edit")->assertSee('name="facing_deg" value="114.9"', false)
        ->assertDontSee('<option value="° mag" selected>', false)->assertSee('name="margin_m" value="12"', false);
});
