<?php

declare(strict_types=1);

use App\Files\TideTable;
use App\Forms\Position;
use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Sighting;
use App\Rooms\Places\ComingWindow;
use App\Rooms\Places\ComingWindows;
use App\Tide\PlaceTide;
use App\Tide\StationCatalogue;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

function shelf(): Place
{
    return Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
}

/**
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function placeForm(array $changes = []): array
{
    return $changes + [
        'name' => 'New Ledge', 'position' => '56.5, -9.8', 'tide' => 'station', 'station_id' => 'demo/orra-haven', 'facing_deg' => '90',
    ];
}

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-11-24 09:00', 'UTC'));
});

it('shows what is coming at all places, with cautions', function (): void {
    $this->get('/')->assertOk()->assertSee('What is coming')->assertSee('water reaches the posts')->assertSee('golden light')
        ->assertSee('Not for navigation')->assertSee('day-board');
});

it('keeps the next windows of a place until something of it changes or the hour is over', function (): void {
    $coming = fn (): array => array_map(
        fn (ComingWindow $one): array => [$one->place->name, $one->mark?->name, $one->window->from, $one->window->highestM],
        resolve(ComingWindows::class)->at(Place::query()->with(['marks.sightings', 'outings', 'subjects'])->get()),
    );
    $first = $coming();
    expect($first)->not->toBe([])->and($coming())->toBe($first);
    // What is kept is what is shown: a window put there by hand comes up, until the place changes.
    $key = 'coming:'.shelf()->id;
    $kept = Cache::get($key);
    Cache::forever($key, ['found' => []] + $kept);
    $withoutShelf = array_values(array_filter($first, fn (array $one): bool => $one[0] !== 'Marrow Shelf'));
    expect($coming())->toBe($withoutShelf);
    $changes = [
        'a mark' => fn () => shelf()->marks()->firstOrFail()->update(['name' => 'pools laid bare']),
        'a sighting' => fn () => Sighting::query()->firstOrFail()->delete(),
        'the place' => fn () => shelf()->update(['facing_deg' => 100]),
        'the hour' => fn () => $this->travel(1)->hours(),
    ];
    foreach ($changes as $change) {
        Cache::forever($key, ['found' => []] + Cache::get($key));
        expect(array_column($coming(), 0))->not->toContain('Marrow Shelf');
        $change();
        expect(array_column($coming(), 0))->toContain('Marrow Shelf');
    }
});

it('says what to do without any place', function (): void {
    Place::query()->delete();
    $this->get('/')->assertOk()->assertSee('Nothing is kept here yet');
    $this->get('/places')->assertOk()->assertSee('No place yet');
});

it('draws the day of a place: tide, marks, sun, light and the get-off time, and all of it as a table', function (): void {
    $page = $this->get('/places/'.shelf()->id.'?day=2026-11-26')->assertOk();

    $page->assertSee('Thursday 26 November 2026')->assertSee(
        'tide at Orra Haven (made up)',
    )->assertSee('get off by')->assertSee('high water')->assertSee('civil dawn')
        ->assertSee('sightings speak against each other')->assertSee('The seven posts');
});

it('holds the bench’s look through dusk when asked', function (): void {
    $this->get(
        '/places/'.shelf()->id.'?day=2026-11-26&hold=1',
    )->assertOk()->assertSee('no filter')->assertSee('hold 2.6 s') /* 2.3 s, and a seventh of a stop for the taste of two verdicts */;
});

it('anchors the light by readings of the day and by the sky', function (): void {
    $ev = fn (string $query): float => (function (string $page): float {
        preg_match('/data-readings=.([^\']+)/', $page, $m);
        $readings = json_decode(html_entity_decode($m[1]), true);

        return (float) str_replace(
            ['EV ', '−'], ['', '-'], array_values(array_filter($readings, fn (array $r): bool => $r['at'] === '9:00'))[0]['light'],
        );
    })((string) $this->get('/places/'.shelf()->id.'?day=2026-11-26&'.$query)->assertOk()->getContent());

    expect($ev('sky=overcast') - $ev('sky=clear'))->toBeLessThan(-3.0)->and($ev('at1=9:00&ev1=5.5'))->toBeAbout(5.5, 0.051)
        ->and($ev('at1=8:30&ev1=4&at2=9:00&ev2=6'))->toBeAbout(6.0, 0.051);
    $this->get('/places/'.shelf()->id.'?day=2026-11-26&at1=dawn&ev1=bright')->assertOk()->assertSee('A reading of the light is a time');
    $this->get('/places/'.shelf()->id.'?day=2026-11-26&at1=9:00&ev1=99')->assertOk()->assertSee('A reading of the light must be between');
});

