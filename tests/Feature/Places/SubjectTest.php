<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Measurement;
use App\Models\MeasurementKind;
use App\Models\Outing;
use App\Models\Place;
use App\Models\Sighting;
use App\Models\Subject;
use App\Rooms\Bench\BenchFiller;
use App\Tide\PlaceTide;
use Illuminate\Support\Carbon;

// A place of one's own, its waters, and where one stands.

function ledge(): Place
{
    return Place::query()->where('name', 'Marrow Shelf')->firstOrFail();
}

/**
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function subjectForm(array $changes = []): array
{
    return $changes + [
        'name' => 'the gully', 'place' => (string) ledge()->id, 'kind' => 'rapid', 'measure' => 'float', 'float_m' => '6', 'float_s' => '3',
        'distance' => '7,5',
        'focal' => '35', 'facing' => '200', 'look' => 'mist', 'note' => 'Fills at half tide.', 'period' => '', 'height' => '',
        'speed' => '', 'drop' => '',
    ];
}

/** The choice that stands under “I am at”. */
function iAmAt(string $page): string
{
    return preg_match('/<option value="([^"]*)"\s+selected>/', (string) preg_replace('/^.*?id="f-take"|<\/select>.*$/s', '', $page),
        $found) === 1 ? $found[1] : '';
}

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-11-24 09:00', 'UTC'));
});

it('keeps a subject with all that was measured, and takes it to the bench with one press', function (): void {
    $this->get('/subjects/new?place='.ledge()->id)->assertOk()->assertSee('Keep this water');
    $this->post('/subjects', subjectForm())->assertRedirect('/places/'.ledge()->id.'#subjects');
    $subject = Subject::query()->where('name', 'the gully')->firstOrFail();
    expect([$subject->float_m, $subject->float_s, $subject->speed_m_s, $subject->distance_m, $subject->focal_mm, $subject->facing_deg,
        $subject->look?->value, $subject->note])
        ->toBe([6.0, 3.0, null, 7.5, 35.0, 200.0, 'mist', 'Fills at half tide.']);
    $page = (string) $this->get('/bench?take='.$subject->id)->assertOk()->assertSee('Mist in the rapid')->getContent();
    expect(iAmAt($page))->toBe((string) $subject->id)->and($page)->toContain('id="f-distance" name="distance" value="7.5"')
        ->toContain('id="f-focal" name="focal" value="35"');
    // 2 m/s at 7.5 m: the place's list says what the bench does.
    preg_match('/take='.$subject->id.'".*?subject-silk"><small>silk<\/small> ([^<]+)</s',
        (string) $this->get('/places/'.ledge()->id)->getContent(), $silk);
    $this->get('/bench?'.http_build_query(['look' => 'silk', 'look_was' => 'silk', 'shutter' => '1/60', 'aperture' => 'f/11',
        'iso' => '100'] + BenchFiller::ofSubject($subject)))
        ->assertSee('data-place="'.$silk[1].'"', false);
});

it('changes, reorders and deletes subjects, and the delete can be undone', function (): void {
    $names = fn (): array => ledge()->subjects->pluck('name')->all();
    expect($names())->toBe(['the posts in swell', 'backwash on the ledge']);
    $last = ledge()->subjects->last();
    $this->put("/subjects/{$last->id}/move", ['up' => '1'])->assertRedirect();
    expect($names())->toBe(['backwash on the ledge', 'the posts in swell']);
    $this->put("/subjects/{$last->id}/move", ['up' => '1']);
    expect($names())->toBe(['backwash on the ledge', 'the posts in swell']);
    $this->put("/subjects/{$last->id}/move", ['up' => '0', 'again' => '1']);
    expect($names())->toBe(['the posts in swell', 'backwash on the ledge']);
    $this->get("/subjects/{$last->id}")->assertOk()->assertSee('backwash on the ledge')->assertSee('value="1.6"', false);
    $this->put("/subjects/{$last->id}",
        subjectForm(['name' => 'the ledge', 'kind' => 'backwash', 'measure' => 'speed', 'speed' => '2', 'period' => '9']))
        ->assertRedirect();
    expect([$last->refresh()->name, $last->speed_m_s, $last->float_m, $last->period_s, $last->position])
        ->toBe(['the ledge', 2.0, null, 9.0, 2]);
    // Moved to another place it stands last there.
    $stair = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $this->put("/subjects/{$last->id}", subjectForm(['name' => 'the ledge', 'place' => (string) $stair->id]));
    expect($stair->subjects()->pluck('name')->last())->toBe('the ledge');
    $this->delete("/subjects/{$last->id}")->assertSessionHas('done', 'the ledge is gone; its frames stay in the log.');
    expect(Subject::query()->find($last->id))->toBeNull();
    $this->post('/undo/'.session('undo'));
    expect(Subject::query()->find($last->id)?->name)->toBe('the ledge');
});

