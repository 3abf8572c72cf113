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
        ->assertSee('data-rhythm', false)
        ->assertSee('A crest, now')
        ->assertSee('Open as the crest stands up');
});

it('has no rhythm to count by where none was tapped', function (): void {
    $this->get('/shoot/'.planned()->id)->assertOk()->assertDontSee('data-rhythm', false);
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