it('shows an inland place without a tide and loses nothing else', function (): void {
    $stair = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $this->get("/places/{$stair->id}?day=2026-06-21")->assertOk()->assertSee('no tide')->assertSee('sunrise')->assertDontSee('high water');
});

it('takes a bad day back to today with a message', function (): void {
    $this->get('/places/'.shelf()->id.'?day=20000-01-01')->assertOk()->assertSee('not a date');
    $this->get('/places/'.shelf()->id.'?day=1776-07-04')->assertOk()->assertSee('Years from 1900');
});

it('draws days of 23 and 25 hours where the clocks change', function (): void {
    $this->get('/places/'.shelf()->id.'?day=2027-03-28')->assertOk()->assertSee('Sunday 28 March 2027');
    $this->get('/places/'.shelf()->id.'?day=2026-10-25')->assertOk()->assertSee('Sunday 25 October 2026');
});

it('keeps a place with its station and takes the station’s time zone', function (): void {
    $this->post('/places', placeForm(['position' => "47°36.2'N 122°20.4'W", 'station_id' => 'noaa/9447130']))->assertRedirect();
    $place = Place::query()->where('name', 'New Ledge')->firstOrFail();

    expect($place->timezone)->toBe('America/Los_Angeles')
        ->and($place->latitude)->toBeAbout(47.6033, 1e-3)
        ->and($place->longitude)->toBeAbout(-122.34, 1e-3);
    $this->get(
        "/places/{$place->id}?day=2026-01-01",
    )->assertOk()->assertSee('Seattle')->assertSee('Neaps tide database')->assertSee('4:22');
});

it('keeps a place with a table of high and low waters, and follows it', function (): void {
    $this->post(
        '/places',
        placeForm(
            [
                'tide' => 'table', 'timezone' => 'Europe/London',
                'table' => "date,time,m\n2026-11-24, 06:00, 1.0, L\n2026-11-24, 12:00, 5.0, H\n2026-11-24 18:00 1.1 L\n",
            ],
        ),
    )->assertRedirect();
    $place = Place::query()->where('name', 'New Ledge')->firstOrFail();
    $curve = app(PlaceTide::class)->curve($place, (float) strtotime('2026-11-24 UTC'), (float) strtotime('2026-11-25 UTC'));

    expect($curve?->heightM((float) strtotime('2026-11-24 09:00 UTC')))->toBeAbout(3.0, 1e-6);
    $this->get("/places/{$place->id}?day=2026-11-24")->assertSee('5.0 m')->assertSee('by your table');
    $this->get("/places/{$place->id}?day=2027-11-24")->assertOk()->assertSee('does not reach this day');
});

it('moves a station’s tide by the person’s own offsets', function (): void {
    $place = Place::query()->where('name', 'Skarra Skerry')->firstOrFail();
    $from = (float) strtotime('2026-11-24 UTC');
    $tides = app(PlaceTide::class);
    $haven = $tides->curve(shelf(), $from, $from + 86400)?->events()[1];
    $skerry = $tides->curve($place, $from, $from + 86400)?->events()[1];

    expect(($skerry->unix - $haven->unix) / 60)->toBeAbout($haven->high ? 10 : 12, 0.01)
        ->and($skerry->heightM - $haven->heightM)->toBeAbout($haven->high ? -0.15 : -0.05, 1e-6);
});

