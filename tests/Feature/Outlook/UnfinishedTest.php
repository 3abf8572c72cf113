<?php

declare(strict_types=1);

use App\Models\Filter;
use App\Models\Frame;
use App\Models\Outing;
use App\Models\Photo;
use App\Models\Place;
use App\Rooms\Outlook\Unfinished;

// The outlook says what waits for a hand, and where it is done; what is done is not said.

/** @return list<string> */
function unfinishedWords(): array
{
    return array_column(resolve(Unfinished::class)->all(), 0);
}

it('says what waits: verdicts, pictures without a frame, outings that have ended, filters as they are engraved', function (): void {
    Frame::query()->update(['blur' => 'right']);
    Photo::query()->whereNull('frame_id')->delete();
    Filter::query()->update(['measured_stops' => 5.0]);
    Outing::query()->get()->each->delete();
    $calm = unfinishedWords();

    Frame::query()->whereNotNull('open_s')->oldest('id')->firstOrFail()
        ->update(['blur' => null, 'exposure_thirds' => null, 'keeper' => null, 'opened_at' => now()->subDays(3)]);
    Photo::query()->oldest('id')->firstOrFail()->update(['frame_id' => null]);
    Filter::query()->where('name', 'Ten')->firstOrFail()->update(['measured_stops' => null]);
    Outing::query()->create(['place_id' => Place::query()->where('name', 'Marrow Shelf')->value('id'), 'starts_at' => now()->subDays(2),
        'ends_at' => now()->subDays(2)->addHour()]);
    $new = array_values(array_diff(unfinishedWords(), $calm));

    expect($new)->toBe([
        'The outing to Marrow Shelf has ended: what came of it?', 'A frame waits for its verdict.', 'A picture has no frame yet.',
        'Taken as engraved, never measured: Ten.',
    ]);
    $this->get('/')->assertOk()->assertSee('wait for your hand')->assertSee('A frame waits for its verdict.')
        ->assertSee(route('photos.open'), false);
});

it('lets old frames and outings be, and weak filters', function (): void {
    $before = unfinishedWords();
    Outing::query()->create(['place_id' => Place::query()->value('id'), 'starts_at' => now()->subDays(90),
        'ends_at' => now()->subDays(90)->addHour()]);
    Filter::query()->where('name', 'Three')->firstOrFail()->update(['measured_stops' => null]);
    Frame::query()->whereNotNull('open_s')->oldest('id')->firstOrFail()->update(['blur' => null, 'exposure_thirds' => null,
        'keeper' => null, 'opened_at' => now()->subDays(400)]);

    expect(array_diff(unfinishedWords(), $before))->toBe([]);
});
