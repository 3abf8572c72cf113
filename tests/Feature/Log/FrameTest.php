<?php

declare(strict_types=1);

use App\Models\Frame;
use GentlePour\Review\BlurVerdict;

it('shows the run sheet in the right order with its warnings in place', function (): void {
    $frame = Frame::factory()->create();

    $this->get("/shoot/{$frame->id}")->assertOk()->assertSeeInOrder(
        ['Compose and level', 'Wipe the glass', 'Focus, then manual', 'Base frame', 'Stabiliser off', 'File: raw', 'Dark filter last: Six',
            'gasket', 'hands off'],
    )
        ->assertSee('Tell someone when you will be back');
    $this->get('/shoot')->assertRedirect("/shoot/{$frame->id}");
});

it('says so when no frame is waiting', function (): void {
    $this->get('/shoot')->assertOk()->assertSee('No frame is waiting');
    $this->get('/shoot/9999')->assertNotFound()->assertSee('Nothing here');
});

it('works without scripts: ticks come by a button, the open time by a field, and the frame closed just now', function (): void {
    $frame = Frame::factory()->create();
    $this->put("/shoot/{$frame->id}/steps", ['done' => ['compose']])->assertRedirect("/shoot/{$frame->id}");
    expect($frame->refresh()->steps_done)->toBe(['compose']);
    $this->travelTo('2026-11-26 08:00:00');
    $this->put("/shoot/{$frame->id}/open", ['open_s' => '90'])->assertRedirect("/log/{$frame->id}");
    expect($frame->refresh()->open_s)->toBe(90.0)->and($frame->opened_at?->format('Y-m-d H:i:s'))->toBe('2026-11-26 07:58:30');
});

it('keeps the steps that were ticked', function (): void {
    $frame = Frame::factory()->create();
    $this->withHeader('HX-Request', 'true')->put("/shoot/{$frame->id}/steps", ['done' => ['compose', 'focus', 'focus']])->assertNoContent();

    expect($frame->refresh()->steps_done)->toBe(['compose', 'focus']);
    $this->putJson("/shoot/{$frame->id}/steps", ['done' => ['<script>']])->assertStatus(422);
    $this->putJson("/shoot/{$frame->id}/steps", ['done' => 'all'])->assertStatus(422);
});

it('records the true open time once, and not a second time over it', function (): void {
    $frame = Frame::factory()->create();
    $this->put("/shoot/{$frame->id}/open", ['opened_at_ms' => '1790000000123', 'open_s' => '95.25'])->assertRedirect("/log/{$frame->id}");

    expect($frame->refresh()->open_s)->toBe(95.25)->and($frame->opened_at?->getTimestampMs())->toBe(1790000000123);
    $this->put("/shoot/{$frame->id}/open", ['opened_at_ms' => '1790000009999', 'open_s' => '3'])->assertRedirect();
    expect($frame->refresh()->open_s)->toBe(95.25);
});

it('keeps impossible open times out', function (array $sent): void {
    $frame = Frame::factory()->create();
    $this->putJson("/shoot/{$frame->id}/open", $sent)->assertStatus(422);

    expect($frame->refresh()->open_s)->toBeNull();
})->with([
    [['open_s' => 'long']],
    [['opened_at_ms' => '1795680000000']],
    [['opened_at_ms' => '1790000000123']],
    [['opened_at_ms' => '1790000000123', 'open_s' => '-1']],
    [['opened_at_ms' => '1790000000123', 'open_s' => 'NaN']],
    [['opened_at_ms' => '569000000000000', 'open_s' => '1']],
    [['opened_at_ms' => '-5', 'open_s' => '1']],
    [['opened_at_ms' => '1790000000123', 'open_s' => '1e99']],
    [['opened_at_ms' => [], 'open_s' => '1']],
]);

it('lists frames with what led to them', function (): void {
    $this->get('/log')->assertOk()->assertSee('the middle step')->assertSee('silk, right')->assertSee('photos/3-small.jpg');
    $this->get('/log/3')->assertOk()->assertSee('1/60, f/11, ISO 100')->assertSee('EV 13.0')->assertSee('Strands hold');
});

it('takes the verdict on a frame of a thousandth of a second as it stands in the field', function (): void {
    $frame = Frame::factory()->taken(1 / 3200)->create();
    preg_match('/id="f-open" name="open" value="([^"]+)"/', (string) $this->get('/log/'.$frame->id)->getContent(), $open);
    $this->put('/log/'.$frame->id, ['open' => $open[1], 'blur' => 'right'])->assertSessionHasNoErrors();
    expect($frame->refresh()->open_s)->toBeWithinStops(1 / 3200, 0.02);
});

