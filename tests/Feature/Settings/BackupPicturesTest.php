<?php

declare(strict_types=1);

// Photographs are the half of what a person would weep for: they go into a backup, and come back as they were.

use App\Files\Backup\BackupFile;
use App\Files\Backup\Backups;
use App\Files\Backup\Into;
use App\Files\Backup\OpenedBackup;
use App\Files\Backup\Pictures;
use App\Files\Backup\Restore;
use App\Files\Photo\Photograph;
use App\Files\Photo\PhotoShelf;
use App\Models\Frame;
use App\Models\Original;
use App\Models\Photo;
use App\Rooms\Log\PhotoOutcome;
use App\Rooms\Log\TakePhoto;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    // A shelf of this test, with two pictures, the original of one of them kept.
    Photo::query()->delete();
    $this->shelf = $this->folder.'/shelf';
    config(['photos.folder' => $this->shelf]);
    $this->lay = function (int $grey, bool $withOriginal): Photo {
        $image = imagecreatetruecolor(90, 60);
        imagefill($image, 0, 0, $grey * 0x010101);
        imagejpeg($image, $path = "{$this->folder}/{$grey}.jpg");
        $sha256 = (string) hash_file('sha256', $path);
        app(PhotoShelf::class)->keep($path, Photograph::open($path), $sha256, $withOriginal);

        return Photo::query()->create([
            'frame_id' => Frame::query()->value('id'), 'sha256' => $sha256, 'name' => "{$grey}.jpg", 'width' => 90, 'height' => 60,
            'original' => $withOriginal ? Original::Kept : Original::Left,
        ]);
    };
    [$this->first, $this->second] = [($this->lay)(90, true), ($this->lay)(140, false)];
    $this->wrote = function (Pictures $which = Pictures::Originals): string {
        app(BackupFile::class)->write($path = $this->folder.'/with-pictures.zip', $which);

        return $path;
    };
    $this->lying = function (): array {
        $found = [];
        foreach (glob($this->shelf.'/??/*') ?: [] as $path) {
            $found[substr($path, strlen($this->shelf))] = hash_file('sha256', $path);
        }

        return $found;
    };
});

it('brings pictures and originals back, byte for byte, for their owner’s eyes alone', function (Into $into): void {
    $before = ($this->lying)();
    expect($before)->toHaveCount(5);
    $path = ($this->wrote)();
    exec('rm -rf '.escapeshellarg($this->shelf));
    Photo::query()->delete();

    $this->artisan('pour:restore', ['file' => $path])->assertExitCode(0)->expectsOutputToContain('"added": 5');
    expect(($this->lying)())->toBe([]);
    $this->artisan('pour:restore', ['file' => $path, '--into' => $into->value])->assertExitCode(0);
    expect(($this->lying)())->toBe($before)->and(glob($this->shelf.'/*/*.part'))->toBe([])
        ->and(array_unique(array_map(fn (string $p): int => fileperms($p) & 0777, glob($this->shelf.'/??/*') ?: [])))->toBe([0600]);
    $photo = Photo::query()->where('sha256', $this->first->sha256)->firstOrFail();
    $this->get("/photos/{$photo->id}.jpg")->assertOk();
    $this->get("/photos/{$photo->id}/original")->assertOk();
    // Once more nothing is written.
    $back = app(Restore::class)->pictures(OpenedBackup::open($path));
    expect([$back->added, $back->here, $back->missing])->toBe([0, 5, 0]);
})->with(Into::cases());

it('takes along what was asked for, and each by its SHA-256', function (Pictures $which, array $kinds): void {
    $zip = new ZipArchive;
    $zip->open(($this->wrote)($which));
    $manifest = json_decode((string) $zip->getFromName('manifest.json'));
    $found = [];
    for ($i = 0; $i < $zip->numFiles; $i++) {
        $name = (string) $zip->getNameIndex($i);
        str_starts_with($name, 'photos/') && $found[$name] = hash('sha256', (string) $zip->getFromIndex($i));
    }
    $told = array_column($manifest->pictures, 'sha256', 'path');
    expect($found)->toEqualCanonicalizing($told)->and(array_keys($found))->toEqualCanonicalizing(array_keys($told))
        ->and(array_count_values(array_map(fn (string $n): string => substr($n, 71), array_keys($found))))->toEqual($kinds);
})->with([
    'none' => [Pictures::None, []],
    'working pictures' => [Pictures::Working, ['.jpg' => 2, '-small.jpg' => 2]],
    'originals too' => [Pictures::Originals, ['.jpg' => 2, '-small.jpg' => 2, '.original' => 1]],
]);