it('refuses a bad place at the field and keeps what was typed', function (array $changes, string $field): void {
    $this->from('/places/new')->post('/places', placeForm($changes + ['notes' => 'Keep me']))->assertSessionHasErrors($field);
    $this->get('/places/new')->assertSee('Keep me')->assertSee('id="f-'.$field.'-problem"', false);
    expect(Place::query()->where('name', 'New Ledge')->exists())->toBeFalse();
})->with([
    [['name' => ''], 'name'],
    [['position' => 'by the sea'], 'position'],
    [['position' => '95, 0'], 'position'],
    [['position' => '10°75\'N 3°W'], 'position'],
    [['facing_deg' => '400'], 'facing_deg'],
    [['timezone' => 'Moon/Base'], 'timezone'],
    [['station_id' => 'noaa/0'], 'station_id'],
    [['station_id' => ''], 'station_id'],
    [['tide' => 'table'], 'table'],
    [['tide' => 'table', 'table' => 'high at noon'], 'table'],
    [['tide' => 'table', 'table' => "2026-11-24 06:00 1.0\n2026-11-24 06:05 4.0"], 'table'],
    [['tide' => 'table', 'table' => '2026-11-31 06:00 1.0'], 'table'],
    [['stand_m' => 'high'], 'stand_m'],
    [['slope' => '9'], 'slope'],
    [['wave_height_m' => '-1'], 'wave_height_m'],
]);

it('reads positions in every usual notation', function (string $written, float $lat, float $lon): void {
    $position = Position::parse($written);
    expect($position->latitude)->toBeAbout($lat, 1e-4)->and($position->longitude)->toBeAbout($lon, 1e-4);
})->with([
    ['56.53, -9.86', 56.53, -9.86],
    ['56.53 -9.86', 56.53, -9.86],
    ["56°31.8'N 9°51.6'W", 56.53, -9.86],
    ['56°31\'48"N, 9°51\'36"W', 56.53, -9.86],
    ['N56.53 W9.86', 56.53, -9.86],
    ['33.9S 18.4E', -33.9, 18.4],
    ['9.86W, 56.53N', 56.53, -9.86],
    ['<gpx><wpt lat="56.53" lon="-9.86"><name>Shelf</name></wpt></gpx>', 56.53, -9.86],
    ['56 31.8 N 9 51.6 W', 56.53, -9.86],
]);

it('reads tide tables from lines and from calendar events', function (): void {
    $zone = new DateTimeZone('Europe/London');
    $ics = "BEGIN:VCALENDAR\nBEGIN:VEVENT\nDTSTART:20261124T060000Z\nSUMMARY:Low water 1.0 m\nEND:VEVENT\nBEGIN:VEVENT\nDTSTART:20261124T121500Z\nSUMMARY:High water\n  4.9 m\nEND:VEVENT\nEND:VCALENDAR";

    expect(array_map(fn ($e): array => [$e->heightM, $e->high], TideTable::parse($ics, $zone)))->toBe([[1.0, false], [4.9, true]])
        ->and(array_map(fn ($e): bool => $e->high, TideTable::parse("2026-11-24;06:00;1,0\n2026-11-24;12:00;4,9\n2026-11-24;18:00;0,8",
            $zone)))->toBe([false, true, false])
        ->and(fn () => TideTable::parse('2026-11-24 06:00 99', $zone))->toBeRefused('no tide');
});

it('goes by the time zone that a calendar names, and by the place’s where it names none', function (): void {
    $table = fn (string $low, string $high): array => array_map(fn ($e): string => gmdate('H:i', (int) $e->unix), TideTable::parse(
        "BEGIN:VCALENDAR\nVERSION:2.0\nBEGIN:VEVENT\nDTSTART{$low}\nSUMMARY:Low water 1.0 m\nEND:VEVENT\n"
        ."BEGIN:VEVENT\nDTSTART{$high}\nSUMMARY:High water 4.9 m\nEND:VEVENT\nEND:VCALENDAR",
        new DateTimeZone('Europe/London'),
    ));
    expect($table(':20260724T060000Z', ':20260724T121500Z'))->toBe(['06:00', '12:15'])
        ->and($table(':20260724T060000', ':20260724T121500'))->toBe(['05:00', '11:15'])
        ->and($table(';TZID=Europe/Paris:20260724T060000', ';TZID=Europe/Paris:20260724T121500'))->toBe(['04:00', '10:15'])
        ->and(fn () => $table(';VALUE=DATE:20260724', ':20260724T121500Z'))->toBeRefused('Event 1 of the calendar');
});

