<?php

declare(strict_types=1);

// What was done with a field file comes home once, whole, and says what could not be taken.

use App\Models\Camera;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Lens;
use App\Models\LevelMark;
use App\Models\Measurement;
use App\Models\Outing;
use App\Models\Sighting;
use App\Models\Subject;

const FIRST_KEY = '0f8fad5b-d9cb-469f-a165-70867728950e';

/**
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function fieldFrame(array $changes = [], string $key = FIRST_KEY): array
{
    $uid = static fn ($query): string => (string) $query->oldest('id')->value('uid');
    $filter = Filter::query()->where('name', 'like', 'Six%')->firstOrFail();

    return array_replace_recursive([
        'key' => $key, 'kind' => 'frame', 'at_ms' => 1795743513228,
        'gear' => ['camera' => $uid(Camera::query()), 'lens' => $uid(Lens::query()), 'focal_mm' => 24],
        'reading' => ['aperture' => 'f/11', 'shutter' => '1/30', 'iso' => '100', 'bias_thirds' => 0],
        'way' => [
            'aperture' => 'f/11', 'iso' => '100', 'shutter' => '2 s', 'shutter_s' => 2, 'bulb' => false,
            'filters' => [['name' => 'Six', 'uid' => $filter->getAttribute('uid')]],
        ],
        'water' => ['subject' => $uid(Subject::query()), 'kind' => Subject::query()->oldest('id')->firstOrFail()->water_kind->value],
        'look' => 'silk', 'open_s' => 2.05, 'light' => '', 'steps' => ['compose', 'focus', 'no-such-step'],
    ], $changes);
}

/** @param  list<array<string, mixed>>  $entries */
function journal(array $entries): string
{
    return (string) json_encode(['format' => 'gentle-pour-journal-1', 'written_at' => '2026-11-27T06:10:00Z', 'entries' => $entries]);
}

/** @return array<string, mixed> */
function bring(object $test, string $journal): array
{
    $test->travel(2)->seconds();

    return $test->postJson('/field/home', ['text' => $journal])->assertOk()->json();
}

it('makes a frame of the log of one that was shot with the file, as if it had been planned on the bench', function (): void {
    $said = bring($this, journal([fieldFrame(['light' => '0.5:-1', 'blur' => 'too_smooth', 'exposure_thirds' => -2, 'note' => 'spray'])]));
    $frame = Frame::query()->where('uid', FIRST_KEY)->firstOrFail();

    expect($said)->toBe(['words' => 'Taken: one frame.', 'home' => [FIRST_KEY], 'refused' => []])
        ->and($frame->open_s)->toBe(2.05)->and($frame->opened_at?->getTimestampMs())->toBe(1795743513228)
        // 1/30 and six stops: 2 s. Common practice.
        ->and($frame->exact_s)->toBeWithinStops(2.0, 0.05)->and($frame->planned_s)->toBe(2.0)
        ->and($frame->plan->way->filters)->toBe(['Six'])->and($frame->plan->way->apertureLabel)->toBe('f/11')
        ->and($frame->plan->readingLabel)->toBe('1/30, f/11, ISO 100')->and($frame->plan->looks)->not->toBe([])
        ->and($frame->subject_id)->toBe(Subject::query()->oldest('id')->value('id'))->and($frame->place_id)->not->toBeNull()
        ->and($frame->steps_done)->toBe(['compose', 'focus'])->and($frame->light_changes)->toBe('0.5:-1')
        ->and($frame->blur?->value)->toBe('too_smooth')->and($frame->exposure_thirds)->toBe(-2)->and($frame->note)->toBe('spray');
    $this->get("/log/{$frame->id}")->assertOk()->assertSee('spray');
    $this->get('/log')->assertOk();
    $this->post("/shoot/{$frame->id}/again")->assertRedirect();
});

it('takes each thing once, however often and by whatever way it comes', function (): void {
    $frames = Frame::query()->count();
    $first = bring($this, journal([fieldFrame()]));
    $second = bring($this, journal([fieldFrame()]));
    $this->travel(2)->seconds();
    $this->post('/field/home', ['text' => journal([fieldFrame()])])
        ->assertRedirect(route('field.home'))->assertSessionHas('done', 'Nothing new; one was here before.');

    expect($first['words'])->toBe('Taken: one frame.')
        ->and($second)->toBe(['words' => 'Nothing new; one was here before.', 'home' => [FIRST_KEY], 'refused' => []])
        ->and(Frame::query()->count())->toBe($frames + 1);
});