it('judges a frame and plans the next with the correction applied', function (): void {
    $frame = Frame::factory()->taken(1.26)->create();
    $this->put(
        "/log/{$frame->id}", ['open' => '1.26', 'blur' => 'too_crisp', 'exposure_thirds' => '2', 'note' => 'Foam burnt.', 'next' => '1'],
    )
        ->assertRedirect("/bench?next={$frame->id}&by=time");

    expect($frame->refresh()->blur)->toBe(BlurVerdict::TooCrisp)->and($frame->exposure_thirds)->toBe(2)
        ->and($frame->next()?->target->seconds)->toBe(2.52)
        ->and($frame->next()?->correction->value)->toBeAbout(-2 / 3 + log(1.26 / $frame->exact_s, 2), 1e-6);
    $this->get("/bench?next={$frame->id}")->assertOk()->assertSee("From frame {$frame->id}")->assertSee('value="2.52"', false)
        ->assertSee('name="correction"', false);
});

it('corrects the next frame’s exposure by exactly what was seen', function (): void {
    $frame = Frame::factory()->create();
    $frame->update(['open_s' => $frame->exact_s, 'opened_at' => now(), 'blur' => 'right', 'exposure_thirds' => 3]);
    $page = $this->get("/bench?next={$frame->id}")->assertOk()->getContent();
    $this->post(shootThis((string) $page), session('bench'))->assertRedirect();
    $next = Frame::query()->latest('id')->firstOrFail();
    $light = fn (Frame $f): float => $f->exact_s / $f->plan->way->aperture ** 2 * $f->plan->way->iso / 2 ** $f->plan->way->stops;

    expect($next->id)->not->toBe($frame->id)->and($next->after_frame_id)->toBe($frame->id)
        ->and($light($next))->toBeWithinStops($light($frame) / 2, 0.01);
});

it('refuses a bad verdict at the field and keeps what was typed', function (array $sent, string $field): void {
    $frame = Frame::factory()->taken()->create();
    $this->from("/log/{$frame->id}")->put(
        "/log/{$frame->id}", $sent + ['open' => '1.3', 'note' => 'Keep me'],
    )->assertSessionHasErrors($field);
    $this->get("/log/{$frame->id}")->assertSee('Keep me');
})->with([
    [['open' => 'long'], 'open'],
    [['open' => ''], 'open'],
    [['blur' => 'fluffy'], 'blur'],
    [['exposure_thirds' => '99'], 'exposure_thirds'],
    [['exposure_thirds' => 'x'], 'exposure_thirds'],
]);

it('keeps a measured open time through any number of verdicts', function (): void {
    $frame = Frame::factory()->taken(3.0)->create();
    $this->put("/log/{$frame->id}", ['open' => '3', 'blur' => 'right'])->assertRedirect();

    expect($frame->refresh()->open_s)->toBe(3.0);
});

it('deletes a frame for good', function (): void {
    $this->delete('/log/1')->assertRedirect('/log');
    $this->get('/log/1')->assertNotFound();
});

it('keeps a record whole when its kit is gone', function (): void {
    $frame = Frame::factory()->taken()->create();
    App\Models\Filter::query()->delete();
    App\Models\Camera::query()->delete();

    $this->get("/log/{$frame->id}")->assertOk()->assertSee('Six');
});

it('leaves a forgotten taste forgotten when only the note of an old frame changes', function (): void {
    Frame::query()->delete();
    $frame = Frame::factory()->taken()->create();
    $judge = fn (array $said) => $this->put("/log/{$frame->id}", $said + ['open' => '2'])->assertRedirect();
    $judge(['blur' => 'too_crisp']);
    $kind = $frame->refresh()->water_kind;
    expect(tastes()->of($kind)->verdicts)->toBe(1);

    $this->travel(1)->minutes();
    tastes()->reset($kind);
    expect(tastes()->of($kind)->verdicts)->toBe(0);
    $this->travel(1)->minutes();
    $judge(['blur' => 'too_crisp', 'note' => 'The gulls have it.']);
    expect($frame->refresh()->note)->toBe('The gulls have it.')->and(tastes()->of($kind)->verdicts)->toBe(0);
    // Another verdict is a verdict of today.
    $judge(['blur' => 'right', 'note' => 'On second thoughts.']);
    expect(tastes()->of($kind)->verdicts)->toBe(1);
    $judge(['blur' => '']);
    expect($frame->refresh()->judged_at)->toBeNull()->and(tastes()->of($kind)->verdicts)->toBe(0);
});
