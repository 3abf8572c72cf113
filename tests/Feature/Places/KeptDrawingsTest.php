<?php

declare(strict_types=1);

// What is drawn is kept until something changes that it goes by. After each change a page must be as if nothing had been kept: a board of
// before would send somebody to a ledge at the wrong time.

use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Subject;
use App\Models\TideEntry;
use App\Models\TideSource;
use App\Rooms\Settings\UnitsController;
use App\Tide\KeptOfPlace;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** Every page on which something is kept, without what is made up anew for each. */
function allThatIsDrawn(): array
{
    $place = Place::query()->where('name', 'Marrow Shelf')->sole();
    $almanac = http_build_query(['place' => $place->id, 'mark' => $place->marks()->oldest('id')->value('id'), 'light' => 'low',
        'months' => '2']);
    $pages = ['/', '/places', "/places/{$place->id}?day=2026-11-26", "/places/{$place->id}?day=2026-11-26&hold=1", "/almanac?{$almanac}",
        "/almanac.ics?{$almanac}", "/almanac.csv?{$almanac}"];

    return array_combine($pages, array_map(static fn (string $page): string => (string) preg_replace(
        ['/name="(_token|form_key|version)" value="[^"]*"/', '/csrf-token" content="[^"]*"/', '/DTSTAMP:\w+/'], '',
        (string) test()->get($page)->assertOk()->getContent(),
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
    'an outing' => [fn (Place $place) => Outing::query()->create(['place_id' => $place->id, 'starts_at' => '2026-11-26 07:00',
        'ends_at' => '2026-11-26 09:00']), '/places/2?day=2026-11-26'],
    'the weather' => [fn (Place $place) => test()->put("/places/{$place->id}/forecast",
        ['forecast_text' => "time,cloud_low,wind_m_s\n2026-11-26T06:00Z,100,9\n2026-11-26T12:00Z,100,9\n2026-11-26T18:00Z,100,9"])->assertSessionHasNoErrors(), '/places/2?day=2026-11-26'],
    'the units' => [fn () => settings()->write(UnitsController::SETTING, ['length' => 'ft', 'twelve_hours' => true]), '/places'],
    'a subject' => [fn (Place $place) => Subject::query()->where('place_id', $place->id)->firstOrFail()->update(['distance_m' => 77]),
        '/places/2?day=2026-11-26'],
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

it('works out anew what goes by a table of which one water is another, under the numbers of before', function (array $change): void {
    $place = Place::factory()->create(['name' => 'By table', 'tide' => TideSource::Table, 'timezone' => 'UTC']);
    foreach ([['2026-11-24 03:00', 1.0, false], ['2026-11-24 09:00', 4.0, true], ['2026-11-24 15:00', 1.2, false]] as [$at, $height,
        $high]) {
        TideEntry::query()->create(['place_id' => $place->id, 'at' => $at, 'height_m' => $height, 'high' => $high]);
    }
    $worked = 0;
    $work = static function () use (&$worked): int {
        return ++$worked;
    };
    $get = static fn (): int => KeptOfPlace::get('test', Place::query()->findOrFail($place->id), null, $work);
    expect([$get(), $get()])->toBe([1, 1]);
    TideEntry::query()->where('place_id', $place->id)->where('high', true)->firstOrFail()->update($change);
    expect([$get(), $get()])->toBe([2, 2]);
})->with(['its height' => [['height_m' => 4.2]], 'its time' => [['at' => '2026-11-24 09:10']], 'its kind' => [['high' => false]]]);
