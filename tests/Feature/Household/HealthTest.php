<?php

declare(strict_types=1);

use App\Household\Folders;
use App\Models\Setting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

/** A database in a file of its own, as the application finds it at start. */
function databaseIn(string $file): void
{
    config(['database.connections.other' => ['database' => $file] + (array) config('database.connections.sqlite'),
        'database.default' => 'other']);
    DB::purge('other');
}

beforeEach(fn () => $this->file = (string) tempnam(sys_get_temp_dir(), 'health'));

afterEach(function (): void {
    DB::purge('other');
    config(['database.default' => 'sqlite']);
    array_map(unlink(...), glob($this->file.'*') ?: []);
});

it('is well where everything can be read and written, fetches nothing and leaves nothing', function (): void {
    $before = Setting::query()->count();
    $page = $this->get('/up')->assertOk()->assertSee('Well')->assertHeader('X-Content-Type-Options', 'nosniff');

    expect((string) $page->getContent())->not->toMatch('/https?:|src=|href=/')->and(Setting::query()->count())->toBe($before);
});

it('says that the database cannot be read', function (string $content): void {
    file_put_contents($this->file, $content);
    databaseIn($this->file);

    $this->get('/up')->assertStatus(503)->assertSee('Not well')->assertSee('The database cannot be read.');
})->with(['not a database' => str_repeat('not a database ', 500), 'empty' => '']);

it('says that a database is damaged', function (): void {
    $open = new PDO('sqlite:'.$this->file);
    $open->exec('pragma page_size = 512; create table settings (key text primary key, value text)');
    foreach (range(1, 400) as $i) {
        $open->exec("insert into settings values ('key {$i}', '".str_repeat('x', 200)."')");
    }
    unset($open);
    $bytes = (string) file_get_contents($this->file);
    file_put_contents($this->file, substr_replace($bytes, str_repeat("\xff", 4096), intdiv(strlen($bytes), 2), 4096));
    databaseIn($this->file);

    $this->get('/up')->assertStatus(503)->assertSee('The database is damaged.');
});

it('says that the database cannot be written to', function (): void {
    (new PDO('sqlite:'.$this->file))->exec('create table settings (key text primary key, value text)');
    databaseIn($this->file);
    DB::connection('other')->statement('pragma query_only = on');

    $this->get('/up')->assertStatus(503)->assertSee('The database cannot be written to.');
});

it('says which folder cannot be written to', function (): void {
    $storage = storage_path();
    app()->useStoragePath($this->file.'-nowhere');
    try {
        $page = $this->get('/up');
    } finally {
        app()->useStoragePath($storage);
    }

    $page->assertStatus(503)->assertSee('The folder storage/logs cannot be written to.');
});

/** The application with its folders somewhere else, and sessions in files as a person has them. */
function withStorage(string $folder, Closure $work): void
{
    $storage = storage_path();
    config(['session.driver' => 'file', 'session.files' => $folder.'/framework/sessions', 'cache.default' => 'failover',
        'cache.stores.file.path' => $folder.'/framework/cache/data']);
    app()->useStoragePath($folder);
    app()->forgetInstance('session');
    app()->forgetInstance('session.store');
    app()->forgetInstance('cache');
    try {
        $work();
    } finally {
        app()->useStoragePath($storage);
        View::share('closed', null);
    }
}

it('goes on showing pages where nothing can be written beside the database, and turns presses away before they do anything', function (): void {
    $before = Setting::query()->count();
    withStorage($this->file.'/nowhere', function (): void {
        config(['session.lottery' => [1, 1]]);
        foreach (['/', '/places/2', '/bench', '/log'] as $page) {
            $this->get($page)->assertOk()->assertSee('The folder storage/framework/sessions cannot be written to. Pages can be read');
        }
        $this->from(url('/water/drop'))->post('/water/drop', ['by' => 'typed', 'drop_m' => '3', 'note' => 'closed'])->assertStatus(503)
            ->assertSee('The folder storage/framework/sessions cannot be written to.')->assertSee('nothing of it was kept')
            ->assertDontSee('fault');
    });
    expect(Setting::query()->count())->toBe($before)->and(DB::table('measurements')->where('note', 'closed')->exists())->toBeFalse();
});

it('finds a folder closed that looks open, by writing to it, and leaves nothing in one that is', function (): void {
    foreach (['framework/sessions', 'framework/cache', 'framework/views', 'logs'] as $folder) {
        mkdir("{$this->file}-storage/{$folder}", 0755, true);
    }
    withStorage($this->file.'-storage', function (): void {
        $this->get('/log')->assertOk()->assertDontSee('cannot be written to');
        expect(Folders::closedToPresses())->toBeNull()->and(glob(storage_path('framework/*/probe-*')))->toBe([]);
        // A folder that takes no files, whoever asks (proc(5)).
        exec('rm -rf '.escapeshellarg(storage_path('framework/cache')));
        symlink('/proc/self/fdinfo', storage_path('framework/cache'));
        expect(Folders::closedToPresses())->toBe('The folder storage/framework/cache cannot be written to.');
    });
    exec('rm -rf '.escapeshellarg($this->file.'-storage'));
});

it('answers all the same where its log cannot be written', function (): void {
    config(['logging.default' => 'daily', 'logging.channels.days.path' => '/proc/none/laravel.log']);
    Log::error('nobody reads this');
    Route::get('/broken', fn () => throw new RuntimeException('broken'))->middleware('web');
    $this->get('/broken')->assertStatus(500)->assertSee('Something broke in here');
});
