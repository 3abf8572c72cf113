<?php

declare(strict_types=1);

use App\Models\Calibration;
use App\Models\Drop;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\LevelMark;
use App\Models\Measurement;
use App\Models\Outing;
use App\Models\Photo;
use App\Models\Place;
use App\Models\ShotList;
use App\Models\Sighting;
use Illuminate\Support\Facades\DB;

/** @return array<string, list<array<string, mixed>>> every row of every table that a press can delete from */
function everything(): array
{
    $tables = ['places', 'level_marks', 'sightings', 'subjects', 'outings', 'tide_entries', 'frames', 'shot_lists', 'measurements',
        'filters', 'cameras', 'lenses'];

    return array_combine($tables,
        array_map(fn (string $t): array => DB::table($t)->orderBy('id')->get()->map(fn ($r): array => (array) $r)->all(), $tables));
}

it('brings back whatever a press deleted, with all that went along, exactly as it was', function (callable $address): void {
    $list = ShotList::query()->first() ?? ShotList::query()->create(['title' => 'Two', 'note' => null, 'total_s' => 60]);
    Frame::query()->limit(2)->get()->each(fn (Frame $f) => $f->update(['shot_list_id' => $list->id]));
    Frame::query()->latest('id')->first()?->update(['shot_list_id' => $list->id, 'open_s' => null, 'opened_at' => null]);
    Measurement::factory()->create(['place_id' => Place::query()->firstOrFail()->id]);
    $before = everything();
    $gone = $this->delete($address());
    $gone->assertRedirect()->assertSessionHas('undo');
    expect(everything())->not->toEqual($before);
    $this->get((string) $gone->headers->get('Location'))->assertOk();
    $this->post('/undo/'.Drop::query()->latest('id')->value('id'))->assertRedirect()->assertSessionHas('done', 'It is back, as it was.');
    expect(everything())->toEqual($before)->and(Drop::query()->count())->toBe(0);
})->with([
    'a place with its marks, subjects, outings and sightings' => [fn () => '/places/'.Place::query()->firstOrFail()->id],
    'a mark' => [fn () => '/marks/'.LevelMark::query()->firstOrFail()->id],
    'a sighting' => [fn () => '/sightings/'.Sighting::query()->firstOrFail()->id],
    'an outing' => [fn () => '/outings/'.(Outing::query()->first() ?? Outing::factory()->create())->id],
    'a frame that others came after' => [fn () => '/log/'.(Frame::query()->whereIn('id',
        Frame::query()->whereNotNull('after_frame_id')->select('after_frame_id'))->first() ?? Frame::query()->firstOrFail())->id],
    'a list with what waits in it' => [fn () => '/lists/'.ShotList::query()->firstOrFail()->id],
    'a measurement' => [fn () => '/water/measurements/'.Measurement::query()->firstOrFail()->id],
    'a filter' => [fn () => '/kit/filter/'.Filter::query()->firstOrFail()->id],
]);

it('shows the way back beside the word that something is gone', function (): void {
    $mark = LevelMark::query()->firstOrFail();
    $this->followingRedirects()->delete("/marks/{$mark->id}")->assertOk()->assertSee('The mark is gone.')
        ->assertSee('/undo/'.Drop::query()->value('id'))->assertSee('Undo');
});

it('says when it is too late, done already, or its name is taken', function (): void {
    $this->post('/undo/999')->assertRedirect()->assertSessionHas('problem', 'That is undone already, or too long ago to be undone.');
    $filter = Filter::query()->firstOrFail();
    $row = (array) DB::table('filters')->find($filter->id);
    $this->delete("/kit/filter/{$filter->id}");
    DB::table('filters')->insert([...$row, 'id' => 999, 'uid' => '0f8fad5b-d9cb-469f-a165-70867728950e']);
    $drop = Drop::query()->value('id');
    $this->post("/undo/{$drop}")
        ->assertRedirect()->assertSessionHas('problem', 'It cannot come back: something else has taken its name meanwhile. Give that another name, and bring this back then.');
    expect(Drop::query()->count())->toBe(1);
});

it('says what to bring back first, and brings both back then', function (): void {
    $frame = Frame::query()->whereNotNull('place_id')->firstOrFail();
    $place = $frame->place_id;
    $this->delete("/log/{$frame->id}");
    $first = Drop::query()->value('id');
    $this->travel(1)->minutes();
    $this->delete("/places/{$place}");
    $this->post("/undo/{$first}")->assertSessionHas(
        'problem', 'It cannot come back yet: what it belonged to is deleted too. Bring that back first, from Settings, Deleted.',
    );
    $this->post('/undo/'.Drop::query()->whereKeyNot($first)->value('id'))->assertSessionHas('done');
    $this->post("/undo/{$first}")->assertSessionHas('done', 'It is back, as it was.');
    expect(Frame::query()->findOrFail($frame->id)->place_id)->toBe($place);
});

