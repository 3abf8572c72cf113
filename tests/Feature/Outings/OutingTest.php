<?php

declare(strict_types=1);

use App\Models\Composition;
use App\Models\Outing;
use App\Models\Place;
use App\Rooms\Outings\OutingPlans;
use App\Rooms\Outings\PackingList;
use GentlePour\Outing\PackItem;
use GentlePour\Outing\Schedule;
use Illuminate\Support\Carbon;
use Sabre\VObject\Reader;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-11-24 09:00', 'UTC'));
    $this->shelf = Place::query()->with('subjects', 'marks')->where('name', 'Marrow Shelf')->firstOrFail();
    $this->outing = $this->shelf->outings()->create(['starts_at' => '2026-12-02 13:00:00', 'ends_at' => '2026-12-02 16:30:00',
        'travel_minutes' => 45]);
    $this->want = fn (array $sent = []) => $this->from(url("/outings/{$this->outing->id}"))->post("/outings/{$this->outing->id}/compositions", $sent + [
        'subject' => $this->shelf->subjects[0]->id, 'look' => 'silk', 'light' => 'any', 'mark' => '', 'frames' => '1',
    ]);
    $this->plan = fn () => resolve(OutingPlans::class)->of($this->outing->refresh());
});

it('plans what is wanted between arriving and leaving, each shot with the bag in the light of its time', function (): void {
    ($this->want)(['light' => 'low'])->assertSessionHasNoErrors();
    $this->travel(1)->seconds();
    ($this->want)(['subject' => $this->shelf->subjects[1]->id, 'look' => 'brushed', 'frames' => '3'])
        ->assertRedirect("/outings/{$this->outing->id}#schedule");
    $plan = ($this->plan)();
    [$first, $second] = $plan->schedule->frames;
    // The second needs no low light: it is taken while the first waits for it.
    expect($first->composition->name)->toBe($this->shelf->subjects[1]->name)->and($first->from)->toBe($plan->schedule->readyAt)
        ->and($second->from)->toBeGreaterThan($first->to)
        ->and($this->shelf->observer()->sun($second->from)->altitudeDeg)->toBeLessThan(6.1)
        ->and($plan->ways[1]->shutter->seconds)->toBe($first->frame->openS)
        ->and($plan->leavesHome())->toBe($plan->schedule->from - 45 * 60)
        ->and($plan->schedule->until)->toBeLessThanOrEqual((float) $this->outing->ends_at->getTimestamp());
    $page = $this->get("/outings/{$this->outing->id}")->assertOk();
    $page->assertSeeInOrder(['Tripod up, then watch the water', $this->shelf->subjects[1]->name.', brushed',
        $this->shelf->subjects[0]->name.', silk', 'Pack, and go'])
        ->assertSee($plan->ways[1]->aperture->label())->assertSee('class="cautions"', false)->assertSee('schedule')->assertSee('12:15');
});

it('ends by the tide where that comes first, and says why what is wanted does not fit', function (): void {
    $tides = resolve(App\Tide\PlaceTide::class);
    $from = (float) Carbon::parse('2026-12-02 08:00', 'UTC')->getTimestamp();
    $getOff = $tides->getOff($this->shelf,
        $tides->curve($this->shelf, $from - 3600, (float) Carbon::parse('2026-12-03', 'UTC')->getTimestamp()), $from);
    $this->outing->update(['starts_at' => '2026-12-02 08:00:00', 'ends_at' => '2026-12-02 12:00:00']);
    ($this->want)(['light' => 'night']);
    $plan = ($this->plan)();
    expect($getOff->leaveUnix)->toBeLessThan((float) $this->outing->refresh()->ends_at->getTimestamp())
        ->and($plan->schedule->until)->toBe($getOff->leaveUnix)->and($plan->untilWhy)->toBe('the tide')
        ->and($plan->schedule->left)->toBe(['tide and light do not allow it while you are there']);
    $this->get("/outings/{$this->outing->id}")->assertSee('It ends by the tide')
        ->assertSee('tide and light do not allow it while you are there');
});