it('says what is wrong at the field and keeps what was typed', function (array $changes, string $field, string $words): void {
    $this->from('/subjects/new')->followingRedirects()->post('/subjects', subjectForm($changes))->assertOk()
        ->assertSee("id=\"f-{$field}-problem\"", false)->assertSee($words)->assertSee('Fills at half tide.');
    expect(Subject::query()->where('note', 'Fills at half tide.')->exists())->toBeFalse();
})->with([
    'no name' => [['name' => ''], 'name', 'What is it called?'],
    'a name that is there' => [['name' => 'the posts in swell'], 'name', 'of that name'],
    'no place' => [['place' => ''], 'place', 'At which place?'],
    'a place that is gone' => [['place' => '999'], 'place', 'gone'],
    'half a float' => [['float_s' => ''], 'float_s', 'Both are needed'],
    'half a chop' => [['kind' => 'swell', 'chop_height' => '1'], 'chop_period', 'Both are needed'],
    'a distance in words' => [['distance' => 'far'], 'distance', 'must be a number'],
    'no distance' => [['distance' => ''], 'distance', 'needed'],
    'a speed of light' => [['measure' => 'speed', 'speed' => '1e9'], 'speed', 'must be a number'],
    'a lens of nothing' => [['focal' => '0'], 'focal', 'between'],
    'round and round' => [['facing' => '720'], 'facing', 'between'],
    'a water that is none' => [['kind' => 'custard'], 'kind', 'not one of the choices'],
]);

it('keeps the water on the bench at a place: what the fields say, named, and back again', function (): void {
    $query = benchQuery(['kind' => 'river', 'speed' => '1.25', 'distance' => '14', 'place' => (string) ledge()->id, 'subject' => '',
        'look' => 'brushed', 'look_was' => 'brushed']);
    $form = $this->followingRedirects()->post('/subjects/draft', $query)->assertOk();
    $form->assertSee('value="1.25"', false)->assertSee('value="14"', false)->assertSee('<option value="brushed" selected>', false)
        ->assertSee('name="to_bench"', false);
    $this->post('/subjects', subjectForm(['name' => 'the race', 'kind' => 'river', 'measure' => 'speed', 'speed' => '1.25',
        'to_bench' => '1']))
        ->assertRedirect('/bench?take='.Subject::query()->where('name', 'the race')->value('id'));
    // What could not be worked out is not kept.
    $this->post('/subjects/draft', ['speed' => 'fast'] + $query)->assertStatus(422)->assertSee('id="f-speed-problem"', false);
});

it('keeps a measurement as a subject where it was made', function (): void {
    $measured = Measurement::factory()->create(['kind' => MeasurementKind::Float, 'place_id' => ledge()->id,
        'data' => ['speed_m_s' => 2.33]]);
    $this->get('/water')->assertSee('Keep as a subject');
    $this->get('/subjects/new?measured='.$measured->id)->assertOk()->assertSee('value="2.33"', false)
        ->assertSee('<option value="'.ledge()->id.'" selected>', false);
});

