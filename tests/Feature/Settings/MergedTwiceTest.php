<?php

declare(strict_types=1);

// Two machines that know of the same things by other names for life, and of other things by the same names: merged, none is lost and none
// becomes another.

use App\Files\Backup\Into;
use App\Files\Backup\OpenedBackup;
use App\Files\Backup\Restore;
use App\Models\Calibration;
use App\Models\Drop;
use App\Models\Frame;
use App\Models\Photo;
use App\Models\Place;
use App\Models\Subject;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->merge = fn (string $backup): array => app(Restore::class)->run(OpenedBackup::open($backup), Into::Merge);
    $this->uid = fn (int $n): string => sprintf('%08x-0000-4000-a000-000000000000', $n);
});

it('knows a photograph again by its file, which was taken in on both', function (): void {
    $photos = Photo::query()->count();
    $calibrations = Calibration::query()->count();
    $backup = ($this->written)();
    foreach (Photo::query()->pluck('id') as $id) {
        DB::table('photos')->where('id', $id)->update(['uid' => ($this->uid)($id), 'updated_at' => '2030-01-01 00:00:00']);
    }
    $plan = app(Restore::class)->plan(OpenedBackup::open($backup), Into::Merge);
    expect(($this->merge)($backup))->toBe($plan)->and($plan['photos']['added'])->toBe(0)->and(Photo::query()->count())->toBe($photos)
        ->and(Calibration::query()->count())->toBe($calibrations)->and(DB::select('PRAGMA foreign_key_check'))->toBe([]);
});

it('takes a photograph that was deleted and taken in once more for what it is, whatever its number', function (): void {
    $photo = Photo::query()->whereNotNull('frame_id')->firstOrFail();
    $backup = ($this->written)();
    $row = (array) DB::table('photos')->find($photo->id);
    DB::table('photos')->delete($photo->id);
    DB::table('photos')->insert(['id' => 4711, 'uid' => ($this->uid)(1)] + $row);
    ($this->merge)($backup);
    expect(Photo::query()->where('sha256', $photo->sha256)->sole()->id)->toBe(4711);
});

it('keeps two places apart of which one was renamed and the other has its old name', function (string $changedHere, string $name): void {
    $old = Place::query()->whereHas('subjects')->firstOrFail();
    $was = $old->name;
    DB::table('places')->where('id', $old->id)->update(['updated_at' => '2026-11-20 10:00:00']);
    $other = Place::query()->create(['name' => 'Newcomer', 'tide' => 'none', 'timezone' => 'UTC']);
    $water = Subject::query()->create(['place_id' => $other->id, 'name' => 'Its water', 'water_kind' => 'river', 'distance_m' => 4]);
    DB::table('places')->where('id', $old->id)->update(['name' => 'Renamed', 'updated_at' => '2026-11-25 10:00:00']);
    DB::table('places')->where('id', $other->id)->update(['name' => mb_strtoupper($was)]);
    $backup = ($this->written)();
    $subjects = Subject::query()->where('place_id', $old->id)->count();
    // The other machine, before: it knows the old one by its old name, and none of the newcomer.
    $water->delete();
    $other->delete();
    DB::table('places')->where('id', $old->id)->update(['name' => $was, 'updated_at' => $changedHere]);

    // What it would do is said beforehand, the new name too.
    $restore = app(Restore::class);
    $plan = $restore->plan(OpenedBackup::open($backup), Into::Merge);
    $new = str_contains($name, '(2)') ? [['name' => mb_strtoupper($was), 'as' => sprintf($name, mb_strtoupper($was))]] : [];
    expect($restore->renamed())->toBe($new);
    $shown = $this->post('/settings/backup', ['backup' => new UploadedFile($backup, 'backup.zip', null, null, true)])->headers->get('location');
    $page = $this->get((string) $shown)->assertOk();
    $new === [] ? $page->assertDontSee('it comes as')
        : $page->assertSeeInOrder(['is the name of another here: it comes as', $new[0]['as']]);

    expect(($this->merge)($backup))->toBe($plan);
    $newcomer = Subject::query()->where('name', 'Its water')->sole()->place_id;
    expect($newcomer)->not->toBe($old->id)->and(Place::query()->findOrFail($newcomer)->name)->toBe(sprintf($name, mb_strtoupper($was)))
        ->and(Subject::query()->where('place_id', $old->id)->count())->toBe($subjects)
        ->and(Place::query()->findOrFail($old->id)->name)->toBe($changedHere < '2026-11-25' ? 'Renamed' : $was)
        ->and(DB::select('PRAGMA foreign_key_check'))->toBe([]);
})->with([
    'renamed there since' => ['2026-11-20 10:00:00', '%s'], 'changed here since: the newcomer gives way' => ['2026-11-28 10:00:00', '%s (2)'],
]);

it('says that what was deleted is here again by a backup, where it is brought back once more', function (): void {
    $backup = ($this->written)();
    $frame = Frame::query()->firstOrFail();
    $this->delete("/log/{$frame->id}");
    ($this->merge)($backup);
    expect(Frame::query()->whereKey($frame->id)->exists())->toBeTrue();
    $this->post('/undo/'.Drop::query()->value('id'))->assertSessionHas('problem', 'It is here already: a backup brought it back.');
});

it('refuses a backup in which one file is two photographs', function (): void {
    $path = tampered(($this->written)(), edited('photos.json', function (stdClass $document): void {
        $document->records[1]->sha256 = $document->records[0]->sha256;
    }));
    expect(fn () => OpenedBackup::open($path))->toBeRefused('same name or number', 'backup');
});
