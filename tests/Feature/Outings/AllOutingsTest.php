<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Outing;
use App\Models\Place;
use GentlePour\Motion\Look;
use Illuminate\Support\Carbon;

// All visits: what each that is planned waits for, and what came of those that were made.

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-11-24 09:00', 'UTC'));
    Outing::query()->delete();
    [$this->shelf, $this->weir] = [Place::query()->where('name', 'Marrow Shelf')->firstOrFail(), Place::query()->where('name', 'Tarrip Weir')->firstOrFail()];
    $this->plan = fn (Place $place, string $from, string $to, array $more = []): Outing => $place->outings()->create(
        ['starts_at' => $from, 'ends_at' => $to, ...$more],
    );
    /** The names of places and the days, in the order in which they stand. */
    $this->rows = function (string $query = ''): array {
        preg_match_all('~<a class="visit-when"[^>]*>\s*<b>([^<]+)</b>.*?<strong>([^<]+)</strong>~s', (string) $this->get('/outings'.$query)->assertOk()->getContent(), $found);

        return array_map(fn (string $day, string $place): string => "{$day} {$place}", $found[1], $found[2]);
    };
});

it('lists those ahead, the soonest first and one under way before all, and those behind, the last first', function (): void {
    ($this->plan)($this->shelf, '2026-12-04 13:00', '2026-12-04 15:00');
    ($this->plan)($this->weir, '2026-11-26 07:00', '2026-11-26 09:00');
    ($this->plan)($this->shelf, '2026-11-24 08:00', '2026-11-24 10:00');
    ($this->plan)($this->weir, '2026-10-09 09:00', '2026-10-09 11:00');
    ($this->plan)($this->shelf, '2026-11-24 06:00', '2026-11-24 08:59');
    expect(($this->rows)())->toBe([
        'Tue 24 Nov Marrow Shelf', 'Thu 26 Nov Tarrip Weir', 'Fri 4 Dec Marrow Shelf', '24 Nov 2026 Marrow Shelf', '9 Oct 2026 Tarrip Weir',
    ])->and(($this->rows)("?place={$this->weir->id}"))->toBe(['Thu 26 Nov Tarrip Weir', '9 Oct 2026 Tarrip Weir'])
        ->and(($this->rows)('?place=999'))->toHaveCount(5)->and(($this->rows)('?place=x'))->toHaveCount(5);
    $this->get("/outings?place={$this->weir->id}")->assertSee('Outings to Tarrip Weir')->assertSee('To all places');
});

it('says of each ahead when to leave home, be there and get off, in how many days, what is wanted and who knows', function (): void {
    $outing = ($this->plan)($this->shelf, '2026-12-04 13:00', '2026-12-04 15:00', ['travel_minutes' => 45.0, 'note' => 'With the long lens.']);
    $subject = $this->shelf->subjects()->firstOrFail();
    foreach ([Look::Silk, Look::Glass, Look::Silk] as $i => $look) {
        $outing->compositions()->create(['subject_id' => $subject->id, 'look' => $look, 'light' => 'any', 'frames' => 1, 'crop' => 'whole', 'bracket_stops' => 0, 'position' => $i]);
    }
    $page = $this->get('/outings')->assertOk();
    $page->assertSeeInOrder(['leave home', '12:15', 'be there', '13:00'])->assertSee('In 10 days; silk, glass.')->assertSee('With the long lens.')
        ->assertSee('Tell somebody.')->assertSee('coastguards decide');
    $outing->update(['told' => 'The neighbour']);
    $this->get('/outings')->assertSee('The neighbour knows.')->assertDontSee('Tell somebody.');
    $this->travelTo(Carbon::parse('2026-12-04 14:00', 'UTC'));
    $this->get('/outings')->assertSee('Now; silk');
});