it('asks about a time that the clocks skip, and about a zone that nobody knows', function (): void {
    $lisbon = new DateTimeZone('Europe/Lisbon');
    $ics = fn (string $start): string => "BEGIN:VEVENT\nDTSTART{$start}\nSUMMARY:High water 4.9 m\nEND:VEVENT\nBEGIN:VEVENT\nDTSTART:20260329T080000Z\nSUMMARY:Low water 1.0 m\nEND:VEVENT";
    // On 29 March 2026 the clocks of Lisbon go from one to two (tz database).
    expect(fn () => TideTable::parse("2026-03-29 01:30 4.9 H\n2026-03-29 08:00 1.0 L",
        $lisbon))->toBeRefused('Line 1: the clocks of Europe/Lisbon skip 2026-03-29 01:30')
        ->and(gmdate('H:i', (int) TideTable::parse("2026-03-29 01:30Z 4.9 H\n2026-03-29 08:00 1.0 L", $lisbon)[0]->unix))->toBe('01:30')
        ->and(gmdate('H:i', (int) TideTable::parse("2026-03-29 02:30+01:00 4.9 H\n2026-03-29 08:00 1.0 L", $lisbon)[0]->unix))
        ->toBe('01:30')
        ->and(fn () => TideTable::parse($ics(';TZID=Europe/Lisbon:20260329T013000'),
            new DateTimeZone('UTC')))->toBeRefused('Event 1 of the calendar: the clocks of Europe/Lisbon skip')
        ->and(fn () => TideTable::parse($ics(';TZID=Moon/Sea:20260328T013000'), $lisbon))->toBeRefused('“Moon/Sea”, is not known')
        ->and(gmdate('H:i', (int) TideTable::parse($ics(';TZID=Eastern Standard Time:20260328T013000'), $lisbon)[0]->unix))->toBe('05:30');
});

it('refuses more lines than are kept with their number, waters of more than twenty metres in every form, and what is no line at once', function (): void {
    $utc = new DateTimeZone('UTC');
    $lines = implode("\n", array_map(fn (int $i): string => gmdate('Y-m-d H:i', 1_800_000_000 + 22_350 * $i).' '.($i % 2 ? '1.0 L'
        : '4.9 H'), range(0, 6000)));
    $events = str_repeat("BEGIN:VEVENT\nDTSTART:20261124T060000Z\nSUMMARY:Low water 1.0 m\nEND:VEVENT\n", 6001);
    expect(fn () => TideTable::parse($lines, $utc))->toBeRefused('6,001 lines, and 6,000 are kept')
        ->and(fn () => TideTable::parse($events, $utc))->toBeRefused('6,001 events')
        ->and(fn () => TideTable::parse("BEGIN:VEVENT\nDTSTART:20261124T060000Z\nSUMMARY:High 21 m\nEND:VEVENT",
            $utc))->toBeRefused('no tide')
        ->and(fn () => TideTable::parse('2026-11-24 08:00 4.9'.str_repeat(' ', 300_000).'x1', $utc))->toBeRefused('cannot be read')
        ->and(fn () => TideTable::parse("BEGIN:VEVENT\nDTSTART:20261124T060000Z\nSUMMARY:".str_repeat('high ', 70_000)."\nEND:VEVENT",
            $utc))->toBeRefused('no summary like');
});

it('lists the nearest stations while a position is typed', function (): void {
    $this->get('/places/stations?position='.urlencode('47.6, -122.3'))->assertOk()->assertSee('Seattle')->assertSee('km');
    $this->get('/places/stations?position=nowhere')->assertOk()->assertSee('not a position');
});

it('names what the predictor leaves out, with its amplitude', function (): void {
    $this->post('/places', placeForm(['position' => '59.3, 5.3', 'station_id' => 'kartverket/HEI']))->assertRedirect();
    $left = app(StationCatalogue::class)->find('kartverket/HEI')->unknown(app(StationCatalogue::class)->constituents());

    expect($left)->not->toBe([]);
    $this->get(
        '/places/'.Place::query()->where('name', 'New Ledge')->value('id'),
    )->assertSee('Left out, unknown to the predictor')->assertSee($left[0]->name)->assertSee('km away');
});

