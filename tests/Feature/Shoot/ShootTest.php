<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Measurement;
use App\Models\Place;
use App\Models\ShotList;
use GentlePour\Motion\Look;
use GentlePour\Solving\ShotRole;
use Illuminate\Support\Carbon;

/** Plans the first way of a bench, and gives the frame. */
function planned(array $changes = []): Frame
{
    $query = benchQuery($changes);
    $page = (string) test()->get('/bench?'.http_build_query($query))->assertOk()->getContent();
    test()->post(shootThis($page), $query)->assertRedirect();

    return Frame::query()->latest('id')->firstOrFail();
}

it('carries a tapped rhythm into the field, with the moment to open', function (): void {
    $rhythm = Measurement::factory()->create(
        ['data' => ['period_s' => 8.0, 'spread_s' => 0.4, 'last_ms' => 1795680000000, 'set_apart_s' => 300, 'set_at_ms' => 1795680200000]],
    );
    $frame = planned(
        [
            'kind' => 'swell', 'period' => '8', 'distance' => '12', 'look' => 'brushed', 'look_was' => 'brushed',
            'rhythm' => (string) $rhythm->id,
        ],
    );

    expect($frame->plan->rhythm?->periodS)->toEqual(8);
    $this->get('/shoot/'.$frame->id)->assertOk()
        ->assertSee('"rhythm":{"period_s":8', false)
        ->assertSee('A crest, now')
        ->assertSee('Open as the crest stands up');
});

it('has no rhythm to count by where none was tapped', function (): void {
    $this->get('/shoot/'.planned()->id)->assertOk()->assertSee('"rhythm":null', false);
});

it('keeps what the look’s middle was, so that a verdict teaches the taste', function (): void {
    $frame = planned(['target' => '2']);

    expect($frame->look)->toBe(Look::Silk);
    expect($frame->plan->middleS)->toBeAbout(sqrt($frame->plan->minS * $frame->plan->maxS), 1e-6);
    expect($frame->plan->bestS)->toBeAbout(2.0, 1e-9);
});

it('lets a frame of a bracket or a companion say nothing of the taste', function (): void {
    $before = tastes()->of(GentlePour\Motion\WaterKind::Cascade)->verdicts;
    foreach ([ShotRole::Bracket, ShotRole::Companion, ShotRole::Dark, ShotRole::Average] as $role) {
        $frame = planned();
        $frame->update(['role' => $role, 'open_s' => $frame->planned_s, 'opened_at' => now(), 'blur' => 'too_crisp', 'judged_at' => now()]);
    }
    expect(tastes()->of(GentlePour\Motion\WaterKind::Cascade)->verdicts)->toBe($before);

    $frame->update(['role' => ShotRole::Ladder]);
    expect(tastes()->of(GentlePour\Motion\WaterKind::Cascade)->verdicts)->toBe($before + 1);
});

it('reckons a list’s time with the camera’s own noise reduction', function (): void {
    $total = static function (): float {
        test()->post('/lists?'.http_build_query(benchQuery(['shutter' => '1/8', 'target' => '8'])), ['list' => 'time:1'])->assertRedirect();

        return ShotList::query()->latest('id')->firstOrFail()->total_s;
    };
    $later = $total();
    settings()->write('habits', ['noise_reduction' => 'in_camera']);
    $this->travel(1)->seconds(); // so that it is another press

    // 4, 8 and 16 s once more.
    expect($total() - $later)->toBeAbout(28.0, 5.0);
});

it('forgets a list with its waiting frames, and keeps what was taken', function (): void {
    $this->post('/lists?'.http_build_query(benchQuery()), ['list' => 'time:1'])->assertRedirect();
    $list = ShotList::query()->latest('id')->firstOrFail();
    [$first, $second] = $list->frames()->orderBy('list_place')->get()->all();
    $this->put("/shoot/{$first->id}/open", ['opened_at_ms' => '1795680000000', 'open_s' => '1'])->assertRedirect("/log/{$first->id}");
    $this->delete("/lists/{$list->id}")->assertRedirect('/shoot');

    expect(Frame::query()->find($first->id)?->shot_list_id)->toBeNull();
    expect(Frame::query()->find($second->id))->toBeNull();
    $this->get("/lists/{$list->id}")->assertNotFound();
    $this->get("/log/{$first->id}")->assertOk();
});

