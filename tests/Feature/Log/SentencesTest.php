<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Sentences;
use Illuminate\Support\Facades\DB;

// What a run sheet says is kept once, whatever the number of frames that say it.

it('keeps a long sentence once and gives the document back as it was', function (): void {
    $document = [
        'short' => 'six', 'long' => 'Feet firm, column down, strap tied.', 'again' => ['Feet firm, column down, strap tied.'],
        'number' => 2.5, 'nothing' => null, 'yes' => true, 'like one of ours' => '@12', 'sign' => '@',
        'signed' => '@home, wet and cold, at dusk', 'empty' => '',
    ];
    $away = resolve(Sentences::class)->away($document);
    expect($away['long'])->toMatch('/^@\d+$/')->toBe($away['again'][0])->and($away['short'])->toBe('six')
        ->and($away['like one of ours'])->not->toBe('@12')
        ->and($away['number'])->toBe(2.5)->and($away['nothing'])->toBeNull()
        ->and(DB::table('sentences')->where('text', 'Feet firm, column down, strap tied.')->count())->toBe(1)
        ->and(resolve(Sentences::class)->back($away))->toBe($document);
    // By another request, which knows none of it yet.
    $this->app->make('request')->attributes->remove(Sentences::class);
    expect(resolve(Sentences::class)->back($away))->toBe($document)->and(resolve(Sentences::class)->away($document))->toBe($away);
});

it('writes a frame into two fifths of the room of its plan, and reads the plan as it was', function (): void {
    $frame = Frame::query()->whereNotNull('open_s')->firstOrFail();
    $plan = $frame->plan->toArray();
    $copy = $frame->replicate();
    $copy->save();
    $kept = (string) DB::table('frames')->where('id', $copy->id)->value('plan');
    // As it was kept before: with its names and its sentences in place.
    DB::table('frames')->where('id', $frame->id)->update(['plan' => json_encode($plan)]);
    expect(Frame::query()->findOrFail($frame->id)->plan->toArray())->toEqual($plan);
    expect(Frame::query()->findOrFail($copy->id)->plan->toArray())->toEqual($plan)
        ->and(strlen($kept))->toBeLessThan(0.42 * strlen((string) json_encode($plan, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)));
});

it('reads the plans of a whole page of the log with a few questions', function (): void {
    Frame::query()->whereNotNull('open_s')->get()->each(fn (Frame $f) => array_map(fn () => $f->replicate()->save(), range(1, 8)));
    DB::flushQueryLog();
    DB::enableQueryLog();
    $this->get('/log')->assertOk();
    expect(count(array_filter(DB::getQueryLog(), fn (array $q): bool => str_contains($q['query'], '"sentences"'))))->toBeBetween(1, 2);
});

it('keeps the indexes of the log partial, so that years of frames do not slow it', function (): void {
    $indexes = DB::table('sqlite_master')->where('type', 'index')->where('tbl_name', 'frames')->pluck('sql', 'name');
    foreach (['frames_taken', 'frames_waiting', 'frames_verdicts', 'frames_listed', 'frames_after', 'frames_of_subject',
        'frames_of_place'] as $name) {
        expect($indexes[$name] ?? '')->toContain(' WHERE ');
    }
    $plan = fn (string $sql): string => implode(' ',
        array_column(array_map(fn ($r): array => (array) $r, DB::select('EXPLAIN QUERY PLAN '.$sql)), 'detail'));
    expect($plan('SELECT * FROM frames WHERE open_s IS NULL ORDER BY id DESC LIMIT 1'))->toContain('frames_waiting')
        ->and($plan('SELECT * FROM frames WHERE open_s IS NOT NULL ORDER BY opened_at DESC, id DESC LIMIT 31'))->toContain('frames_taken');
});