it('leaves an original out that is no longer what came in, and says which', function (): void {
    $original = app(PhotoShelf::class)->original($this->first->sha256);
    file_put_contents($original, 'rotten', FILE_APPEND);
    $path = $this->folder.'/rotten.zip';
    expect(Artisan::call('pour:backup', ['file' => $path]))->toBe(0)
        ->and(json_decode(Artisan::output(), true))->toMatchArray(['pictures' => 4, 'damaged' => [basename($original)]]);
    expect(OpenedBackup::open($path)->pictures()->names)->toHaveCount(4);
    $this->post('/settings/backup/download')->assertOk()->assertSessionHas('problem');
    $this->get('/settings/backup')->assertSee('90.jpg')->assertDontSee($this->first->sha256);
});

it('replaces what is damaged here by what a backup has, and leaves what is whole', function (): void {
    $before = ($this->lying)();
    $path = ($this->wrote)();
    $shelf = app(PhotoShelf::class);
    file_put_contents($shelf->original($this->first->sha256), 'rotten', FILE_APPEND);
    $half = (string) file_get_contents($shelf->working($this->second->sha256), length: 300);
    file_put_contents($shelf->working($this->second->sha256), $half);
    $back = app(Restore::class)->pictures(OpenedBackup::open($path));
    expect([$back->added, $back->here])->toBe([2, 3]);
    $this->artisan('pour:restore', ['file' => $path, '--into' => 'merge'])->assertExitCode(0);
    expect(($this->lying)())->toBe($before);
});

it('mends what is damaged or lost of a picture by the file, taken in once more', function (): void {
    $before = ($this->lying)();
    $shelf = app(PhotoShelf::class);
    file_put_contents($shelf->original($this->first->sha256), 'rotten', FILE_APPEND);
    unlink($shelf->thumb($this->second->sha256));
    foreach ([90, 140] as $grey) {
        expect(app(TakePhoto::class)("{$this->folder}/{$grey}.jpg", "{$grey}.jpg")->outcome)->toBe(PhotoOutcome::Here);
    }
    expect(($this->lying)())->toBe($before)->and(Photo::query()->count())->toBe(2);
});

it('asks on the page which pictures go along, says how large they are, and sends what is not kept here', function (): void {
    $this->get('/settings/backup')
        ->assertOk()->assertSeeInOrder(['originals kept here', 'kB', 'working pictures', 'kB', 'the records alone']);
    $sent = $this->post('/settings/backup/download', ['pictures' => 'working'])->assertOk()->assertDownload();
    $file = $sent->baseResponse->getFile()->getPathname();
    expect(OpenedBackup::open($file)->pictures()->names)->toHaveCount(4)
        ->and(array_filter(app(Backups::class)->all(), fn ($b): bool => $b->why !== 'daily'))->toBe([])
        ->and($sent->headers->get('Content-Disposition'))->toMatch('/gentle-pour-\d{8}T\d{6}Z-by-hand\.zip/');
    ob_start();
    $sent->baseResponse->sendContent();
    ob_end_clean();
    expect(is_file($file))->toBeFalse();
    // One whose sending was broken off goes with the next, once it is a day old.
    touch($this->folder.'/kept/leaving-abc.zip', time() - 90_000);
    touch($this->folder.'/kept/leaving-now.zip');
    $this->post('/settings/backup/download', ['pictures' => 'originals'])->assertOk();
    expect(is_file($this->folder.'/kept/leaving-abc.zip'))->toBeFalse()->and(is_file($this->folder.'/kept/leaving-now.zip'))->toBeTrue();
    $this->post('/settings/backup/download', ['pictures' => 'none'])->assertOk();
    expect(array_filter(app(Backups::class)->all(), fn ($b): bool => $b->why !== 'daily'))->toHaveCount(1);
    $this->post('/settings/backup/download', ['pictures' => 'all'])->assertSessionHasErrors('pictures');
    $this->post('/settings/backup/download', ['pictures' => ['working']])->assertSessionHasErrors('pictures');
    // More than a browser is sent: said before anything is read. A file with a hole in it is as long and takes no room.
    $file = fopen(app(PhotoShelf::class)->original($this->first->sha256), 'r+b');
    ftruncate($file, 2_100_000_000);
    fclose($file);
    $this->post('/settings/backup/download')->assertSessionHasErrors(['pictures']);
    $this->get('/settings/backup')->assertSee('2.1 GB')->assertSee('pour:backup FILE');
    // Where there are none, nothing is asked.
    Photo::query()->delete();
    $this->get('/settings/backup')->assertOk()->assertDontSee('the records alone');
});

