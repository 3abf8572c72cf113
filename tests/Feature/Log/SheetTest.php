<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Outing;
use App\Models\Photo;
use App\Models\Subject;
use App\Rooms\Log\Sheet;
use GentlePour\Photo\Srgb;
use GentlePour\Review\FrameMark;
use Illuminate\Support\Facades\DB;

// The contact sheet, its marks, and pictures side by side.

it('sends small pictures, which are kept by who has seen them', function (): void {
    foreach (Photo::query()->where('role', 'frame')->limit(6)->get() as $photo) {
        $thumb = $this->get("/photos/{$photo->id}-small.jpg?of={$photo->fingerprint()}")->assertOk();
        expect($thumb->baseResponse->getFile()->getSize())->toBeLessThan(32_000)
            ->and($thumb->headers->get('Cache-Control'))->toContain('immutable')->toContain('max-age=31536000')->not->toContain('no-cache');
    }
});

it('has a picture kept by its contents, not by its number, which another has after a backup was brought back', function (): void {
    $photo = Photo::query()->where('role', 'frame')->firstOrFail();
    $shown = fn (): string => preg_match('~/photos/'.$photo->id.'-small\.jpg\?of=(\w+)~', (string) $this->get('/log?show=all')->getContent(), $of) === 1
        ? $of[1] : '';
    expect($before = $shown())->toHaveLength(12);
    DB::table('photos')->where('id', $photo->id)->update(['sha256' => str_repeat('ab', 32)]);
    expect($shown())->toHaveLength(12)->not->toBe($before);
    DB::table('photos')->where('id', $photo->id)->update(['sha256' => $photo->sha256]);
    foreach (['', '?of=abababababab'] as $query) {
        foreach (['.jpg', '-small.jpg'] as $which) {
            expect($this->get("/photos/{$photo->id}{$which}{$query}")->assertOk()->headers->get('Cache-Control'))
                ->toContain('no-cache')->not->toContain('immutable');
        }
    }
});

it('shows pictures, and narrows them by outing, place, look, filter and mark; the folded are out of the way', function (): void {
    $outing = Outing::query()->where('starts_at', '<', now())->firstOrFail();
    $page = fn (string $query): string => (string) $this->get('/log?'.$query)->assertOk()->getContent();
    $count = fn (string $query): int => substr_count($page($query), 'class="tile');
    $tiles = fn (string $query): int => preg_match_all('/<li class="tile[ "]/', $page($query));
    expect($tiles(''))->toBe(16)->and($tiles('show=all'))->toBe(17)
        ->and($tiles('show=keepers'))->toBe(Frame::query()->where('keeper', 'keeper')->count())
        ->and($tiles('outing='.$outing->id))->toBe(4)
        ->and($tiles('look=mist'))
        ->toBe(Frame::query()->where('look', 'mist')->whereNull('keeper')->count() + Frame::query()->where('look', 'mist')->where('keeper',
            'keeper')->count())
        ->and($tiles('filters=Fifteen'))->toBe(1)->and($tiles('place='.$outing->place_id))->toBe(4);
    expect($page('look=held'))->toContain('No frame is like that');
    // What cannot be is passed over.
    foreach (['place=x', 'place=-1', 'look=odd', 'outing=99999999999999999', 'show=no', 'filters[]=a', 'cursor=odd'] as $odd) {
        expect($this->get('/log?'.$odd)->status())->toBeIn([200, 422]);
    }
});

it('marks keepers and folds away, by a form and by a key, and refuses any other mark', function (): void {
    $this->put('/log/1/keeper', ['keeper' => 'reject'])->assertRedirect();
    expect(Frame::query()->findOrFail(1)->keeper)->toBe(FrameMark::Reject);
    $this->putJson('/log/1/keeper', ['keeper' => 'keeper'])->assertOk()->assertJson(['keeper' => 'keeper']);
    $this->putJson('/log/1/keeper', ['keeper' => ''])->assertOk()->assertJson(['keeper' => null]);
    $this->putJson('/log/1/keeper', ['keeper' => 'best'])->assertStatus(422);
    $this->putJson('/log/999/keeper', ['keeper' => 'keeper'])->assertNotFound();
});

it('reads the sheet from an index however it is narrowed', function (string $query): void {
    parse_str($query, $asked);
    $frames = Sheet::of($asked)->frames()->limit(36);
    $plan = implode(' ', array_column(DB::select('EXPLAIN QUERY PLAN '.$frames->toRawSql()), 'detail'));
    expect($plan)->toContain('USING INDEX')->not->toContain('USE TEMP B-TREE');
})->with(['', 'show=keepers', 'place=2', 'look=silk', 'filters=Six', 'show=all']);

