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

it('says which clock that will be before the place is kept', function (): void {
    $this->get('/places/stations?position='.urlencode('39.1, -105.5'))->assertOk()->assertSee('by the position: America/Denver')
        ->assertSee('id="f-timezone-hint" hx-swap-oob="true"', false);
});
