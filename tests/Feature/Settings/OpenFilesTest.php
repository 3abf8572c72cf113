<?php

declare(strict_types=1);

use App\Forms\Position;
use App\Models\Drop;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Measurement;
use App\Models\Outing;
use App\Models\Place;
use Sabre\VObject\Reader;

/** @return list<array<string, string>> lines by their names, as a table reads them */
function asTable(string $csv): array
{
    $file = fopen('php://memory', 'w+');
    fwrite($file, $csv);
    rewind($file);
    $names = fgetcsv($file, escape: '');
    $lines = [];
    while (($line = fgetcsv($file, escape: '')) !== false) {
        $lines[] = array_combine($names, $line);
    }

    return $lines;
}

it('gives places as waypoints that come back where they were (GPX 1.1)', function (): void {
    Place::query()->delete();
    Place::factory()->create(['name' => 'Rocks & <sand> “ß” 夜', 'notes' => "two\nlines \x01", 'latitude' => -33.1234567,
        'longitude' => 0.0000004]);
    Place::factory()->create(['name' => 'Nowhere', 'latitude' => null, 'longitude' => null]);
    $gpx = $this->get('/places.gpx')->assertOk()->assertHeader('Content-Type', 'application/gpx+xml')->getContent();
    $xml = new SimpleXMLElement($gpx);
    expect($xml->getName())->toBe('gpx')->and((string) $xml['version'])->toBe('1.1')
        ->and($xml->getNamespaces()[''])->toBe('http://www.topografix.com/GPX/1/1')
        ->and($xml->wpt)->toHaveCount(1)->and((string) $xml->wpt[0]->name)->toBe('Rocks & <sand> “ß” 夜')
        ->and((string) $xml->wpt[0]->desc)->toBe("two\nlines ")
        ->and((string) $xml->wpt[0]['lon'])->toBe('0');
    $back = Position::parse((string) $xml->wpt[0]->asXML());
    expect($back->latitude)->toBeAbout(-33.1234567, 1e-6)->and($back->longitude)->toBeAbout(0.0, 1e-6);
    $this->get('/places')->assertSee('/places.gpx');
});

it('gives the log as a table, in the place’s own time, and no cell of it is a formula', function (): void {
    $place = Place::query()->firstOrFail();
    $place->update(['name' => '=HYPERLINK("x")', 'timezone' => 'Asia/Tokyo']);
    Frame::query()->delete();
    $frame = Frame::factory()->taken(4.5)->create(['place_id' => $place->id, 'note' => "+1, \"quoted\"\nsecond line",
        'exposure_thirds' => -2]);
    Frame::factory()->create(['place_id' => $place->id]);
    $csv = $this->get('/log.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->streamedContent();
    $lines = asTable($csv);
    expect($lines)->toHaveCount(1)->and($lines[0])->toMatchArray([
        'frame' => (string) $frame->id, 'opened_at' => '2026-10-03T15:41:12+09:00', 'place' => '\'=HYPERLINK("x")', 'open_s' => '4.5',
        'exposure_thirds' => '-2', 'note' => "'+1, \"quoted\"\nsecond line", 'iso' => (string) $frame->plan->way->iso, 'blur' => '',
    ]);
});

it('gives what was measured as a table', function (): void {
    Measurement::query()->delete();
    Measurement::factory()->create(['note' => '@home']);
    $lines = asTable($this->get('/water.csv')->assertOk()->streamedContent());
    expect($lines)->toHaveCount(1)->and($lines[0])->toMatchArray([
        'measured_at' => '2026-11-24T08:00:00+00:00', 'kind' => 'waves', 'period_s' => '8.2', 'spread_s' => '0.4', 'speed_m_s' => '',
        'note' => "'@home",
    ]);
});

it('has a calendar at a secret address, for programs that do not sign in, until the address is made anew or ended (RFC 5545, 7986)', function (): void {
    $address = function (): ?string {
        preg_match('#/calendar/[A-Za-z0-9]{40}\.ics#', (string) $this->get('/settings')->assertOk()->getContent(), $m);

        return $m[0] ?? null;
    };
    expect($address())->toBeNull();
    $this->get('/calendar/'.str_repeat('a', 40).'.ics')->assertNotFound();
    $this->post('/settings/calendar')->assertRedirect('/settings');
    $first = $address();
    $place = Place::query()->whereHas('marks')->firstOrFail();
    Outing::query()->delete();
    $outing = Outing::query()->create(['place_id' => $place->id, 'starts_at' => now()->addDay(), 'ends_at' => now()->addDay()->addHours(2),
        'note' => 'with two; lamps']);
    Outing::query()->create(['place_id' => $place->id, 'starts_at' => now()->subDays(60), 'ends_at' => now()->subDays(60)->addHour()]);
    $answer = $this->get($first)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    expect($answer->headers->getCookies())->toBe([]);
    $calendar = Reader::read((string) $answer->getContent());
    expect($calendar->validate())->toBe([])->and((string) $calendar->{'REFRESH-INTERVAL'})->toBe('PT6H');
    $events = collect($calendar->VEVENT)->map(fn ($e): array => [(string) $e->UID, (string) $e->SUMMARY, (string) $e->DESCRIPTION,
        $e->DTSTART->getDateTime()->getTimestamp()]);
    expect($events->filter(fn (array $e): bool => str_starts_with($e[0], 'outing-'))->values()->all())->toHaveCount(1)
        ->and($events[0][1])->toBe('Outing: '.$place->name)->and($events[0][2])->toContain('with two; lamps')->toContain('official')
        ->and($events[0][3])->toBe($outing->starts_at->getTimestamp())
        ->and($events->filter(fn (array $e): bool => str_starts_with($e[0], 'window-'))->count())->toBeGreaterThan(0)
        ->and($events->pluck(0)->duplicates()->all())->toBe([]);
    $this->travel(1)->seconds();
    $this->post('/settings/calendar');
    $this->get($first)->assertNotFound();
    $second = $address();
    $this->get($second)->assertOk();
    $this->delete('/settings/calendar')->assertRedirect('/settings');
    $this->get($second)->assertNotFound();
    expect($address())->toBeNull();
});

it('keeps what was deleted for thirty days, and brings it back from there', function (): void {
    $filter = Filter::query()->firstOrFail();
    $this->delete("/kit/filter/{$filter->id}");
    $place = Place::query()->whereHas('subjects')->firstOrFail();
    $this->delete("/places/{$place->id}");
    $this->travel(29)->days();
    $this->get('/settings/deleted')->assertOk()->assertSeeInOrder(["Place “{$place->name}”", 'more with it', "Filter “{$filter->name}”"]);
    $this->post('/undo/'.Drop::query()->oldest('id')->value('id'))->assertSessionHas('done');
    expect(Filter::query()->where('name', $filter->name)->exists())->toBeTrue();
    $this->travel(2)->days();
    $this->get('/settings/deleted')->assertOk()->assertDontSee($place->name)->assertSee('Nothing.');
    // The next deletion forgets what is too old.
    $this->delete("/kit/filter/{$filter->id}");
    expect(Drop::query()->count())->toBe(1);
});