it('stands where an outing is under way, else where the last frame was planned, else nowhere', function (): void {
    $at = fn (string $query = ''): string => iAmAt((string) $this->flushSession()->get('/bench'.$query)->assertOk()->getContent());
    $stair = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $step = $stair->subjects->firstOrFail();
    expect($at())->toBe((string) $step->id);
    Outing::query()->delete();
    Outing::query()->create(['place_id' => ledge()->id, 'starts_at' => now()->addHour(), 'ends_at' => now()->addHours(3)]);
    expect($at())->toBe((string) ledge()->subjects->firstOrFail()->id);
    Outing::query()->delete();
    Outing::query()->create(['place_id' => ledge()->id, 'starts_at' => now()->addHours(3), 'ends_at' => now()->addHours(5)]);
    expect($at())->toBe((string) $step->id);
    // A place without a subject stands for itself; what the address says goes before everything.
    $stair->subjects()->delete();
    expect($at())->toBe('place:'.$stair->id)->and($at('?place='.ledge()->id))->toBe('place:'.ledge()->id)
        ->and($at('?look=silk&subject='))->toBe('');
    Frame::query()->delete();
    expect($at())->toBe('');
});

it('lets light, walls and the frame follow the place, with a subject or without', function (): void {
    Outing::query()->delete();
    Outing::query()->create(['place_id' => ledge()->id, 'starts_at' => now(), 'ends_at' => now()->addHours(4)]);
    $query = benchQuery(['kind' => 'swell', 'period' => '8', 'place' => (string) ledge()->id, 'subject' => '']);
    $page = (string) $this->get('/bench?'.http_build_query($query))->assertOk()->getContent();
    $posted = $this->post(shootThis($page), $query);
    $frame = Frame::query()->findOrFail((int) basename((string) $posted->headers->get('Location')));
    expect([$frame->place_id, $frame->subject_id])->toBe([ledge()->id, null]);
    $this->get('/shoot/'.$frame->id)->assertSee('Marrow Shelf');
    // One press takes the place away, another brings it with its subject.
    expect(iAmAt((string) $this->get('/bench?'.http_build_query(['take' => '',
        'take_was' => 'place:'.ledge()->id] + $query))->getContent()))->toBe('');
    $subject = ledge()->subjects->firstOrFail();
    $taken = $this->get('/bench?'.http_build_query(['take' => (string) $subject->id, 'take_was' => 'place:'.ledge()->id,
        'distance' => '99'] + $query))->assertOk();
    expect(iAmAt((string) $taken->getContent()))->toBe((string) $subject->id);
    $taken->assertSee('name="distance" value="12"', false);
    // What was typed after it was taken is not taken back.
    $this->get('/bench?'.http_build_query(['take' => (string) $subject->id, 'take_was' => (string) $subject->id,
        'subject' => (string) $subject->id, 'distance' => '99'] + $query))
        ->assertSee('name="distance" value="99"', false);
});

it('lets go of a subject when the water is another, keeps the place, and says so', function (): void {
    $subject = ledge()->subjects->firstOrFail();
    $query = benchQuery(['kind' => 'river', 'subject' => (string) $subject->id, 'place' => (string) ledge()->id]);
    $page = $this->get('/bench?'.http_build_query($query))->assertOk()->assertSee('“the posts in swell” was let go: the water is another.');
    expect(iAmAt((string) $page->getContent()))->toBe('place:'.ledge()->id);
    $this->get('/bench?'.http_build_query(['kind' => 'swell', 'period' => '8'] + $query))->assertOk()->assertDontSee('was let go');
});