it('keeps to a mark: the tide stands at it all the while', function (): void {
    $mark = $this->shelf->marks->firstWhere('name', 'water reaches the posts');
    $this->outing->update(['starts_at' => '2026-12-02 07:00:00', 'ends_at' => '2026-12-02 12:30:00']);
    $this->shelf->update(['stand_m' => null, 'way_out_m' => null]);
    ($this->want)(['mark' => (string) $mark->id]);
    $plan = ($this->plan)();
    $one = $plan->schedule->frames[0];
    $curve = resolve(App\Tide\PlaceTide::class)->curve($this->shelf, $one->from, $one->to);
    $least = $mark->load('sightings')->heightM();
    expect($curve->heightM($one->from))->toBeGreaterThanOrEqual($least - 0.02)
        ->and($curve->heightM($one->to))->toBeGreaterThanOrEqual($least - 0.02)
        ->and($one->from)->toBeGreaterThan($plan->schedule->readyAt);
});

it('puts the most wanted first, by presses, and leaves out what a press takes back', function (): void {
    foreach ($this->shelf->subjects as $subject) {
        $this->travel(1)->seconds();
        ($this->want)(['subject' => $subject->id]);
    }
    $names = fn (): array => $this->outing->refresh()->load('compositions.subject')->compositions->map(fn (Composition $c): string => $c->subject->name)->all();
    $before = $names();
    $last = $this->outing->compositions()->get()->last();
    $this->put("/compositions/{$last->id}/move", ['up' => '1'])->assertRedirect();
    expect($names())->toBe([...array_slice($before, 0, -2), $before[count($before) - 1], $before[count($before) - 2]]);
    $this->delete("/compositions/{$last->id}")->assertSessionHas('undo');
    expect($names())->not->toContain($before[count($before) - 1]);
    $this->post('/undo/'.session('undo'));
    expect($names())->toContain($before[count($before) - 1]);
});

it('refuses what the place does not have, and figures that are none, at the field', function (array $sent, string $field, string $says): void {
    ($this->want)($sent)->assertSessionHasErrors([$field => $says]);
    expect($this->outing->compositions()->count())->toBe(0);
})->with([
    [['subject' => '1'], 'subject', 'This is no subject of the place.'], [['subject' => ''], 'subject', 'Choose a subject of the place.'],
    [['look' => 'woolly'], 'look', 'Choose one of the looks.'],
    [['light' => 'disco'], 'light', 'Choose one of the lights.'], [['mark' => '3'], 'mark', 'This is no mark of the place.'],
    [['frames' => '0'], 'frames', 'Between one and 20 frames.'],
    [['frames' => '21'], 'frames', 'Between one and 20 frames.'],
]);

it('changes its times and the way there, and refuses impossible ones', function (): void {
    $change = fn (array $sent) => $this->from(url("/outings/{$this->outing->id}"))->put("/outings/{$this->outing->id}",
        $sent + ['starts_at' => '2026-12-03T14:00', 'ends_at' => '2026-12-03T17:00']);
    $change(['travel_minutes' => '1 h', 'told' => 'My sister'])->assertSessionHasNoErrors();
    expect($this->outing->refresh()->starts_at->format('Y-m-d H:i'))->toBe('2026-12-03 14:00')
        ->and($this->outing->travel_minutes)->toBe(60.0);
    $this->get("/outings/{$this->outing->id}")->assertSee('My sister knows.');
    $change(['ends_at' => '2026-12-03T13:00'])->assertSessionHasErrors('ends_at');
    $change(['travel_minutes' => '-5'])->assertSessionHasErrors('travel_minutes');
    $change(['travel_minutes' => '2000'])->assertSessionHasErrors('travel_minutes');
    expect($this->outing->refresh()->travel_minutes)->toBe(60.0);
});