it('takes one that was saved and laid back by hand, keeps it, and brings it back', function (): void {
    app(Backups::class)->take('by-hand');
    $name = 'gentle-pour-20240102T030405Z-by-hand';
    rename(($this->wrote)(), "{$this->folder}/kept/{$name}.zip");
    exec('rm -rf '.escapeshellarg($this->shelf));
    $this->travelTo(now()->startOfDay());
    for ($i = 0; $i < 16; $i++) {
        $this->travel(1)->minutes();
        app(Backups::class)->take('by-hand');
    }
    $all = array_map(fn ($b): string => $b->name, app(Backups::class)->all());
    expect($all)->toHaveCount(15)->and(end($all))->toBe($name);
    // No record would change, and yet there is something to bring back.
    $this->get("/settings/backup/{$name}")->assertOk()->assertSee('5 to be put back')
        ->assertSeeInOrder(['No record would change', 'Merge it in', 'No record would change', 'Replace everything']);
    $this->get("/settings/backup/{$name}.zip")->assertOk()->assertDownload($name.'.zip');
    $this->post("/settings/backup/{$name}", ['into' => 'replace'])->assertSessionHas('done');
    expect(($this->lying)())->toHaveCount(5);
    $this->get("/settings/backup/{$name}")->assertOk()->assertSee('all of them here already')->assertDontSee('Merge it in');
});

it('says of how many photographs the picture would be missing', function (): void {
    $this->travelTo(now()->startOfDay());
    $kept = app(Backups::class)->take('by-hand')->name;
    $this->get("/settings/backup/{$kept}")->assertOk()->assertDontSee('there is no picture');
    unlink(app(PhotoShelf::class)->working($this->second->sha256));
    unlink(app(PhotoShelf::class)->thumb($this->second->sha256));
    $this->get("/settings/backup/{$kept}")->assertOk()->assertSeeInOrder(['Of 1 photograph', 'there is no picture']);
});

it('changes no record where there is no room for the pictures', function (): void {
    $path = ($this->wrote)();
    Frame::query()->limit(2)->delete();
    $frames = Frame::query()->count();
    config(['photos.folder' => '/proc/nowhere']);
    $this->artisan('pour:restore',
        ['file' => $path, '--into' => 'merge'])->assertExitCode(2)->expectsOutputToContain('No record was changed');
    rename($path, "{$this->folder}/kept/gentle-pour-20240102T030405Z-by-hand.zip");
    $this->post('/settings/backup/gentle-pour-20240102T030405Z-by-hand', ['into' => 'merge'])->assertSessionHasErrors('backup');
    expect(Frame::query()->count())->toBe($frames);
});

it('keeps nothing of a picture that a full disk cuts short', function (): void {
    $name = str_repeat('a', 64).'.jpg';
    $short = fopen('php://memory', 'w+b');
    fwrite($short, 'abc');
    rewind($short);
    expect(fn () => app(PhotoShelf::class)->put($name, $short, 5))->toBeRefused('The pictures could not be kept: the disk is full');
    expect(glob($this->shelf.'/aa/*'))->toBe([]);
    rewind($short);
    app(PhotoShelf::class)->put($name, $short, 3);
    expect(file_get_contents($this->shelf."/aa/{$name}"))->toBe('abc');
});