it('says all are taken at the end of a list', function (): void {
    $this->post('/lists?'.http_build_query(benchQuery()), ['list' => 'polariser'])->assertRedirect();
    $list = ShotList::query()->latest('id')->firstOrFail();
    foreach ($list->frames as $frame) {
        $this->put("/shoot/{$frame->id}/open", ['opened_at_ms' => '1795680000000', 'open_s' => '1'])->assertRedirect();
    }
    $this->get("/lists/{$list->id}")->assertOk()->assertSee('All taken')->assertDontSee('Start:');
});

it('says awash until, where the water stands over the way already, and not to go down before', function (): void {
    $shelf = Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
    $shelf->outings()->delete();
    $curve = app(App\Tide\PlaceTide::class)->curve(
        $shelf, (float) Carbon::parse('2026-11-26', 'UTC')->getTimestamp(), (float) Carbon::parse('2026-11-27', 'UTC')->getTimestamp(),
    );
    $high = array_values(array_filter($curve?->events() ?? [], static fn ($e): bool => $e->high))[0];
    $from = Carbon::createFromTimestamp((int) $high->unix, 'UTC');
    $shelf->update(['stand_m' => $high->heightM, 'way_out_m' => $high->heightM]);
    $shelf->outings()->create(['starts_at' => $from, 'ends_at' => $from->copy()->addHour()]);

    $this->get("/places/{$shelf->id}?day=2026-11-26")->assertOk()
        ->assertSee('awash until')
        ->assertSee('Do not go down before')
        ->assertDontSee('get off by');
});

it('takes the open time from a script, with how the light changed, once, and tells it where to go on', function (): void {
    $frame = planned();
    $send = fn (array $sent) => $this->putJson("/shoot/{$frame->id}/open",
        $sent + ['opened_at_ms' => '1795680000000', 'open_s' => '3.25', 'light' => '1.5:-3,2.25:0']);
    $send(['light' => 'dark'])->assertStatus(422)->assertJsonValidationErrors('light');
    $send(['open_s' => '-1'])->assertStatus(422);
    expect($frame->refresh()->isTaken())->toBeFalse();
    $send([])->assertOk()->assertExactJson(['to' => route('log.show', $frame)]);
    // A queue that sends it again changes nothing.
    $send(['open_s' => '9'])->assertOk()->assertExactJson(['to' => route('log.show', $frame)]);
    $frame->refresh();
    expect($frame->open_s)->toBe(3.25)->and($frame->light_changes)->toBe('1.5:-3,2.25:0')
        // A second and a half, an eighth of three quarters, and one second (by hand).
        ->and($frame->light()->gatheredS(3.25))->toBeAbout(1.5 + 0.75 / 8 + 1.0, 1e-9);
    $this->get("/log/{$frame->id}")->assertSee('3 stops darker after 1.5 s, as planned again after 2.')->assertSee('than planned');
    expect($this->get('/log.csv')->streamedContent())->toContain('1.5:-3,2.25:0');
});

it('says when to leave, by the tide of the place, and what the script counts by', function (): void {
    // The water rises to the posts: whatever the hour at which the tests run.
    $this->travelTo('2026-12-01 07:00:00 UTC');
    $frame = planned();
    $counts = json_decode(html_entity_decode((string) preg_replace('/.*data-shoot=\'([^\']+)\'.*/s', '$1',
        (string) $this->get("/shoot/{$frame->id}")->getContent())), true);
    expect($counts)->toMatchArray(['frame' => $frame->id, 'planned_s' => $frame->planned_s, 'busy_s' => 0, 'sun_gone_stops' => -3])
        ->and(array_column($counts['looks'], 0))->toContain('held', 'silk', 'glass')->and(end($counts['looks'])[1])->toBeNull();
    $frame->update(['place_id' => App\Models\Place::query()->where('name', 'Marrow Shelf')->value('id')]);
    $this->get("/shoot/{$frame->id}")->assertSee('leave by')->assertSee('data-leave=', false);
});

it('offers waters to begin with where no frame waits, those of the next outing first', function (): void {
    App\Models\Frame::query()->whereNull('open_s')->delete();
    $this->get('/shoot')->assertOk()
        ->assertSee('No frame is waiting')->assertSeeInOrder(['Or begin with a water of yours', 'the posts in swell', 'Marrow Shelf',
            'the middle step', 'Thrennet Stair']);
    App\Models\Subject::query()->delete();
    $this->get('/shoot')->assertOk()->assertDontSee('Or begin with');
});
