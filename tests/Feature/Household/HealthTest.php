<?php

declare(strict_types=1);

use App\Models\Setting;
use Illuminate\Support\Facades\DB;

/** A database in a file of its own, as the application finds it at start. */
function databaseIn(string $file): void
{
    config(['database.connections.other' => ['database' => $file] + (array) config('database.connections.sqlite'), 'database.default' => 'other']);
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