it('lets two pack from one list: what the other has ticked or unticked since the page was shown stays', function (): void {
    $ticks = fn (array $sent) => $this->putJson("/outings/{$this->outing->id}/packing", $sent)->assertOk()->json('done');
    $this->outing->update(['packed' => ['tripod', 'cards']]);
    // Both have the page with these two; one adds cloths, the other takes the cards out.
    expect($ticks(['was' => ['', 'tripod', 'cards'], 'done' => ['tripod', 'cards', 'cloths']]))->toBe(['tripod', 'cards', 'cloths'])
        ->and($ticks(['was' => ['', 'tripod', 'cards'], 'done' => ['tripod']]))->toBe(['tripod', 'cloths'])
        ->and($ticks(['was' => [''], 'done' => ['headlamp']]))->toBe(['tripod', 'cloths', 'headlamp'])
        ->and($ticks(['was' => ['', 'headlamp'], 'done' => []]))->toBe(['tripod', 'cloths'])
        // Who does not say what was shown means the whole.
        ->and($ticks(['done' => ['cards']]))->toBe(['cards'])
        ->and($this->outing->refresh()->packed)->toBe(['cards']);
    $this->putJson("/outings/{$this->outing->id}/packing", ['was' => [['a']], 'done' => []])->assertStatus(422);
    $page = (string) $this->get("/outings/{$this->outing->id}")->getContent();
    expect($page)->toContain('<input type="hidden" name="was[]" value="cards">');
});

it('packs what the outing asks for, ticks it at home and when leaving, and puts what was missed first the next time', function (): void {
    $ticks = fn (array $sent) => $this->putJson("/outings/{$this->outing->id}/packing", $sent)->assertOk();
    $ticks(['done' => ['tripod', 'cards']]);
    $ticks(['done' => ['tripod'], 'leaving' => '1']);
    expect($this->outing->refresh()->packed)->toBe(['tripod', 'cards'])->and($this->outing->brought_back)->toBe(['tripod']);
    $this->put("/outings/{$this->outing->id}/packing/own", ['own' => "Thermos\n\n  Knee pads \nThermos"])->assertRedirect();
    expect(resolve(PackingList::class)->own())->toBe(['Thermos', 'Knee pads']);
    // December, until after sunset, at the sea.
    $page = (string) $this->get("/outings/{$this->outing->id}")->assertSee('Thermos')->assertSee('Headlamp')
        ->assertSee('official tide table')->getContent();
    expect(substr_count($page, 'value="tripod" checked'))->toBe(2)->and(substr_count($page, 'value="cards" checked'))->toBe(1);

    $this->put("/outings/{$this->outing->id}/close",
        ['came_of_it' => 'Two keepers.', 'missed' => ['headlamp', 'own:Thermos']])->assertSessionHas('done');
    // Kept once more, it counts nothing twice.
    $this->put("/outings/{$this->outing->id}/close", ['came_of_it' => 'Three keepers.', 'missed' => ['headlamp']]);
    expect($this->outing->refresh()->came_of_it)->toBe('Three keepers.')->and($this->outing->closed_at)->not->toBeNull();
    $next = resolve(PackingList::class)->of([new PackItem('tripod', 'Tripod'), new PackItem('headlamp', 'Headlamp')]);
    expect(array_map(fn (PackItem $i): array => [$i->key, $i->why], array_slice($next, 0, 3)))
        ->toBe([['headlamp', 'missed once before'], ['own:Thermos', 'missed once before'], ['tripod', '']]);
});

it('tells somebody at home where, until when, and what to do', function (): void {
    ($this->want)();
    $plan = ($this->plan)();
    $until = $plan->at($plan->schedule->until)->format('H:i');
    $this->get("/outings/{$this->outing->id}")->assertSee('I am photographing at Marrow Shelf (')
        ->assertSee("There from 13:00, off it by {$until}", false)
        ->assertSee('home by about '.$plan->at($plan->schedule->until + 45 * 60)->format('H:i'))->assertSee('the coastguard');
});