it('says of each behind what came of it or asks, and counts its frames, each once, at its place and about its time', function (): void {
    Frame::query()->update(['place_id' => null]);
    $first = ($this->plan)($this->shelf, '2026-10-09 09:00', '2026-10-09 11:00', ['came_of_it' => 'Two with swell.', 'closed_at' => now()]);
    ($this->plan)($this->shelf, '2026-10-10 09:00', '2026-10-10 11:00');
    ($this->plan)($this->weir, '2026-10-09 09:00', '2026-10-09 11:00', ['closed_at' => now()]);
    $frames = Frame::query()->whereNotNull('open_s')->whereHas('photo')->oldest('id')->limit(5)->get();
    foreach (['2026-10-09 07:00', '2026-10-09 10:00', '2026-10-09 12:59', '2026-10-09 13:01', '2026-10-10 10:00'] as $i => $at) {
        $frames[$i]->update(['place_id' => $this->shelf->id, 'opened_at' => $at, 'keeper' => [null, 'keeper', 'reject', null, null][$i]]);
    }
    $page = (string) $this->get('/outings')->assertOk()->assertSee('Two with swell.')->getContent();
    // Two hours before and nearly two after belong to it, more does not; what is folded away counts, and is not shown.
    expect($page)->toContain('3 frames, one keeper')->toContain('One frame')
        ->and(substr_count($page, 'strip-frame is-keeper'))->toBe(1)->and(substr_count($page, 'class="strip-frame'))->toBe(4)
        ->and(substr_count($page, '<img'))->toBe(3)->and(substr_count($page, 'What came of it?'))->toBe(1)
        ->and(strpos($page, "/log/{$frames[1]->id}\""))->toBeLessThan(strpos($page, "/log/{$frames[0]->id}\""))
        ->and($page)->toContain("/log?outing={$first->id}");
    // The log shows the same ones by its outing.
    expect(substr_count((string) $this->get("/log?show=all&outing={$first->id}")->getContent(), 'data-tile='))->toBe(3);
});

it('draws the visit where it lies on its day, and cuts off what goes on after midnight', function (): void {
    // A place whose clock is that of UTC in winter: noon is in the middle of 300.
    ($this->plan)($this->shelf, '2026-12-04 12:00', '2026-12-04 18:00');
    $zone = $this->shelf->timezone;
    $hours = (new DateTimeImmutable('2026-12-04 12:00 UTC'))->setTimezone(new DateTimeZone($zone))->format('G');
    expect((string) $this->get('/outings')->getContent())->toContain(sprintf('<rect class="month-window" x="%g" y="0" width="75"', 300 * $hours / 24));
    Outing::query()->update(['starts_at' => '2026-12-04 18:00', 'ends_at' => '2026-12-05 06:00']);
    expect((string) $this->get('/outings')->getContent())->toContain(sprintf('<rect class="month-window" x="%g" y="0" width="%g"', 300 * ($hours + 6) / 24, 300 - 300 * ($hours + 6) / 24));
});

it('goes on by pages through years, and asks the database as often for twenty as for two', function (): void {
    $queries = function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get('/outings')->assertOk();

        return count(DB::getQueryLog());
    };
    foreach (range(1, 2) as $i) {
        ($this->plan)($this->shelf, "2025-01-0{$i} 09:00", "2025-01-0{$i} 11:00");
    }
    $this->get('/outings');
    $few = $queries();
    foreach (range(1, 30) as $i) {
        ($this->plan)($i % 2 ? $this->shelf : $this->weir, sprintf('2025-03-%02d 09:00', $i), sprintf('2025-03-%02d 11:00', $i));
    }
    $this->get('/outings');
    expect($queries())->toBeLessThanOrEqual($few + 2)->and(($this->rows)())->toHaveCount(20)->and(($this->rows)('?page=2'))->toHaveCount(12);
    $this->get('/outings')->assertSee('Older')->assertDontSee('Newer');
    ($this->plan)($this->shelf, '2026-12-04 13:00', '2026-12-04 15:00');
    expect(($this->rows)('?page=2'))->toHaveCount(12);
});

it('tells one who has none where an outing begins, and a place of many lists those ahead alone', function (): void {
    $this->get('/outings')->assertSee('None yet.')->assertSee('almanac');
    ($this->plan)($this->shelf, '2026-10-09 09:00', '2026-10-09 11:00', ['note' => 'Long past.']);
    ($this->plan)($this->shelf, '2026-12-04 13:00', '2026-12-04 15:00', ['note' => 'To come.']);
    $this->get("/places/{$this->shelf->id}")->assertSee('To come.')->assertDontSee('Long past.')->assertSee("/outings?place={$this->shelf->id}", false);
});