it('keeps marks and learns their height from sightings, one press each', function (): void {
    $this->post('/places/'.shelf()->id.'/marks', ['name' => 'ledge cut off', 'above' => '1', 'height_m' => ''])->assertRedirect();
    $mark = LevelMark::query()->where('name', 'ledge cut off')->firstOrFail();
    expect($mark->heightM())->toBeNull();
    $tide = app(PlaceTide::class);
    foreach ([['2026-11-20 12:00', '0'], ['2026-11-21 12:30', '1']] as [$at, $reached]) {
        $this->post("/marks/{$mark->id}/sightings", ['reached' => $reached, 'seen_at' => $at])->assertRedirect();
    }
    $this->post("/marks/{$mark->id}/sightings", ['reached' => '1'])->assertRedirect();
    $sightings = $mark->refresh()->sightings()->oldest('id')->get();
    $now = (float) now()->getTimestamp();

    expect($sightings->count())->toBe(3)->and($sightings[2]->seen_at->getTimestamp())->toBe((int) $now)
        ->and($sightings[2]->predicted_m)->toBeAbout((float) $tide->curve(shelf(), $now - 3600, $now + 3600)?->heightM($now), 1e-4);
    $this->post("/marks/{$mark->id}/sightings", ['reached' => '1', 'seen_at' => 'yesterday'])->assertSessionHasErrors('seen_at-'.$mark->id);
    $this->delete('/sightings/'.$sightings[0]->id)->assertRedirect();
    $this->delete("/marks/{$mark->id}")->assertRedirect();
    expect(LevelMark::query()->find($mark->id))->toBeNull();
    $this->post(
        '/places/'.shelf()->id.'/marks', ['name' => '', 'above' => '1', 'height_m' => 'tall'],
    )->assertSessionHasErrorsIn('mark', ['name', 'height_m']);
});

it('plans outings, and refuses impossible ones', function (): void {
    $this->post('/places/'.shelf()->id.'/outings', ['starts_at' => '2026-12-05 07:00', 'ends_at' => '2026-12-05 09:30'])->assertRedirect();
    $this->get('/places/'.shelf()->id.'?day=2026-12-05')->assertSee('outing');
    foreach ([['later', '2026-12-05 09:30', 'starts_at'], ['2026-12-05 09:00', '2026-12-05 08:00', 'ends_at'],
        ['2026-12-05 09:00', '2027-12-05 08:00', 'ends_at']] as [$from, $to, $field]) {
        $this->post('/places/'.shelf()->id.'/outings', ['starts_at' => $from, 'ends_at' => $to])->assertSessionHasErrors($field);
    }
    $this->delete('/outings/'.Outing::query()->latest('id')->value('id'))->assertRedirect();
});

it('makes the get-off time a wall of the bench while an outing is under way, and only then', function (): void {
    $this->travelTo(Carbon::parse('2026-11-26 16:00', 'UTC'));
    Outing::query()->delete();
    $outing = shelf()->outings()->create(['starts_at' => '2026-11-26 15:30', 'ends_at' => '2026-11-26 17:00']);
    $subject = shelf()->subjects()->where('name', 'the posts in swell')->firstOrFail();
    $this->get('/bench?take='.$subject->id)->assertOk()->assertSee('get off by')
        // And its picture is in the light of the hour: the sun is down by four on the made-up coast in November.
        ->assertSee('data-light-now="golden"', false)->assertSee('of this hour: golden hour');
    $outing->delete();
    $this->get('/bench?take='.$subject->id)->assertOk()->assertDontSee('get off by')->assertDontSee('data-light-now');
});

it('finds windows, ranked or by time, and says how rare they are', function (): void {
    $query = [
        'place' => shelf()->id, 'mark' => LevelMark::query()->where('name', 'water reaches the posts')->value('id'), 'light' => 'golden',
        'days' => ['sat', 'sun'], 'minutes' => '30', 'months' => '3',
    ];
    $this->get(
        '/almanac?'.http_build_query($query),
    )->assertOk()->assertSee('windows at Marrow Shelf')->assertSee('days in the next 60')->assertSee('golden light')->assertSee('Plan it')
        ->assertSee('Not for navigation');
    $this->get(
        '/almanac?'.http_build_query(['by' => 'time', 'above' => '9', 'mark' => ''] + $query),
    )->assertOk()->assertSee('Widen the light, the hours or the level');
    $this->get('/almanac')->assertOk()->assertSee('windows at')->assertSee('The best first');
    $this->get('/windows?place='.shelf()->id)->assertRedirect('/almanac?place='.shelf()->id);
});

