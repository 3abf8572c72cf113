<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\LevelMark;
use App\Models\Outing;
use App\Models\Place;
use GentlePour\Review\FrameMark;
use Illuminate\Support\Carbon;

// Months ahead as one drawing; the sentence over it says what is waited for.

function marrow(): Place
{
    return Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
}

/** @param  array<string, mixed>  $asked */
function almanacPage(array $asked): string
{
    return (string) test()->get('/almanac?'.http_build_query($asked))->assertOk()->getContent();
}

it('draws each day once, on a desk and on a phone, with as many bars as there are windows', function (): void {
    Carbon::setTestNow('2026-12-01 09:00:00');
    $page = almanacPage(['place' => marrow()->id, 'mark' => LevelMark::query()->where('name', 'water reaches the posts')->value('id'),
        'light' => 'low']);
    preg_match('/<b>(\d+)<\/b> windows at Marrow Shelf/', $page, $found);

    // December to February, and the first two days of March: three months of 30.44 days.
    expect(substr_count($page, 'class="month-day'))->toBe(31 + 31 + 28 + 2)->and(substr_count($page, 'class="month"'))->toBe(4);
    preg_match_all('/<svg class="month".*?<\/svg>/s', $page, $months);
    expect(substr_count(implode('', $months[0]), 'class="month-window"'))->toBe((int) $found[1])->toBeGreaterThan(10);
    expect(substr_count($page, 'class="day-row-date"'))
        ->toBe(preg_match_all('/aria-label="\w+ \d+ \w+: \d+:\d\d to/', $page))->toBeGreaterThan(5);
    expect($page)->toContain('the closer the strokes, the darker')->toContain('Surge, swell sets and weather are left out');
});

it('looks at the best day at first, and at any day that is chosen, with its board and a plan for each of its windows', function (): void {
    $asked = ['place' => marrow()->id, 'above' => '3', 'light' => 'day', 'months' => '2'];
    $page = almanacPage($asked);
    preg_match('/class="month-day[^"]*is-chosen[^"]*"[^>]*data-day="([\d-]+)"/', $page, $best);
    preg_match('/<ol class="coming">.*?day=([\d-]+)/s', $page, $first);
    expect($best[1])->toBe($first[1]);

    preg_match('/data-day="([\d-]+)" aria-label="[^"]*: (\d+:\d\d) to (\d+:\d\d)"/', $page, $other);
    $chosen = almanacPage($asked + ['on' => $other[1]]);
    expect($chosen)->toMatch('/is-chosen[^"]*"[^>]*data-day="'.$other[1].'"/')->toContain($other[2].' <i>to</i> '.$other[3])
        ->toContain('day='.$other[1].'">The board of this day');
    $this->get('/almanac?'.http_build_query($asked + ['on' => '2026-02-31']))->assertStatus(422)->assertSee('There is no such day.');
});

it('marks outings, keepers and a rare chance on their days', function (): void {
    Carbon::setTestNow('2026-12-08 09:00:00');
    Outing::query()->create(['place_id' => marrow()->id, 'starts_at' => '2026-12-20 14:00:00', 'ends_at' => '2026-12-20 16:00:00']);
    Frame::query()->whereNotNull('open_s')->oldest('id')->firstOrFail()
        ->update(['place_id' => marrow()->id, 'opened_at' => '2026-12-03 08:30:00', 'keeper' => FrameMark::Keeper]);
    $page = almanacPage(['place' => marrow()->id, 'light' => 'low', 'above' => '5']);
    $day = static function (string $date) use ($page): string {
        preg_match('/data-day="'.$date.'".*?<\/a>/s', $page, $found);

        return $found[0] ?? '';
    };

    expect($day('2026-12-20'))->toContain('month-outing')->and($day('2026-12-19'))->not->toContain('month-outing');
    expect($day('2026-12-03'))->toContain('month-kept')->and($day('2026-12-04'))->not->toContain('month-kept');
    preg_match('/<b>(\d+)<\/b> days? in the next 60(: a rare chance)?/', $page, $soon);
    expect(isset($soon[2]))->toBe((int) $soon[1] > 0 && (int) $soon[1] <= 3);
});

it('offers ready sentences: each mark by day and in low light, and what keepers have in common', function (): void {
    $page = almanacPage(['place' => marrow()->id]);
    expect($page)->toContain('pools uncovered in daylight')->toContain('water reaches the posts at dawn or dusk')
        ->toContain('like my keepers here');
    $this->get(route('almanac.keepers',
        marrow()))->assertRedirectContains('/almanac?place='.marrow()->id)->assertRedirectContains('above=');

    $bare = Place::query()->create(['name' => 'A brook', 'timezone' => 'UTC', 'tide' => 'none', 'latitude' => 50.0, 'longitude' => 5.0]);
    expect(almanacPage(['place' => $bare->id, 'light' => 'golden']))->toContain('weekends')->not->toContain('like my keepers')->not
        ->toContain('Surge');
    $this->get(route('almanac.keepers', $bare))->assertRedirect('/almanac?place='.$bare->id)->assertSessionHas('done');
    $this->get('/almanac/keepers/999')->assertNotFound();
});

it('begins the job where there is no place, or none with a position', function (): void {
    $bare = Place::query()->create(['name' => 'Somewhere', 'timezone' => 'UTC', 'tide' => 'none']);
    $this->get('/almanac?place='.$bare->id)->assertOk()->assertSee('has no position yet')->assertSee(route('places.edit', $bare), false);
    Place::query()->get()->each->delete();
    $this->get('/almanac')->assertOk()->assertSee('Name a place')->assertDontSee('class="month"', false);
});

it('is drawn by the clock of the place, in the north and the south, under the midnight sun and through the dark', function (float $latitude, string $zone): void {
    Carbon::setTestNow('2026-12-05 09:00:00');
    $place = Place::query()->create(['name' => 'Far off', 'timezone' => $zone, 'tide' => 'none', 'latitude' => $latitude,
        'longitude' => 20.0]);
    expect(almanacPage(['place' => $place->id, 'light' => 'low', 'months' => '8']))->toContain('class="month"')->not->toContain('NAN')->not
        ->toContain('INF');
})->with([[78.0, 'Arctic/Longyearbyen'], [-77.0, 'Antarctica/McMurdo'], [0.0, 'Africa/Libreville'], [89.9, 'UTC'], [-89.9, 'UTC']]);

it('asks the database no more for two years than for one month', function (): void {
    $count = static function (string $months): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        almanacPage(['place' => marrow()->id, 'above' => '4', 'light' => 'golden', 'months' => $months]);

        return count(DB::getQueryLog());
    };
    expect($count('24'))->toBeLessThanOrEqual($count('1') + 1)->and($count('1'))->toBeLessThanOrEqual(20);
});
