<?php

declare(strict_types=1);

use App\Devices\Camera\ExifBlock;
use App\Files\Photo\PhotoShelf;
use App\Models\Calibration;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Photo;
use App\Models\PhotoRole;
use App\Models\Subject;
use App\Rooms\Log\CameraClocks;
use App\Rooms\Log\PhotoOutcome;
use App\Rooms\Log\TakePhoto;
use GentlePour\Exposure\SteppedLight;
use GentlePour\Photo\ShotSettings;
use GentlePour\Photo\Srgb;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;

// Pictures come in by the log's door, each to its frame. The pictures are drawn here; their EXIF is written as cameras write it.

beforeEach(function (): void {
    Photo::query()->delete();
    $this->folder = sys_get_temp_dir().'/taking-'.getmypid();
    @mkdir($this->folder);
});

afterEach(function (): void {
    exec('rm -rf '.escapeshellarg($this->folder));
});

/** The bytes of a picture of its own, taken so. */
function pictureTaken(ShotSettings $how, int $seed = 1, int $width = 96, int $height = 64, float $bright = 1.0): string
{
    $image = imagecreatetruecolor($width, $height);
    for ($i = 0; $i < $width * $height; $i++) {
        $level = Srgb::level($bright * (0.05 + 0.3 * (0.5 + 0.5 * sin($i * $seed / 7 + $i / $width))));
        imagesetpixel($image, $i % $width, intdiv($i, $width), $level << 16 | $level << 8 | $level);
    }
    ob_start();
    imagejpeg($image, null, 90);

    return ExifBlock::into((string) ob_get_clean(), $how);
}

function takenAs(Frame $frame, int $secondsOff = 0, ?float $aperture = null): ShotSettings
{
    $way = $frame->plan->way;
    $at = $frame->opened_at?->copy()->addSeconds($secondsOff)->format('Y-m-d\TH:i:s');

    return new ShotSettings('Made-up M1', 'Made-up 24', $aperture ?? $way->aperture, $frame->open_s, $way->iso, 24.0, $at);
}

function sentIn(string $bytes, string $name = 'IMG_1.JPG'): UploadedFile
{
    return UploadedFile::fake()->createWithContent($name, $bytes);
}

it('lays a picture beside its frame, learns the camera’s clock from it, and goes by that from then on', function (): void {
    [$one, $two] = [Frame::query()->findOrFail(1), Frame::query()->findOrFail(2)];
    // The camera stands an hour ahead.
    $said = $this->postJson('/photos', ['files' => [sentIn(pictureTaken(takenAs($one, 3600)))]])->assertOk()->json('taken.0');
    expect($said['outcome'])->toBe('matched')->and($said['to'])->toEndWith('/log/1')
        ->and($one->photo()->first()?->taken_at?->timestamp)->toBe($one->opened_at?->timestamp)
        ->and(app(CameraClocks::class)->offsetS(takenAs($one)))->toBe(-3600.0);
    // The next is known by its time, though its aperture was another; and that is said.
    $this->postJson('/photos', ['files' => [sentIn(pictureTaken(takenAs($two, 3610, 16.0), 2))]])->assertJsonPath('taken.0.outcome',
        'matched');
    $this->get('/log/2')->assertOk()->assertSee('Planned '.$two->plan->way->apertureLabel.', taken at f/16.')
        ->assertSee('photos/'.$two->photo()->value('id').'.jpg');
    // Its pictures are there to be seen; the working picture is a JPEG, and nothing else is sent as one.
    $photo = $two->photo()->firstOrFail();
    foreach (["/photos/{$photo->id}.jpg", "/photos/{$photo->id}-small.jpg"] as $path) {
        $this->get($path)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }
    $this->get("/photos/{$photo->id}/original")
        ->assertOk()->assertHeader('Content-Type', 'application/octet-stream')->assertDownload("original-{$photo->id}");
});