it('adds a verdict that came later, and never writes over one that was given here', function (): void {
    bring($this, journal([fieldFrame()]));
    expect(bring($this, journal([fieldFrame(['blur' => 'right'])]))['words'])->toBe('Nothing new; one verdict added.');
    expect(bring($this, journal([fieldFrame(['blur' => 'too_crisp'])]))['words'])->toBe('Nothing new; one was here before.')
        ->and(Frame::query()->where('uid', FIRST_KEY)->firstOrFail()->blur?->value)->toBe('right');
});

it('leaves deleted what was deleted here, until that is undone', function (): void {
    bring($this, journal([fieldFrame()]));
    $frame = Frame::query()->where('uid', FIRST_KEY)->firstOrFail();
    $this->delete("/log/{$frame->id}");
    expect(bring($this, journal([fieldFrame()]))['words'])->toBe('Nothing new; one was here before.')
        ->and(Frame::query()->where('uid', FIRST_KEY)->exists())->toBeFalse();
});

it('knows a filter by its name for life, and keeps the name of one that is no longer in the kit', function (): void {
    Filter::query()->where('name', 'Six')->update(['name' => 'Six, scratched']);
    bring($this, journal([fieldFrame(['way' => ['filters' => [['name' => 'Six',
        'uid' => Filter::query()->where('name', 'Six, scratched')->value('uid')]]]])]));
    $other = '1f8fad5b-d9cb-469f-a165-70867728950e';
    bring($this, journal([fieldFrame(['way' => ['filters' => [['name' => 'Sold', 'uid' => '2f8fad5b-d9cb-469f-a165-70867728950e']]]],
        $other)]));

    expect(Frame::query()->where('uid', FIRST_KEY)->firstOrFail()->plan->way->filters)->toBe(['Six, scratched'])
        ->and(Frame::query()->where('uid', $other)->firstOrFail()->note)->toBe('With Sold, no longer in the kit.')
        ->and(Frame::query()->where('uid', $other)->firstOrFail()->exact_s)->toBe(2.0);
});

it('takes a water of no subject by its period, its height or its speed', function (array $water, string $kind): void {
    bring($this, journal([fieldFrame(['water' => ['subject' => null, ...$water]])]));
    $frame = Frame::query()->where('uid', FIRST_KEY)->firstOrFail();
    expect($frame->water_kind->value)->toBe($kind)->and($frame->subject_id)->toBeNull()->and($frame->plan->featureM)->toBeGreaterThan(0.0);
})->with([
    [['kind' => 'surf', 'period_s' => 9.4, 'height_m' => 1.5, 'width_m' => 20], 'surf'],
    [['kind' => 'river', 'speed_m_s' => 1.2, 'width_m' => 3], 'river'],
    [['kind' => 'swell', 'width_m' => 12], 'swell'],
]);

it('refuses one frame by name and takes the rest', function (): void {
    $other = '3f8fad5b-d9cb-469f-a165-70867728950e';
    $said = bring($this, journal([fieldFrame(['gear' => ['camera' => '9f8fad5b-d9cb-469f-a165-70867728950e']]), fieldFrame([], $other)]));
    expect($said['words'])->toBe('Taken: one frame; one was not taken.')->and($said['home'])->toBe([$other])
        ->and($said['refused'][0])->toStartWith('One frame of 27 Nov')->toEndWith('its camera is no longer in the kit.');
});

