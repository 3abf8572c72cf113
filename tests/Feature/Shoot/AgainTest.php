<?php

declare(strict_types=1);

use App\Models\Frame;

function takenFrame(): Frame
{
    return Frame::query()->whereNotNull('open_s')->latest('opened_at')->firstOrFail();
}

it('plans the same frame again, with what stays done ticked, and nothing of the verdict', function (): void {
    $frame = takenFrame();
    $this->post("/shoot/{$frame->id}/again")->assertRedirect();
    $again = Frame::query()->latest('id')->firstOrFail();

    expect($again->id)->not->toBe($frame->id)->and($again->planned_s)->toBe($frame->planned_s)
        ->and($again->plan->way->toArray())->toBe($frame->plan->way->toArray())
        ->and([$again->open_s, $again->opened_at, $again->blur, $again->exposure_thirds, $again->judged_at, $again->note,
            $again->shot_list_id])
        ->toBe(array_fill(0, 7, null))
        ->and($again->steps_done)->toContain('compose', 'focus')->not->toContain('settings')->not->toContain('trigger');
    $this->get("/shoot/{$again->id}")->assertOk()->assertSee('All done');
    expect(ticked($this, $again))->toBe($again->steps_done);
});

it('ticks the rest in one press, also without scripts', function (): void {
    $frame = takenFrame();
    $this->post("/shoot/{$frame->id}/again");
    $again = Frame::query()->latest('id')->firstOrFail();
    $this->put("/shoot/{$again->id}/steps", ['all' => '1'])->assertRedirect("/shoot/{$again->id}");

    expect($again->refresh()->steps_done)->toBe(array_column($again->plan->steps, 'key'));
    $this->get("/shoot/{$again->id}")->assertOk();
    expect(ticked($this, $again))->toBe($again->steps_done);
});

it('offers the last frame again where none is waiting', function (): void {
    Frame::query()->whereNull('open_s')->delete();
    $this->get('/shoot')->assertOk()->assertSee('Same again: ')->assertSee(route('shoot.again', takenFrame()), false);
    Frame::query()->delete();
    $this->get('/shoot')->assertOk()->assertDontSee('Same again');
    $this->post('/shoot/1/again')->assertNotFound();
});