it('learns stand and way out from what is seen, and never lowers what stayed dry (safety)', function (): void {
    $height = fn (string $at): float => (function (float $unix): float {
        return (float) resolve(PlaceTide::class)->curve(ledge(), $unix - 3600, $unix + 3600)?->heightM($unix);
    })((float) Carbon::parse($at, 'Europe/London')->getTimestamp());
    $to = '/places/'.ledge()->id.'/stand';
    $this->post($to, ['which' => 'stand_m', 'seen' => 'edge'])->assertRedirect();
    expect(ledge()->stand_m)->toBe(round($height('2026-11-24 09:00'), 2));
    $this->post($to, ['which' => 'way_out_m', 'seen' => 'edge', 'stand_at' => '2026-11-23T12:00'])->assertRedirect();
    expect(ledge()->way_out_m)->toBe(round($height('2026-11-23 12:00'), 2));
    // Seen dry: at least so high; what is known to be higher stays.
    ledge()->update(['stand_m' => 9.0]);
    $this->post($to, ['which' => 'stand_m', 'seen' => 'dry'])->assertSessionHas('done',
        fn (string $s): bool => str_contains($s, 'Nothing was changed'));
    expect(ledge()->stand_m)->toBe(9.0);
    ledge()->update(['stand_m' => null]);
    $this->post($to, ['which' => 'stand_m', 'seen' => 'dry', 'stand_at' => '2026-11-23T12:00']);
    expect(ledge()->stand_m)->toBe(round($height('2026-11-23 12:00'), 2));
    foreach ([['stand_at' => 'yesterday week'], ['which' => 'the roof'], ['seen' => 'nothing'],
        ['stand_at' => '9999-01-01T00:00']] as $bad) {
        $this->from('/places/'.ledge()->id)->post($to, $bad + ['which' => 'stand_m', 'seen' => 'edge'])
            ->assertRedirect('/places/'.ledge()->id)->assertSessionHasErrors(null, null, isset($bad['stand_at']) ? 'default' : 'stand');
    }
    $inland = Place::query()->where('name', 'Thrennet Stair')->firstOrFail();
    $this->post('/places/'.$inland->id.'/stand', ['which' => 'stand_m', 'seen' => 'edge'])->assertSessionHasErrors('stand_at');
    $this->get('/places/'.ledge()->id)->assertSee('My feet are at the water’s edge now')->assertSee('between two waves');
});

it('sets a level mark where the water stands now', function (): void {
    $this->post('/places/'.ledge()->id.'/marks', ['name' => 'the iron ring', 'above' => '1', 'height_m' => '', 'seen_now' => '1'])
        ->assertRedirect();
    $unix = (float) now()->getTimestamp();
    expect(ledge()->marks()->where('name', 'the iron ring')->value('height_m'))
        ->toBe(round((float) resolve(PlaceTide::class)->curve(ledge(), $unix - 3600, $unix + 3600)?->heightM($unix), 2));
});

it('shows sightings that speak against each other with their dates, and strikes out what is not trusted', function (): void {
    $mark = ledge()->marks()->where('name', 'water reaches the posts')->firstOrFail();
    expect($mark->learned()->isContradicted())->toBeTrue();
    $before = (float) $mark->heightM();
    $against = $mark->sightings->filter(fn (Sighting $s): bool => ! $s->reached)->sortByDesc('predicted_m')->first();
    expect($against->predicted_m)->toBeLessThan($before);
    $page = $this->get('/places/'.ledge()->id)->assertOk()->assertSee('speak against each other')->assertSee('is-against', false);
    expect(substr_count((string) $page->getContent(), 'class="is-against"'))->toBe(2);
    $this->put("/sightings/{$against->id}/struck")->assertRedirect()->assertSessionHas('done');
    $mark = $mark->fresh('sightings');
    expect($mark->learned()->isContradicted())->toBeFalse()->and($mark->heightM())->toBeLessThan($before)
        ->and($mark->sightings)->toHaveCount(6);
    $this->get('/places/'.ledge()->id)->assertSee('Count it again')->assertDontSee('speak against');
    $this->travel(2)->seconds();
    $this->put("/sightings/{$against->id}/struck");
    expect($mark->fresh('sightings')->heightM())->toBe($before);
});