it('is a calendar entry with its schedule and alarms for leaving home, first light and the time to leave', function (): void {
    $this->outing->update(['starts_at' => '2026-12-02 07:30:00', 'ends_at' => '2026-12-02 09:30:00']);
    ($this->want)();
    $plan = ($this->plan)();
    $ics = (string) $this->get("/outings/{$this->outing->id}/outing.ics")
        ->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    $calendar = Reader::read($ics);
    $alarms = [];
    foreach ($calendar->VEVENT->select('VALARM') as $alarm) {
        $alarms[(string) $alarm->DESCRIPTION] = (string) $alarm->TRIGGER;
    }
    $at = fn (float $unix): string => gmdate('Ymd\THis\Z', (int) round($unix));
    expect($calendar->validate())->toBe([])
        ->and((string) $calendar->VEVENT->DESCRIPTION)->toContain($this->shelf->subjects[0]->name.', silk')
        ->and($alarms['Leave home for Marrow Shelf'])->toBe($at((float) $plan->leavesHome()))
        ->and($alarms['First light'])->toBe($at((float) $plan->sky(GentlePour\Sky\SkyEvent::CivilDawn)))
        ->and($alarms["Ten minutes: pack and get off ({$plan->untilWhy})"])->toBe($at($plan->schedule->until - 600));
});

it('is planned from a window so that the water is watched before it begins', function (): void {
    $page = (string) $this->get('/almanac?'.http_build_query(['place' => $this->shelf->id, 'light' => 'golden', 'months' => '1',
        'by' => 'time']))->assertOk()->getContent();
    $page = substr($page, (int) strpos($page, 'class="coming"'));
    preg_match('/name="starts_at" value="([^"]+)"> ?<input type="hidden" name="ends_at" value="([^"]+)"/', $page, $found);
    preg_match('/<span class="coming-when">.*?<\/a> (\d+:\d\d) to /', $page, $window);
    $minutes = (strtotime(substr($found[1], 0, 11).$window[1]) - strtotime($found[1])) / 60;
    expect((int) round($minutes))->toBe((int) ((Schedule::TRIPOD_S + Schedule::WATCH_S) / 60));
    $this->post("/places/{$this->shelf->id}/outings", ['starts_at' => $found[1], 'ends_at' => $found[2]])
        ->assertRedirect('/outings/'.Outing::query()->max('id'));
});

it('says so where the tide or the place’s position is not known', function (): void {
    $bare = Place::query()->create(['name' => 'A brook', 'timezone' => 'UTC', 'tide' => 'none']);
    $outing = $bare->outings()->create(['starts_at' => '2026-12-02 13:00:00', 'ends_at' => '2026-12-02 15:00:00']);
    $this->get("/outings/{$outing->id}")->assertOk()->assertSee('This place has no subjects yet')
        ->assertSee('It ends by the time that you set');
    $this->shelf->update(['station_id' => 'nobody/knows']);
    $this->get("/outings/{$this->outing->id}")->assertOk()->assertSee('role="alert"', false);
    $this->get('/outings/999')->assertNotFound();
});

it('does not send anybody down to a stand that is under water when they come', function (): void {
    $tides = resolve(App\Tide\PlaceTide::class);
    $from = (float) Carbon::parse('2026-12-02 11:00', 'UTC')->getTimestamp();
    $getOff = $tides->getOff($this->shelf, $tides->curve($this->shelf, $from - 3600, $from + 43_200), $from);
    expect($getOff->awashUntilUnix)->not->toBeNull();
    $this->outing->update(['starts_at' => '2026-12-02 11:00:00', 'ends_at' => '2026-12-02 15:00:00']);
    ($this->want)();
    $until = ($this->plan)()->at(60 * ceil($getOff->awashUntilUnix / 60))->format('G:i');
    $this->get("/outings/{$this->outing->id}")->assertOk()
        ->assertSee("awash when you come, and until {$until}. Do not go down before: come later.")->assertDontSee('come earlier');
    expect(($this->plan)()->schedule->frames)->toBe([]);
});

it('tells a stranger what is missing before anything can be fitted: a camera, a position', function (): void {
    $bare = Place::query()->create(['name' => 'A brook', 'timezone' => 'UTC', 'tide' => 'none']);
    $outing = $bare->outings()->create(['starts_at' => '2026-12-02 13:00:00', 'ends_at' => '2026-12-02 15:00:00']);
    $this->get("/outings/{$outing->id}")->assertSee('This place has no position yet')->assertDontSee('There is no camera');
    App\Models\Camera::query()->delete();
    $this->get("/outings/{$outing->id}")->assertOk()->assertSee('There is no camera with a lens in the kit yet');
});