it('shows the best forty windows at first, and all when they are asked for', function (): void {
    $query = ['place' => shelf()->id, 'light' => 'any', 'months' => '12', 'above' => '2'];
    $count = fn (string $page): int => substr_count($page, 'class="coming-when"');
    $first = (string) $this->get('/almanac?'.http_build_query($query))->assertOk()->assertSee('Show all')->getContent();
    $all = (string) $this->get('/almanac?'.http_build_query($query + ['all' => '1']))->assertOk()->assertDontSee('Show all')->getContent();
    preg_match('/<b>(\d+)<\/b> windows/', $all, $found);
    expect($count($first))->toBe(40)->and($count($all))->toBe((int) $found[1])->toBeGreaterThan(200);
});

it('keeps the last search at a place for its files, until the place changes or something else is asked', function (): void {
    $query = ['place' => shelf()->id, 'light' => 'golden', 'months' => '2', 'above' => '4.5'];
    $found = fn (array $other = []): int => substr_count((string) $this->get('/almanac.csv?'.http_build_query($other + $query))
        ->assertOk()->getContent(), "\n");
    $first = $found();
    // The search without what it found, and the file that was written of it, or not.
    $empty = function (bool $file): void {
        Cache::forever($key = 'windows:'.shelf()->id, ['found' => []] + Cache::get($key));
        $file && Cache::forget('csv:'.shelf()->id);
    };
    $empty(false);
    expect($first)->toBeGreaterThan(3)->and($found())->toBe($first);
    $empty(true);
    expect($found())->toBe(1)
        // Another question, the first one after it, and a change of the place are worked out.
        ->and($found(['above' => '1']))->toBeGreaterThan($first)->and($found())->toBe($first);
    $empty(false);
    shelf()->update(['facing_deg' => 100]);
    expect($found())->toBe($first);
});

it('writes windows as a calendar with an alarm and the cautions, and as a table', function (): void {
    $query = http_build_query(['place' => shelf()->id, 'above' => '4.5', 'light' => 'golden', 'months' => '2']);
    $ics = (string) $this->get('/almanac.ics?'.$query)->assertOk()->assertHeader(
        'Content-Type', 'text/calendar; charset=utf-8',
    )->getContent();
    $calendar = Sabre\VObject\Reader::read($ics);

    expect($calendar->validate())->toBe([])->and(count($calendar->select('VEVENT')))->toBeGreaterThan(3);
    $event = $calendar->select('VEVENT')[0];
    expect((string) $event->DTSTART)->toEndWith('Z')
        ->and((string) $event->DESCRIPTION)->toContain('coastguards decide')
        ->and((string) $event->VALARM->TRIGGER)->toBe('-PT2H');
    $rows = array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim((string) $this->get('/almanac.csv?'.$query)->assertOk()->getContent())));
    expect($rows[0][0])->toBe('from')
        ->and(count($rows))->toBe(count($calendar->select('VEVENT')) + 1)
        ->and(strtotime($rows[1][0]))->toBe($event->DTSTART->getDateTime()->getTimestamp());
});

it('refuses bad conditions at the field', function (array $query, string $field): void {
    $this->get('/almanac?'.http_build_query($query + ['place' => shelf()->id]))->assertStatus(422)->assertSee(
        $field === 'form' ? 'role="alert"' : 'id="f-'.$field.'-problem"', false,
    );
})->with([
    [['above' => 'high'], 'above'],
    [['above' => '5', 'below' => '2'], 'below'],
    [['light' => 'disco'], 'light'],
    [['hour_from' => '25:99'], 'hour_from'],
    [['minutes' => '0'], 'minutes'],
    [['months' => '99'], 'months'],
    [['trend' => 'sideways'], 'trend'],
    [['place' => '999'], 'place'],
    [['side' => 'up'], 'side'],
]);
