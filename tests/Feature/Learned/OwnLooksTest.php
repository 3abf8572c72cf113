<?php

declare(strict_types=1);

use App\Household\Settings;
use App\Models\Frame;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Learned\OwnLooks;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBounds;
use Illuminate\Testing\TestResponse;

// What a person calls their frames moves the bounds of the looks, everywhere at once, and can be taken back.

/** Calls the demo’s taken frames that kept this much by a look; says how many there were. */
function callThem(float $from, float $to, Look $look, int $most = 99): int
{
    $frames = Frame::query()->whereNotNull('open_s')->get()
        ->filter(static fn (Frame $f): bool => $f->plan->texture > $from && $f->plan->texture <= $to
            && abs(log((float) $f->open_s / $f->planned_s, 2)) < 0.3)
        ->take($most);
    $frames->each(static fn (Frame $f): TestResponse => test()->put(
        route('log.judge', $f), ['open' => (string) $f->open_s, 'called' => $look->value, 'blur' => $f->blur?->value, 'as_seen' => ''],
    )->assertSessionHasNoErrors());

    return $frames->count();
}

/** Read anew, as by the next request. */
function ownBounds(): LookBounds
{
    foreach ([OwnLooks::class, Settings::class] as $kept) {
        app('request')->attributes->remove($kept);
    }

    return resolve(OwnLooks::class)->bounds();
}

/** Where brushed ends on the bench for a flow that stands nowhere, in s. */
function brushedEnds(): float
{
    $form = BenchForm::of([...resolve(BenchFiller::class)->defaults(true), 'kind' => 'cascade', 'measure' => 'speed', 'speed' => '2',
        'distance' => '6', 'look' => 'brushed']);

    return (float) resolve(Workbench::class)->moving($form)->bands->band(Look::Brushed)?->maxS;
}

it('is moved by what frames are called, on the bench too, and put back by one press', function (): void {
    $common = brushedEnds();
    $count = callThem(0.2, 0.45, Look::Brushed);
    expect($count)->toBeGreaterThanOrEqual(3);

    expect(ownBounds()->movedBy)->toBe(['brushed' => $count])
        ->and(ownBounds()->leastTexture(Look::Brushed))->toBeLessThan(Look::Brushed->leastTexture());
    expect(brushedEnds())->toBeGreaterThan(1.1 * $common);
    $this->get('/learned')->assertOk()->assertSee('Your looks')->assertSee('Brushed ends where')->assertSee("moved by {$count} frames");

    $this->delete(route('learned.looks'))->assertRedirect('/learned')->assertSessionHas('undo');
    expect(ownBounds()->movedBy)->toBe([])->and(resolve(OwnLooks::class)->frames())->toBe(0)->and(brushedEnds())->toBe($common);
    $this->post(route('undo', session('undo')))->assertRedirect();
    expect(ownBounds()->movedBy)->toBe(['brushed' => $count]);
});

it('says that two frames are too few, and refuses a look that there is not', function (): void {
    expect(callThem(0.2, 0.45, Look::Brushed, 2))->toBe(2);
    $this->get('/learned')->assertOk()->assertSee('The 2 frames that you called by a look do not speak for other bounds');

    $frame = Frame::query()->whereNotNull('open_s')->firstOrFail();
    $this->from(route('log.show', $frame))->put(route('log.judge', $frame), ['open' => '1', 'called' => 'fluffy', 'as_seen' => ''])
        ->assertRedirect(route('log.show', $frame))->assertSessionHasErrors(['called' => 'Choose one of the looks.']);
});

it('keeps what a frame was called when its file or the field speaks of it again, and writes it into the table and the backup', function (): void {
    callThem(0.2, 0.45, Look::Brushed, 1);
    $frame = Frame::query()->whereNotNull('called')->sole();
    $this->put(route('log.judge', $frame), ['open' => (string) $frame->open_s, 'called' => 'brushed', 'note' => 'again', 'as_seen' => '']);

    expect($frame->fresh()?->called_at?->equalTo((string) $frame->called_at?->toISOString()))->toBeTrue();
    expect($this->get('/log.csv')->streamedContent())->toContain(',brushed'."\r\n");
});
