<?php

declare(strict_types=1);

use App\Models\Place;
use App\Models\TideSource;
use App\Rooms\Places\AllPlaces;
use Illuminate\Database\Eloquent\Collection;

/** @return Collection<int, Place> */
function allOfThem(): Collection
{
    return Place::query()->with(['marks.sightings'])->orderBy('name')->get();
}

beforeEach(fn () => $this->travelTo('2026-12-02 05:30 UTC'));

it('shows each place with its day, its next waters and when it is good next', function (): void {
    $this->get('/places')->assertOk()->assertSeeInOrder(['Marrow Shelf', 'water reaches the posts', 'high 11:11 4.5 m', 'Skarra Skerry',
        'no level mark yet', 'Thrennet Stair', 'low light'])
        ->assertSee('Where they lie')->assertSee('strip-now', false);
    Place::factory()->create(['name' => 'Aaa Nowhere']);
    $this->get('/places')->assertOk()->assertSeeInOrder(['Aaa Nowhere', 'no position yet']);
});

it('maps the places that lie together, around their middle', function (): void {
    $map = app(AllPlaces::class)->map(allOfThem());
    $names = array_map(fn (array $mark): string => $mark[0]->text, $map?->marks() ?? []);
    expect($names)->toEqualCanonicalizing(['Marrow Shelf', 'Ombrel Causeway', 'Skarra Skerry', 'Tarrip Weir', 'Thrennet Stair'])
        ->and($map?->land)->toContain('M');
    // One far away is not on the map with them, and one alone has none.
    Place::factory()->create(['name' => 'Zzz Far', 'latitude' => -30, 'longitude' => 20]);
    expect(count(app(AllPlaces::class)->map(allOfThem())?->marks() ?? []))->toBe(5);
    expect(app(AllPlaces::class)->map(allOfThem()->where('name', 'Zzz Far')))->toBeNull()
        ->and(app(AllPlaces::class)->map(new Collection))->toBeNull();
});

it('has a row for a place whose tide cannot be had, at the poles and without one', function (): void {
    Place::factory()->create(['name' => 'Bad Tide', 'latitude' => 50, 'longitude' => 0, 'tide' => TideSource::Table]);
    Place::factory()->create(['name' => 'Pole', 'latitude' => 90, 'longitude' => 0]);
    $this->get('/places')->assertOk()->assertSee('Bad Tide')->assertSee('Pole');
});