it('takes the same file once, keeps the original to the byte or not at all, and says what it did without a script', function (): void {
    $bytes = pictureTaken(takenAs(Frame::query()->findOrFail(1)));
    $this->post('/photos', ['files' => [sentIn($bytes)]])->assertRedirect('/log/1')->assertSessionHas('done', 'IMG_1.JPG: Frame 1.');
    $this->post('/photos', ['files' => [sentIn($bytes, 'again.jpg')]])
        ->assertRedirect('/log/1')->assertSessionHas('done', 'again.jpg: Here already, with frame 1.');
    $photo = Photo::query()->firstOrFail();
    expect(Photo::query()->count())->toBe(1)->and(file_get_contents(app(PhotoShelf::class)->original($photo->sha256)))->toBe($bytes);
    $this->put('/settings/photos', ['originals' => '0'])->assertRedirect();
    $this->post('/photos', ['files' => [sentIn(pictureTaken(takenAs(Frame::query()->findOrFail(2)), 3))]]);
    $second = Photo::query()->latest('id')->firstOrFail();
    expect(is_file(app(PhotoShelf::class)->original($second->sha256)))->toBeFalse();
    $this->get("/photos/{$second->id}/original")->assertNotFound();
    $this->get("/photos/{$second->id}/check")->assertOk()->assertSee('Next frame');
});

it('knows a base by the reading of its frame, and checks and calibrates with it', function (): void {
    $frame = Frame::query()->where('filters_label', 'Fifteen')->firstOrFail();
    $at = $frame->opened_at?->copy()->subMinutes(2)->format('Y-m-d\TH:i:s');
    $take = app(TakePhoto::class);
    foreach ([[takenAs($frame), 2 ** -0.3, 'long.jpg'], [new ShotSettings('Made-up M1', null, 11.314, 1 / 128, 100.0, 24.0, $at), 1.0,
        'base.jpg']] as [$how, $bright, $name]) {
        file_put_contents("{$this->folder}/{$name}", pictureTaken($how, 1, 240, 160, $bright));
        $taken[] = $take("{$this->folder}/{$name}", $name);
    }
    expect([$taken[0]->outcome, $taken[1]->outcome])->toBe([PhotoOutcome::Matched, PhotoOutcome::Base])
        ->and($taken[1]->photo?->role)->toBe(PhotoRole::Base);
    $this->get("/photos/{$taken[0]->photo?->id}/check")->assertOk()->assertSee('0.30 stops darker')->assertSee('⅓ stop more');
    Calibration::query()->delete();
    $this->post("/log/{$frame->id}/filter")->assertRedirect("/log/{$frame->id}#filter");
    $found = Calibration::query()->firstOrFail();
    $added = log($frame->open_s * $frame->plan->way->iso / $frame->plan->way->aperture ** 2 / (1 / 128 * 100 / 11.314 ** 2), 2);
    expect($found->stops - $found->drift_stops)->toBeAbout($added + 0.3, 0.05)->and($found->red_stops)->toBeAbout(0.0, 0.05);
    $this->put("/calibrations/{$found->id}/use")->assertSessionHas('done');
    $fifteen = Filter::query()->where('name', 'Fifteen')->firstOrFail();
    expect($fifteen->measured_stops)->toBeAbout($found->stops, 0.01)
        ->and($fifteen->measured_on?->toDateString())->toBe($found->created_at->toDateString())
        ->and($fifteen->toKit()->stops()?->value)->toBeAbout($found->stops, 0.01);
    $this->get('/learned')->assertOk()->assertSee(number_format($found->stops, 2));
    $this->delete("/calibrations/{$found->id}")->assertSessionHas('undo');
    expect(Calibration::query()->count())->toBe(0);
});

it('puts frames that nobody planned into the log, with place and water as of that minute, and works them out anew when it is told', function (): void {
    $near = Frame::query()->findOrFail(1);
    $how = new ShotSettings('Made-up M1', null, 11.0, 5.0, 100.0, 24.0,
        $near->opened_at?->copy()->addMinutes(40)->format('Y-m-d\TH:i:s').'+00:00');
    $said = $this->postJson('/photos', ['files' => [sentIn(pictureTaken($how))]])->assertJsonPath('taken.0.outcome',
        'found')->json('taken.0');
    $frame = Frame::query()->latest('id')->firstOrFail();
    expect($frame->by_file)->toBeTrue()->and($frame->subject?->name)->toBe('the posts in swell')->and($frame->open_s)->toBeAbout(5.0, 0.01)
        ->and($frame->opened_at?->format('H:i'))->toBe($near->opened_at?->copy()->addMinutes(40)->format('H:i'))
        ->and($frame->plan->way->filters)->toBe([]);
    $this->get($said['to'])->assertOk()->assertSee('Nobody planned it');
    $step = Subject::query()->where('name', 'the middle step')->firstOrFail();
    $six = Filter::query()->where('name', 'Six')->firstOrFail();
    $this->put("/log/{$frame->id}/water", ['subject' => $step->id, 'on' => [$six->id]])->assertRedirect("/log/{$frame->id}");
    $told = $frame->fresh();
    expect($told?->subject_id)->toBe($step->id)->and($told?->plan->way->filters)->toBe(['Six'])->and($told?->filters_label)->toBe('Six')
        ->and($told?->plan->texture)->not->toBe($frame->plan->texture)->and($told?->photo()->count())->toBe(1);
    $this->put("/log/{$frame->id}/water", ['subject' => 999999, 'on' => []])->assertSessionHasErrors('subject');
    $this->put("/log/{$frame->id}/water", ['on' => range(1, 9)])->assertSessionHasErrors('on');
    $this->put('/log/1/water', ['subject' => $step->id])->assertSessionHasErrors('on');
});