it('brings a frame back whose picture was taken in once more meanwhile, and lays that with it', function (bool $liesElsewhere): void {
    $calibration = Calibration::query()->whereNotNull('filtered_id')->firstOrFail();
    $photo = Photo::query()->findOrFail($calibration->filtered_id);
    $frame = $photo->frame_id;
    $other = Frame::query()->whereKeyNot($frame)->value('id');
    $photos = Photo::query()->where('frame_id', $frame)->count();
    $row = (array) DB::table('photos')->find($photo->id);
    $this->delete("/log/{$frame}");
    expect(Photo::query()->where('sha256', $photo->sha256)->exists())->toBeFalse();
    DB::table('photos')->insert([
        'id' => 4711, 'uid' => '0f8fad5b-d9cb-469f-a165-70867728950e', 'base_id' => null, 'frame_id' => $liesElsewhere ? $other : null,
    ] + $row);

    $this->post('/undo/'.Drop::query()->value('id'))->assertSessionHas('done');
    $again = Photo::query()->where('sha256', $photo->sha256)->sole();
    expect($again->id)->toBe(4711)->and($again->frame_id)->toBe($liesElsewhere ? $other : $frame)
        ->and(Photo::query()->where('frame_id', $frame)->count())->toBe($photos - ($liesElsewhere ? 1 : 0))
        ->and($calibration->fresh()?->filtered_id)->toBe(4711)->and(DB::select('PRAGMA foreign_key_check'))->toBe([]);
    $this->get("/log/{$frame}")->assertOk();
})->with(['and lies with none' => false, 'and lies with another frame' => true]);

it('answers the same form sent twice in a moment once, and the second time as the first', function (): void {
    $query = benchQuery();
    $address = shootThis((string) $this->get('/bench?'.http_build_query($query))->getContent());
    $before = Frame::query()->count();
    $first = $this->post($address, $query);
    $second = $this->post($address, $query);
    expect(Frame::query()->count())->toBe($before + 1)->and($second->headers->get('Location'))->toBe($first->headers->get('Location'));
    // Another form, or the same by a page that was opened anew since, is another press.
    $this->post($address, [...$query, 'distance' => '9']);
    usleep(650_000);
    $this->post(shootThis((string) $this->get('/bench?'.http_build_query($query))->getContent()), $query);
    expect(Frame::query()->count())->toBe($before + 3);
});

it('says what was done although the press came twice', function (): void {
    $filter = Filter::query()->firstOrFail();
    $wish = ['packed' => $filter->packed ? '0' : '1'];
    $this->put("/kit/filter/{$filter->id}/packed", $wish);
    $this->put("/kit/filter/{$filter->id}/packed", $wish)->assertRedirect();
    $this->get('/kit')->assertSee($filter->name.($filter->packed ? ' stays at home.' : ' is packed.'));
    expect($filter->fresh()?->packed)->toBe(! $filter->packed);
});

it('sends the state that is wished: the same wish minutes later, from a page that was left open, changes nothing', function (): void {
    $packed = fn (): bool => (bool) Filter::query()->firstOrFail()->packed;
    $release = fn (): bool => (bool) (settings()->read('carry')['release'] ?? false);
    preg_match_all('/name="packed" value="([01])"/', (string) $this->get('/kit')->getContent(), $wishes);
    expect($wishes[1])->toHaveCount(Filter::query()->count() + 1);
    $filter = Filter::query()->firstOrFail();
    foreach ([0, 1] as $time) {
        $this->travel(3)->minutes();
        $this->put("/kit/filter/{$filter->id}/packed", ['packed' => '0'])->assertSessionHas('done', "{$filter->name} stays at home.");
        expect($packed())->toBeFalse();
        $this->put('/kit/release', ['packed' => '0'])->assertSessionHas('done');
        expect($release())->toBeFalse();
    }
    $this->put('/kit/release', ['packed' => '1'])->assertSessionHas('done', 'The release is packed.');
    $this->put("/kit/filter/{$filter->id}/packed", ['packed' => 'maybe'])->assertSessionHasErrors('packed');
    $this->put('/kit/release')->assertSessionHasErrors('packed');
    expect($release())->toBeTrue()->and($packed())->toBeFalse();
});