it('refuses pictures that are none, or not those of the backup, and says why', function (callable $damage, string $says): void {
    $path = ($this->wrote)();
    exec('rm -rf '.escapeshellarg($this->shelf));
    tampered($path, fn (ZipArchive $zip) => $damage($zip, $this->first->sha256));
    expect(fn () => OpenedBackup::open($path))->toBeRefused($says, 'backup');
    $this->artisan('pour:restore', ['file' => $path, '--into' => 'merge'])->assertExitCode(2);
    expect(($this->lying)())->toBe([]);
})->with([
    'another picture' => [fn (ZipArchive $z, string $sha) => $z->addFromString("photos/{$sha}.jpg", 'x'), 'its SHA-256 is another'],
    'one that is gone' => [fn (ZipArchive $z, string $sha) => $z->deleteName("photos/{$sha}-small.jpg"), 'there is no photos/'],
    'one more' => [fn (ZipArchive $z) => $z->addFromString('photos/'.str_repeat('a', 64).'.jpg', 'x'),
        'of which its manifest does not know'],
    'one of no photograph' => [fn (ZipArchive $z) => toldPicture($z, str_repeat('a', 64).'.jpg', 'x'), 'belongs to no photograph'],
    'no picture' => [fn (ZipArchive $z, string $sha) => toldPicture($z, "{$sha}.jpg", '<script>alert(1)</script>'),
        'is no picture of at most 2048'],
    'an original that is another' => [fn (ZipArchive $z, string $sha) => toldPicture($z, "{$sha}.original", 'x'), 'its SHA-256 is another'],
    'far more than it seems' => [fn (ZipArchive $z, string $sha) => toldPicture($z, "{$sha}.original", str_repeat("\0", 9_000_000)),
        'unpacks to more'],
    'a picture larger than the shelf has' => [function (ZipArchive $z, string $sha): void {
        ob_start();
        imagejpeg(imagecreatetruecolor(2049, 9));
        toldPicture($z, "{$sha}.jpg", (string) ob_get_clean());
    }, 'is no picture of at most 2048'],
    'a path that leads out' => [fn (ZipArchive $z, string $sha) => $z->addFromString("photos/../{$sha}.jpg", 'x'), 'does not belong'],
    'a name that is none' => [fn (ZipArchive $z) => $z->addFromString('photos/shell.php', '<?php'), 'does not belong'],
]);

it('brings the records back alone where the pictures are damaged', function (): void {
    $path = ($this->wrote)();
    tampered($path, fn (ZipArchive $z) => $z->addFromString("photos/{$this->first->sha256}.jpg", 'x'));
    exec('rm -rf '.escapeshellarg($this->shelf));
    Photo::query()->delete();
    $this->artisan('pour:restore', ['file' => $path])->assertExitCode(2)->expectsOutputToContain('--records-only');
    $this->artisan('pour:restore', ['file' => $path, '--into' => 'merge', '--records-only' => true])->assertExitCode(0)
        ->expectsOutputToContain('"missing": 2');
    expect(Photo::query()->count())->toBe(2)->and(($this->lying)())->toBe([]);
});

it('writes by the command what is asked for', function (): void {
    $to = $this->folder.'/by-command.zip';
    $this->artisan('pour:backup', ['file' => $to])->assertExitCode(0)->expectsOutputToContain('"pictures": 5');
    $this->artisan('pour:backup', ['file' => $to, '--pictures' => 'none'])->assertExitCode(0)->expectsOutputToContain('"pictures": 0');
    $this->artisan('pour:backup',
        ['file' => $to, '--pictures' => 'some'])->assertExitCode(2)->expectsOutputToContain('"field": "pictures"');
});

it('packs without keeping others from writing', function (): void {
    $held = null;
    $level = DB::transactionLevel();
    DB::listen(function ($query) use (&$held, $level): void {
        str_contains($query->sql, 'from "photos"') && $held = max($held ?? 0, DB::transactionLevel() - $level);
        expect($query->sql)->not->toContain('DELETE FROM drops WHERE 0');
    });
    $this->post('/settings/backup/download', ['pictures' => 'working'])->assertOk();
    expect($held)->toBe(1); // the snapshot of the records, and no more
});