it('lays two to four frames side by side, over each other, and their bases; with fewer it says what to do', function (): void {
    $this->get('/log/compare?chosen[]=15&chosen[]=16')->assertOk()->assertSee('One over the other')->assertSee('To blend them')
        ->assertSee('frame 15');
    $this->get('/log/compare?chosen[]=b1&chosen[]=1&wipe=1')->assertOk()->assertSee('The base of frame')->assertSee('Beside each other');
    $this->get('/log/compare?chosen[]=1&chosen[]=2&chosen[]=3&chosen[]=4&chosen[]=5')->assertOk()->assertDontSee('/log/5"', false);
    foreach (['', 'chosen=1', 'chosen[]=1', 'chosen[]=1&chosen[]=999', 'chosen[]=x&chosen[]=b'] as $few) {
        $this->get('/log/compare?'.$few)->assertRedirect('/log')->assertSessionHas('problem');
    }
});

it('names for a blend the water whose blur was right, the shortest for leaves, the least exposed for the sky (common practice)', function (): void {
    $this->get('/log/compare?chosen[]=b3&chosen[]=3&chosen[]=14')->assertSee('frame 3, whose blur you called right')
        ->assertSee('the base of frame 3, the shortest');
});

it('draws a mean in linear light: of black and white it is half the light, and not half the level (IEC 61966-2-1)', function (): void {
    $mean = imagecreatefromstring((string) $this->get('/log/mean.jpg?chosen[]=10&chosen[]=12')
        ->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent());
    expect(imagesx($mean))->toBe(720);
    $light = static fn (GdImage $of): float => array_sum(array_map(static function (int $i) use ($of): float {
        $p = imagecolorat($of, $i * 53 % 700 + 10, $i * 31 % 460 + 10);

        return (Srgb::light($p >> 16 & 255) + Srgb::light($p >> 8 & 255) + Srgb::light($p & 255)) / 3;
    }, range(1, 4000))) / 4000;
    $of = static fn (int $id): GdImage => imagecreatefromjpeg(base_path('data/demo/'.Photo::query()->where('frame_id', $id)->where('role',
        'frame')->value('name')));
    expect($light($mean))->toBeWithinShare(($light($of(10)) + $light($of(12))) / 2, 0.01);
    $this->get('/log/mean.jpg?chosen[]=1')->assertSessionHasErrors('chosen');
    // It is asked for again as long as the same pictures lie in those frames, and answered without being drawn.
    $first = $this->get('/log/mean.jpg?chosen[]=10&chosen[]=12')->assertOk()->headers->get('ETag');
    $this->get('/log/mean.jpg?chosen[]=10&chosen[]=12', ['If-None-Match' => $first])->assertStatus(304);
    Photo::query()->where('frame_id', 12)->where('role', 'frame')->update(['frame_id' => null]);
    Photo::query()->where('frame_id', 3)->where('role', 'frame')->update(['frame_id' => 12]);
    expect($this->get('/log/mean.jpg?chosen[]=10&chosen[]=12')->headers->get('ETag'))->not->toBe($first);
});

it('offers to take a water for as fast as its frames say, keeps what stood there, and undoes it', function (): void {
    $subject = Subject::query()->where('name', 'the middle step')->firstOrFail();
    $frames = Frame::query()->where('subject_id', $subject->id)->with('photo')->get();
    // Frames that have kept what a water half as fast would.
    $water = $subject->water()->in(new GentlePour\Motion\Framing(new GentlePour\Kit\Sensor(36, 24, 6000),
        (float) $frames[0]->inputs['focal'], $subject->distance_m));
    foreach ($frames as $frame) {
        $frame->photo?->update(['texture_kept' => $water->textureKept((float) $frame->photo->shutter_s / 2)]);
    }
    $this->put("/log/{$frames[0]->id}/fit")->assertRedirect("/log/{$frames[0]->id}")->assertSessionHas('done',
        static fn (string $said): bool => str_contains($said, '50 % slower'));
    expect($subject->fresh()?->speed_m_s)->toBeWithinShare(2.0, 0.02)->and($subject->fresh()?->fitted['was']['speed_m_s'])->toBe(4)
        ->and($subject->fresh()?->fitted['frames'])->toBeGreaterThanOrEqual(3);
    $this->get('/learned')->assertSee('Waters fitted')->assertSee('slower');
    // Once it is taken so, there is nothing left to fit.
    expect(App\Rooms\Log\FitWater::offered($frames[0]->fresh() ?? $frames[0]))->toBeNull();
    $this->put("/log/{$frames[1]->id}/fit")->assertSessionHasErrors('fit');
    $this->delete("/log/{$frames[0]->id}/fit");
    expect($subject->fresh()?->speed_m_s)->toBe(4.0)->and($subject->fresh()?->fitted)->toBeNull();
});

it('guesses a filter from how dark the frame came out, and says to test it', function (): void {
    $frame = Frame::query()->where('filters_label', 'Six')->firstOrFail();
    $frame->update(['exposure_thirds' => -5, 'open_s' => $frame->exact_s]);
    $this->get("/log/{$frame->id}")
        ->assertSee(sprintf('looks like %.1f stops rather than %.1f', $frame->plan->way->stops + 5 / 3, $frame->plan->way->stops));
    $frame->update(['exposure_thirds' => -1]);
    $this->get("/log/{$frame->id}")->assertDontSee('stops rather than');
});