it('frames a composition by its own lens, facing and crop, and makes room for its brackets', function (): void {
    ($this->want)(['look' => 'brushed'])->assertSessionHasNoErrors();
    $alone = ($this->plan)()->schedule->frames[0];
    Composition::query()->delete();
    $this->travel(2)->seconds();
    ($this->want)(['look' => 'brushed', 'focal' => '50', 'facing' => '200', 'crop' => 'square',
        'bracket' => '2'])->assertSessionHasNoErrors();
    $plan = ($this->plan)();
    [$wanted, $one] = [$plan->compositions[0], $plan->schedule->frames[0]];

    expect([$wanted->focal_mm, $wanted->facing_deg, $wanted->crop->value, $wanted->bracket_stops])->toBe([50.0, 200.0, 'square', 2])
        ->and($one->composition->exposures())->toBe(5)->and($one->composition->openTimes())->toBe(7.75)
        ->and(array_column($one->parts, 0))->toContain('the bracket of 5, and a look at it')
        // Closer, and cut to a square, the frame shows less of the water: the same look is had sooner.
        ->and($plan->ways[0]->shutter->seconds)->toBeLessThan($alone->frame->openS);
    $this->get("/outings/{$this->outing->id}")->assertSee('a bracket of ±2, 50 mm, facing 200°, 203° by compass, 1:1');
});

it('refuses what no lens, compass or bracket has, at its field', function (array $wrong): void {
    ($this->want)($wrong)->assertSessionHasErrors(array_key_first($wrong));
})->with([[['focal' => '0']], [['focal' => 'wide']], [['facing' => '400']], [['crop' => '7:3']], [['bracket' => '9']],
    [['bracket' => '-1']]]);

it('asks for the forecast, and packs an umbrella where it says rain', function (): void {
    $keys = fn (): array => array_map(static fn (PackItem $i): string => $i->key, ($this->plan)()->packing);
    $this->get("/outings/{$this->outing->id}")->assertSee('Nobody has looked at it yet');
    expect($keys())->not->toContain('umbrella');
    $this->put("/outings/{$this->outing->id}", ['starts_at' => '2026-12-02T13:00', 'ends_at' => '2026-12-02T16:30',
        'forecast' => 'South 5, rain later', 'rain' => '1'])->assertSessionHasNoErrors();
    $this->get("/outings/{$this->outing->id}")->assertSee('South 5, rain later')->assertDontSee('Nobody has looked at it yet');
    expect($keys())->toContain('umbrella');
});

it('learns at its end whether the water reached a mark, and shows what was taken', function (): void {
    $mark = $this->shelf->marks->firstWhere('name', 'water reaches the posts');
    $seen = $mark->sightings()->count();
    $frame = App\Models\Frame::factory()->create(['place_id' => $this->shelf->id, 'open_s' => 8.0, 'opened_at' => '2026-12-02 14:10:00']);
    $this->get("/outings/{$this->outing->id}")->assertSee('One frame was taken')->assertSee(route('log.show', $frame))
        ->assertSee('To clean: ');
    $close = fn (array $sent) => $this->from(url("/outings/{$this->outing->id}"))->put("/outings/{$this->outing->id}/close",
        $sent + ['came_of_it' => 'two keepers']);
    $close(['sighted' => [$mark->id => 'reached'], 'sighted_at' => 'at noon or so'])->assertSessionHasErrors('sighted_at');
    expect($mark->sightings()->count())->toBe($seen)->and($this->outing->refresh()->closed_at)->toBeNull();
    $this->travel(2)->seconds();
    $close(['sighted' => [$mark->id => 'reached', 999 => 'not'], 'sighted_at' => '2026-12-02T14:00'])->assertSessionHasNoErrors();
    $sighting = $mark->sightings()->latest('id')->firstOrFail();
    expect($mark->sightings()->count())->toBe($seen + 1)->and($sighting->reached)->toBeTrue()
        ->and($sighting->seen_at->toIso8601ZuluString())->toBe('2026-12-02T14:00:00Z')
        ->and($this->outing->refresh()->came_of_it)->toBe('two keepers');
});
