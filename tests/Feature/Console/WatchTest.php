<?php

declare(strict_types=1);

use App\Models\Frame;
use App\Models\Photo;
use Illuminate\Support\Facades\DB;

// pour:watch, for cameras that send their files.

beforeEach(function (): void {
    Photo::query()->delete();
    $this->folder = sys_get_temp_dir().'/watched-'.getmypid();
    @mkdir($this->folder);
    $this->watched = function (string $options = ''): array {
        $code = Illuminate\Support\Facades\Artisan::call("pour:watch {$this->folder} --once {$options}");

        return [$code, array_map(static fn (string $line): array => json_decode($line, true),
            array_filter(explode("\n", trim(Illuminate\Support\Facades\Artisan::output()))))];
    };
});

afterEach(fn () => exec('rm -rf '.escapeshellarg($this->folder)));

it('takes in what lies in a folder, the oldest first, says a line of each, and leaves every file as it was', function (): void {
    foreach (['posts-silk' => 300, 'step-silk' => 200, 'posts-base' => 100] as $name => $ago) {
        copy(base_path("data/demo/{$name}.jpg"), "{$this->folder}/{$name}.jpg");
        touch("{$this->folder}/{$name}.jpg", time() - $ago);
    }
    file_put_contents("{$this->folder}/notes.txt", 'none');
    file_put_contents("{$this->folder}/coming.jpg.part", 'half');
    mkdir("{$this->folder}/a folder");
    [$code, $lines] = ($this->watched)();
    expect($code)->toBe(0)->and(array_column($lines, 'outcome', 'file'))
        ->toBe(['posts-silk.jpg' => 'matched', 'step-silk.jpg' => 'matched', 'posts-base.jpg' => 'base', 'notes.txt' => 'refused'])
        ->and($lines[3]['error'])->toContain('no JPEG')->and($lines[0]['frame'])->toBe(1)
        ->and(hash_file('sha256', "{$this->folder}/posts-silk.jpg"))->toBe(Photo::query()->where('name', 'posts-silk.jpg')->value('sha256'))
        ->and(is_file("{$this->folder}/coming.jpg.part"))->toBeTrue();
    [, $again] = ($this->watched)();
    expect(array_unique(array_column(array_slice($again, 0, 3), 'outcome')))->toBe(['here'])->and(Photo::query()->count())->toBe(3);
});

it('says with exit 2 what is wrong with the folder or the pause', function (string $command, string $field): void {
    $code = Illuminate\Support\Facades\Artisan::call($command);
    $said = json_decode(Illuminate\Support\Facades\Artisan::output(), true);
    expect($code)->toBe(2)->and($said['error']['field'])->toBe($field);
})->with([['pour:watch /nowhere --once', 'folder'], ['pour:watch /tmp --once --every=0', 'every'],
    ['pour:watch /tmp --once --every=soon', 'every']]);

it('goes on looking until it is ended, and takes a file that comes later once it is whole', function (): void {
    touch($database = "{$this->folder}-watch.sqlite");
    $environment = ['DB_DATABASE' => $database, 'PHOTOS_FOLDER' => "{$this->folder}-photos"] + array_filter(getenv(), is_string(...));
    $migrate = proc_open([PHP_BINARY, base_path('artisan'), 'migrate', '--force'],
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $none, base_path(), $environment);
    proc_close($migrate);
    $watching = proc_open([PHP_BINARY, base_path('artisan'), 'pour:watch', $this->folder, '--every=1'],
        [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes, base_path(), $environment);
    stream_set_timeout($pipes[1], 60);
    usleep(1_500_000);
    copy(base_path('data/demo/posts-silk.jpg'), "{$this->folder}/late.jpg");
    $line = json_decode((string) fgets($pipes[1]), true);
    proc_terminate($watching);
    proc_close($watching);
    exec('rm -rf '.escapeshellarg($database).' '.escapeshellarg("{$this->folder}-photos"));
    // Without a kit nobody can say which frame it was: it waits.
    expect($line['file'])->toBe('late.jpg')->and($line['outcome'])->toBe('open');
});

it('leaves a file for later where nothing can be written, takes the others’ turn, and leaves no frame without its picture', function (): void {
    $frames = Frame::query()->count();
    copy(base_path('data/demo/posts-silk.jpg'), "{$this->folder}/a.jpg");
    copy(base_path('data/demo/step-silk.jpg'), "{$this->folder}/b.jpg");
    Frame::query()->delete(); // both would be found as frames of their own
    $left = Frame::query()->count();
    DB::unprepared("CREATE TRIGGER broken BEFORE INSERT ON photos WHEN NEW.name = 'a.jpg' BEGIN SELECT RAISE(ABORT, 'the disk is full'); END");
    [$code, $lines] = ($this->watched)();
    expect($frames)->toBeGreaterThan($left)->and($code)->toBe(1)
        ->and(array_column($lines, 'outcome', 'file'))->toBe(['a.jpg' => 'later', 'b.jpg' => 'found'])
        ->and($lines[0]['error'])->toContain('tried again')->and(Photo::query()->pluck('name')->all())->toBe(['b.jpg'])
        ->and(Frame::query()->count())->toBe(1);
    DB::unprepared('DROP TRIGGER broken');
    [$code, $lines] = ($this->watched)();
    expect($code)->toBe(0)->and(array_column($lines, 'outcome', 'file'))->toBe(['a.jpg' => 'found', 'b.jpg' => 'here'])
        ->and(Frame::query()->count())->toBe(2);
});
