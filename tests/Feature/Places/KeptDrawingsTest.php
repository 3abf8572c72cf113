<?php

declare(strict_types=1);

// What is drawn is kept until something changes that it goes by. After each change a page must be as if nothing had been kept: a board of
// before would send somebody to a ledge at the wrong time.

use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use App\Rooms\Settings\UnitsController;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** Every page on which something is kept, without what is made up anew for each. */
function allThatIsDrawn(): array
{
    $place = Place::query()->where('name', 'Marrow Shelf')->sole();
    $almanac = http_build_query(['place' => $place->id, 'mark' => $place->marks()->oldest('id')->value('id'), 'light' => 'low', 'months' => '2']);
    $pages = ['/', '/places', "/places/{$place->id}?day=2026-11-26", "/places/{$place->id}?day=2026-11-26&hold=1", "/almanac?{$almanac}", "/almanac.ics?{$almanac}", "/almanac.csv?{$almanac}"];

    return array_combine($pages, array_map(static fn (string $page): string => (string) preg_replace(
        ['/name="(_token|form_key|version)" value="[^"]*"/', '/csrf-token" content="[^"]*"/', '/DTSTAMP:\w+/'], '', (string) test()->get($page)->assertOk()->getContent(),
    ), $pages));
}

dataset('changes', [
    'a mark' => [fn () => LevelMark::query()->oldest('id')->firstOrFail()->update(['height_m' => 2.6]), '/'],
    'a mark that is no more' => [fn () => LevelMark::query()->oldest('id')->firstOrFail()->delete(), '/places'],
    'the stand' => [fn (Place $place) => $place->update(['stand_m' => 4.1]), '/places/2?day=2026-11-26'],
    'the margin' => [fn (Place $place) => $place->update(['margin_m' => 1.1]), '/places/2?day=2026-11-26'],
    'the skyline' => [fn (Place $place) => $place->update(['skyline' => '60 20, 120 25, 180 20']), '/places/2?day=2026-11-26'],
    'the position' => [fn (Place $place) => $place->update(['latitude' => 57.4, 'longitude' => -9.1]), '/places'],
    'the way it faces' => [fn (Place $place) => $place->update(['facing_deg' => 290]), '/places/2?day=2026-11-26'],
    'an outing' => [fn (Place $place) => Outing::query()->create(['place_id' => $place->id, 'starts_at' => '2026-11-26 07:00', 'ends_at' => '2026-11-26 09:00']), '/places/2?day=2026-11-26'],
    'the weather' => [fn (Place $place) => test()->put("/places/{$place->id}/forecast", ['forecast_text' => "time,cloud_low,wind_m_s\n2026-11-26T06:00Z,100,9\n2026-11-26T12:00Z,100,9\n2026-11-26T18:00Z,100,9"])->assertSessionHasNoErrors(), '/places/2?day=2026-11-26'],
    'the units' => [fn () => settings()->write(UnitsController::SETTING, ['length' => 'ft', 'twelve_hours' => true]), '/places'],
    'a subject' => [fn (Place $place) => Subject::query()->where('place_id', $place->id)->firstOrFail()->update(['distance_m' => 77]), '/places/2?day=2026-11-26'],
    'the hour' => [fn () => test()->travel(26)->hours(), '/'],
]);

it('is drawn anew after a change', function (Closure $change, string $seenOn): void {
    $this->travelTo(Carbon::parse('2026-11-24 09:00', 'UTC'));
    $before = allThatIsDrawn();
    expect(allThatIsDrawn())->toEqual($before);

    $change(Place::query()->where('name', 'Marrow Shelf')->sole());
    $this->get('/settings'); // what was said of the change is said
    $kept = allThatIsDrawn();
    Cache::flush();
    expect($kept)->toEqual(allThatIsDrawn())->and($kept[$seenOn])->not->toBe($before[$seenOn]);
})->with('changes');
