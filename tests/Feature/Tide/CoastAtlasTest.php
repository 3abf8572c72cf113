<?php

declare(strict_types=1);

use App\Models\Place;
use App\Models\TideSource;
use App\Rooms\Places\PlaceCoast;
use App\Tide\CoastAtlas;

// Facts of geography; the coastlines are Natural Earth’s at 1:10,000,000 (public domain), so points lie well off the shore.
it('knows land from sea the world over', function (float $lat, float $lon, bool $land): void {
    expect((new CoastAtlas)->around($lat, $lat, $lon - 1, $lon + 1)->isLand($lat, $lon))->toBe($land);
})->with([
    [50.5, -4.5, true], [50.0, -4.9, false], [45.0, -30.0, false], [64.9, -19.0, true], [-42.0, 146.5, true], [-40.0, 146.5, false],
    [-82.0, 60.0, true], [89.0, 0.0, false],
    [67.5, -179.0, true], [-0.8, -91.1, true], [-0.5, -85.0, false], [70.5, 179.9, false], [67.5, 179.5, true], [36.0, -5.35, false],
]);

it('draws the made-up coast of the demo in the open sea, and nowhere else', function (): void {
    expect((new CoastAtlas)->around(56.6, 56.6, -9.7, -9.6)->isLand(56.6, -9.65))->toBeTrue()
        ->and((new CoastAtlas)->around(56.6, 56.6, -4, -3)->isLand(56.6, -9.65))->toBeFalse();
});

it('says when the station lies round another way by water, and when it does not', function (): void {
    $place = fn (float $lat, float $lon): Place => Place::factory()->create([
        'latitude' => $lat, 'longitude' => $lon, 'tide' => TideSource::Station, 'station_id' => 'demo/orra-haven',
    ])->load('marks.sightings');
    $words = fn (Place $at): ?string => app(PlaceCoast::class)->of($at)['words'] ?? null;
    expect($words($place(56.62, -9.8)))->toContain('by water: the tide comes round another way')->toContain('11 km away, but 1')
        ->and($words($place(56.535, -9.853)))->toContain('about as far by water')
        ->and($words($place(10.0, -40.0)))->toContain('no way by water')
        ->and(app(PlaceCoast::class)->of(Place::factory()->create()))->toBeNull()
        ->and(app(PlaceCoast::class)->of(Place::factory()->create(['latitude' => 45, 'longitude' => 5,
            'tide' => TideSource::None])->load('marks.sightings')))->toBeNull();
});

it('has its figures from the file anew when the place moves', function (): void {
    $place = Place::factory()->create(['latitude' => 56.62, 'longitude' => -9.8, 'tide' => TideSource::Station,
        'station_id' => 'demo/orra-haven'])->load('marks.sightings');
    $before = app(PlaceCoast::class)->of($place)['words'];
    $place->update(['latitude' => 56.53, 'longitude' => -9.855]);
    expect(app(PlaceCoast::class)->of($place)['words'])->not->toBe($before);
});