it('keeps sightings with what was predicted, measurements with what they come to, and ticks beside those made here', function (): void {
    $mark = LevelMark::query()->whereHas('place', fn ($q) => $q->where('tide', '!=', 'none'))->firstOrFail();
    $outing = Outing::query()->latest('id')->firstOrFail();
    $outing->update(['packed' => ['tripod']]);
    $key = static fn (int $n): string => "{$n}a8fad5b-d9cb-469f-a165-70867728950e";
    $at = 1000 * now()->getTimestamp();
    $entries = [
        ['key' => $key(1), 'kind' => 'sighting', 'at_ms' => $at, 'mark' => $mark->getAttribute('uid'), 'reached' => true],
        ['key' => $key(2), 'kind' => 'measurement', 'at_ms' => $at, 'what' => 'waves', 'presses' => [0, 8, 16.4, 24, 32.2],
            'place' => $mark->place->getAttribute('uid')],
        ['key' => $key(3), 'kind' => 'measurement', 'at_ms' => $at, 'what' => 'float', 'presses' => [4, 5], 'distance_m' => 6],
        ['key' => $key(4), 'kind' => 'measurement', 'at_ms' => $at, 'what' => 'clouds', 'share' => 25, 'seconds' => 40],
        ['key' => $key(5), 'kind' => 'measurement', 'at_ms' => $at, 'what' => 'swash', 'presses' => [0, 3, 9, 12.2]],
        ['key' => $key(6), 'kind' => 'ticks', 'at_ms' => $at, 'outing' => $outing->getAttribute('uid'), 'packed' => ['cards'],
            'brought_back' => []],
    ];
    $said = bring($this, journal($entries));
    $data = static fn (int $n): array => Measurement::query()->where('uid', $key($n))->firstOrFail()->data;

    expect($said['words'])->toBe('Taken: one sighting, 4 measurements, the ticks of one outing.')
        ->and(Sighting::query()->where('uid', $key(1))->firstOrFail()->predicted_m)->toBeFloat()
        ->and($data(2)['period_s'])->toBeAbout(8.1, 0.2)->and($data(3)['speed_m_s'])->toBeAbout((1.5 + 1.2) / 2, 1e-6)
        ->and((float) $data(4)['share'])->toBe(25.0)
        ->and($data(5)['retreat_s'])->toBeAbout(3.1, 0.11)->and($outing->refresh()->packed)->toBe(['tripod', 'cards']);
    expect(bring($this, journal($entries))['words'])->toBe('Nothing new; 6 were here before.');
    $this->get('/water')->assertOk();
    $this->get("/places/{$mark->place_id}")->assertOk();
});

it('says what is wrong with what is no journal, with nothing lost', function (string $text, string $says): void {
    $this->from('/field/home')->post('/field/home', ['text' => $text])->assertRedirect('/field/home')
        ->assertSessionHasErrors('journal')->assertSessionHas('_old_input.text', $text);
    expect(session('errors')->first('journal'))->toContain($says);
    $this->travel(2)->seconds();
    $this->postJson('/field/home', ['text' => $text])->assertStatus(422);
})->with([
    'nothing' => ['', 'Choose the file'], 'half of it' => ['{"format":"gentle-pour-journal-1","entr', 'it is no JSON'],
    'a list' => ['[]', 'it is no journal'],
    'another format' => ['{"format":"gentle-pour-kit-1","entries":[]}', 'at /format'],
    'a key that is no name' => ['{"format":"gentle-pour-journal-1","entries":[{"key":"1","kind":"ticks","at_ms":1795743513228}]}',
        'at /entries/0/key'],
    'a time of no day' => ['{"format":"gentle-pour-journal-1","entries":[{"key":"0f8fad5b-d9cb-469f-a165-70867728950e","kind":"ticks","at_ms":-5,"outing":"0f8fad5b-d9cb-469f-a165-70867728950e"}]}', 'at /entries/0/at_ms'],
]);

it('refuses what the core refuses, at its entry', function (array $changes): void {
    $said = $this->postJson('/field/home', ['text' => journal([fieldFrame($changes)])]);
    expect($said->status())->toBeIn([200, 422])->and(Frame::query()->where('uid', FIRST_KEY)->exists())->toBeFalse();
    $said->status() === 422 || expect($said->json('refused'))->toHaveCount(1);
})->with([
    'a look that is none' => [['look' => 'foggy']], 'an aperture that is none' => [['way' => ['aperture' => 'f/zero']]],
    'light that is none' => [['light' => 'sun,gone']],
    'a year in bulb' => [['open_s' => 1e9]], 'a water that is none' => [['water' => ['subject' => null, 'kind' => 'lava']]],
    'a verdict that is none' => [['blur' => 'meh']],
    'a lens that reaches no such length' => [['water' => ['subject' => null, 'kind' => 'river'], 'gear' => ['focal_mm' => 4000]]],
]);

it('reads a file as well as text', function (): void {
    $file = Illuminate\Http\UploadedFile::fake()->createWithContent('journal.json', journal([fieldFrame()]));
    $this->post('/field/home', ['file' => $file])->assertRedirect(route('field.home'))->assertSessionHas('done', 'Taken: one frame.');
    $this->get('/schemas/journal.json')->assertOk()->assertSee('gentle-pour-journal-1');
});
