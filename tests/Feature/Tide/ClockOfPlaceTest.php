<?php

declare(strict_types=1);

use App\Models\Place;
use App\Tide\ClockOfPlace;
use GentlePour\Sky\Observer;

it('knows the clock of a place by the station beside it, by the map inland, and by the nearest station off a coast (IANA time zones)', function (
    float $latitude, float $longitude, string $zone,
): void {
    expect(resolve(ClockOfPlace::class)->at(new Observer($latitude, $longitude)))->toBe($zone);
})->with([
    'a coast that keeps another hour than the one beside it' => [42.9, -9.26, 'Europe/Madrid'], 'a fjord in the far north' => [78.22, 15.65, 'Arctic/Longyearbyen'],
    'the other side of the earth' => [-41.3, 174.9, 'Pacific/Auckland'], 'mountains far from any sea' => [39.1, -105.5, 'America/Denver'],
    'a river between two hours' => [-25.69, -54.44, 'America/Argentina/Cordoba'], 'falls of an inland river' => [-17.92, 25.86, 'Africa/Lusaka'],
    'an island' => [64.32, -20.12, 'Atlantic/Reykjavik'], 'rocks off a coast' => [56.5, -9.8, 'Europe/London'], 'the open sea' => [45.0, -35.0, 'Etc/GMT+2'],
]);

it('gives a place without tide the clock of where it lies, unless one is typed', function (): void {
    $kept = function (array $typed): Place {
        $this->post('/places', $typed + ['name' => 'Fall of the pines', 'position' => '39.1, -105.5', 'tide' => 'none'])->assertSessionHasNoErrors();

        return Place::query()->latest('id')->firstOrFail();
    };
    expect($kept([])->timezone)->toBe('America/Denver')
        ->and($kept(['name' => 'Another', 'timezone' => 'UTC'])->timezone)->toBe('UTC');
    // What is emptied is found again, by the new position.
    $place = $kept(['name' => 'A third', 'timezone' => 'UTC']);
    $this->put(route('places.update', $place), ['name' => 'A third', 'position' => '-41.3, 174.9', 'tide' => 'none', 'timezone' => '', 'as_seen' => ''])
        ->assertSessionHasNoErrors();
    expect($place->fresh()?->timezone)->toBe('Pacific/Auckland');
});

it('says of a place far from any station that its water may have no tide', function (): void {
    $this->get('/places/stations?position='.urlencode('39.1, -105.5'))->assertOk()->assertSee('choose “none: inland” above')->assertDontSee('A headland');
    $this->get('/places/stations?position='.urlencode('56.52, -9.84'))->assertOk()->assertDontSee('none: inland');
});

it('tells of a place that was kept in UTC where nobody keeps it, until its zone is emptied', function (): void {
    $at = static fn (string $name, float $latitude, float $longitude, string $zone = 'UTC'): Place => Place::factory()
        ->create(['name' => $name, 'latitude' => $latitude, 'longitude' => $longitude, 'timezone' => $zone, 'tide' => 'none']);
    $denver = $at('Old fall', 39.1, -105.5);
    $this->get(route('places.show', $denver))->assertOk()->assertSee('All times on this page are in UTC')->assertSee('America/Denver');
    foreach ([$at('Where UTC is kept', 64.32, -20.12), $at('By its own', 39.1, -105.5, 'America/Denver'), $at('By another', 39.1, -105.5, 'Europe/Paris')] as $place) {
        $this->get(route('places.show', $place))->assertOk()->assertDontSee('are in UTC');
    }
    // Also in winter, when the clocks of London show the same.
    $this->travelTo('2026-12-02 09:00');
    $this->get(route('places.show', $at('In London', 51.5, -0.1)))->assertSee('Europe/London');
});

it('says which clock that will be before the place is kept, where none is typed', function (): void {
    $this->get('/places/stations?timezone=UTC&position='.urlencode('39.1, -105.5'))->assertOk()->assertDontSee('timezone-hint');
    $this->get('/places/stations?position='.urlencode('39.1, -105.5'))->assertOk()->assertSee('by the position: America/Denver')
        ->assertSee('id="f-timezone-hint" hx-swap-oob="true"', false);
});
