<?php

declare(strict_types=1);

use App\Models\Outing;
use App\Models\Place;
use App\Models\TideSource;
use App\Rooms\Outings\Moment;
use App\Rooms\Outings\OutingAhead;
use App\Rooms\Places\ComingWindow;
use App\Rooms\Places\ComingWindows;
use GentlePour\Planning\Trend;
use GentlePour\Planning\Window;
use GentlePour\Sky\LightPhase;

beforeEach(fn () => $this->travelTo('2026-12-02 05:30 UTC'));

it('has one’s own places before those of the demo, and in order of time within each', function (): void {
    Place::query()->create(['name' => 'My Own Cove', 'latitude' => 50.2, 'longitude' => -5.1, 'timezone' => 'Europe/London',
        'tide' => TideSource::None, 'facing_deg' => 270]);
    $page = (string) $this->get('/')->assertOk()->getContent();
    $page = substr($page, (int) strpos($page, 'class="coming"'));
    preg_match_all('/<span>([A-Z][^<]+)<small>/', $page, $places);
    expect($places[1][0])->toBe('My Own Cove')->and($places[1][1])->not->toBe('My Own Cove')->and(count($places[1]))->toBe(7);
});

it('says why a window is good, when it is and what the weather will be', function (): void {
    $this->get('/')->assertOk()->assertSee('minutes long')->assertSee('water reaches the posts', false)->assertSee('in 2 h')
        ->assertSee('tomorrow')->assertSee('low cloud drifts');
});

it('says the light from first to last, once where it stays', function (float $first, float $last, string $words): void {
    $window = new Window(1796200000, 1796203600, null, Trend::Any, 0, 0, 0, $first, $last, []);
    expect((new ComingWindow(Place::query()->firstOrFail(), null, $window))->light())->toBe($words);
})->with([[4.2, 13.8, 'EV 4 to 14'], [13.6, 14.4, 'EV 14'], [-3.6, 0.4, 'EV −4 to 0'], [-0.4, 0.3, 'EV 0']]);

it('has tides by day as well as in low light, once each', function (): void {
    $at = resolve(ComingWindows::class)->at(Place::query()->with(['marks.sightings', 'outings', 'subjects'])->get());
    $of = array_values(array_filter($at, fn (ComingWindow $one): bool => $one->mark?->name === 'water reaches the posts'));
    $middles = array_map(fn (ComingWindow $one): LightPhase => LightPhase::ofAltitude(($one->window->sunAltitudeFromDeg + $one->window->sunAltitudeToDeg) / 2), $of);
    expect(in_array(LightPhase::Day, $middles, true))->toBeTrue()->and(count(array_unique($middles, SORT_REGULAR)))->toBeGreaterThan(1);
    foreach ($of as $i => $one) {
        expect($one->touches(array_slice($of, $i + 1)))->toBeFalse();
    }
});

it('puts an outing that is near on top: to leave home, to be there, its light, to get off, in order', function (): void {
    Outing::query()->where('starts_at', '>', now())->delete();
    $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $outing = Outing::query()->create(['place_id' => $shelf->id, 'starts_at' => '2026-12-02 07:20', 'ends_at' => '2026-12-02 12:00',
        'travel_minutes' => 40]);
    $moments = app(OutingAhead::class)->moments($outing->load('place'));
    expect(array_map(fn (Moment $m): string => $m->what, $moments))
        ->toBe(['leave home', 'be there', 'civil dawn', 'sunrise', 'get off by these numbers'])
        ->and(gmdate('H:i', (int) $moments[0]->unix))->toBe('06:40')->and($moments[4]->isWarning)->toBeTrue();
    $this->get('/')->assertOk()->assertSeeInOrder(['leave home', '6:40', 'in 1 h 10 min', 'be there', '7:20', 'in 1 h 50 min',
        'get off by these numbers', 'What is coming']);
    // Once it is time to leave the page says so.
    $this->travelTo('2026-12-02 10:50 UTC');
    $this->get('/')->assertSee('past: leave');
});

it('says until when the stand is awash, where it is when one comes, and not to get off before one is there', function (): void {
    Outing::query()->where('starts_at', '>', now())->delete();
    $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $shelf->update(['stand_m' => 3.0, 'way_out_m' => 3.0, 'way_out' => null]);
    $outing = Outing::query()->create(['place_id' => $shelf->id, 'starts_at' => '2026-12-02 11:00', 'ends_at' => '2026-12-02 12:30']);
    $moments = app(OutingAhead::class)->moments($outing->load('place'));
    $last = $moments[count($moments) - 1];
    expect($last->what)->toBe('awash by these numbers until')->and($last->unix)->toBeGreaterThan((float) $outing->starts_at->getTimestamp())
        ->and($last->isWarning)->toBeTrue();
    $this->get('/')->assertSee('awash by these numbers until')->assertDontSee('get off by these numbers');
});

it('says the end that was set where no tide ends an outing, and leaves one that is days away a line', function (): void {
    Outing::query()->where('starts_at', '>', now())->delete();
    $stair = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $outing = Outing::query()->create(['place_id' => $stair->id, 'starts_at' => '2026-12-03 14:00', 'ends_at' => '2026-12-03 16:30']);
    expect(array_map(fn (Moment $m): string => $m->what, app(OutingAhead::class)->moments($outing->load('place'))))
        ->toContain('be there', 'sunset', 'the end that you set')->not->toContain('leave home');
    $this->get('/')->assertSee('the end that you set');
    $outing->update(['starts_at' => '2026-12-08 14:00', 'ends_at' => '2026-12-08 16:00']);
    $this->get('/')->assertSee('Next outing')->assertDontSee('the end that you set');
});

it('says how long it is until something', function (float $ahead, string $words, string $ofAWarning): void {
    expect((new Moment('x', 1000 + $ahead))->untilWords(1000))->toBe($words)
        ->and((new Moment('x', 1000 + $ahead, true, 'past: leave'))->untilWords(1000))->toBe($ofAWarning);
})->with([[-1, 'past', 'past: leave'], [0, 'in 0 min', 'in 0 min'], [3599, 'in 59 min', 'in 59 min'],
    [3600, 'in 1 h 00 min', 'in 1 h 00 min'], [200000, 'in 2 days', 'in 2 days']]);