it('opens a planned frame by its file, where nobody counted it', function (): void {
    $planned = Frame::query()->findOrFail(3)->replicate(['uid']);
    $planned->fill(['opened_at' => null, 'open_s' => null, 'blur' => null, 'judged_at' => null])->save();
    $way = $planned->plan->way;
    $how = new ShotSettings('Made-up M1', null, $way->aperture, $planned->planned_s, $way->iso, 24.0,
        now()->addMinutes(5)->format('Y-m-d\TH:i:s').'+00:00');
    $this->postJson('/photos', ['files' => [sentIn(pictureTaken($how))]])->assertJsonPath('taken.0.outcome', 'matched');
    expect($planned->fresh()?->open_s)->toBeAbout($planned->planned_s, 0.01)->and($planned->fresh()?->opened_at)->not->toBeNull();
});

it('keeps a picture that does not say when it was taken, and asks which frame it shows', function (): void {
    $this->postJson('/photos', ['files' => [sentIn(pictureTaken(new ShotSettings))]])->assertJsonPath('taken.0.outcome', 'open');
    $photo = Photo::query()->firstOrFail();
    $this->get('/log')->assertSee('One picture lies');
    $this->get('/photos/open')->assertOk()->assertSee('IMG_1.JPG');
    $this->put("/photos/{$photo->id}/frame", ['frame' => '', 'role' => 'frame'])->assertSessionHasErrors('frame');
    $this->put("/photos/{$photo->id}/frame", ['frame' => 4, 'role' => 'sister'])->assertSessionHasErrors('role');
    $this->put("/photos/{$photo->id}/frame", ['frame' => 4, 'role' => 'base'])->assertRedirect('/log/4');
    expect($photo->fresh()?->role)->toBe(PhotoRole::Base)->and($photo->fresh()?->frame_id)->toBe(4);
    $this->delete("/photos/{$photo->id}")->assertRedirect('/log/4')->assertSessionHas('undo');
    $this->post('/undo/'.session('undo'));
    expect(Photo::query()->count())->toBe(1);
});

it('keeps areas as they were drawn, refuses what is none, and hands them on to the next picture of the water', function (): void {
    $this->postJson('/photos', ['files' => [sentIn(pictureTaken(takenAs(Frame::query()->findOrFail(1))))]]);
    $photo = Photo::query()->firstOrFail();
    $this->put("/photos/{$photo->id}/areas", ['water_area' => '0,0.5,1,0.5', 'still_area' => '0.1,0.1,0.3,0.3'])
        ->assertRedirect('/log/1#check');
    $this->put("/photos/{$photo->id}/areas", ['water_area' => '0,0.5,1,0.7'])->assertSessionHasErrors('water_area');
    $this->put("/photos/{$photo->id}/areas", ['still_area' => 'all'])->assertSessionHasErrors('still_area');
    expect($photo->fresh()?->water()?->toArray())->toBe([0.0, 0.5, 1.0, 0.5]);
    $this->get("/photos/{$photo->id}/check")->assertSee('by the water');
    $this->postJson('/photos', ['files' => [sentIn(pictureTaken(takenAs(Frame::query()->findOrFail(2)), 5))]]);
    expect(Photo::query()->latest('id')->firstOrFail()->still()?->toArray())->toBe([0.1, 0.1, 0.3, 0.3]);
});

it('takes in what comes with a frame’s light noted and a list’s frame as well, and leaves both as they are', function (): void {
    $frame = Frame::query()->findOrFail(1);
    $frame->update(['light_changes' => SteppedLight::read('1:-1')->written()]);
    $this->postJson('/photos', ['files' => [sentIn(pictureTaken(takenAs($frame)))]])->assertJsonPath('taken.0.outcome', 'matched');
    expect($frame->fresh()?->light_changes)->not->toBeNull()
        ->and($frame->fresh()?->opened_at?->equalTo(Carbon::instance($frame->opened_at)))->toBeTrue();
});
