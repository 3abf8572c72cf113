<?php

declare(strict_types=1);

use App\Household\DatabaseTrouble;
use App\Models\Place;
use Illuminate\Support\Facades\DB;

// A database that is busy, full, only to be read, damaged or gone: the page says which, what to do, and that nothing of what was sent was kept.

/** A database as it is seeded, which takes seconds: once for all tests. A closure’s own static would be another for each. */
function seededOnce(string $file): string
{
    static $whole = null;
    if ($whole === null) {
        test()->artisan('migrate', ['--seed' => true, '--force' => true, '--database' => 'other']);
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        $whole = (string) file_get_contents($file);
        DB::purge('other');
        exec('rm -f '.escapeshellarg($file).'-*');
    }

    return $whole;
}

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/trouble-'.bin2hex(random_bytes(6));
    mkdir($this->folder);
    $this->file = $this->folder.'/sea.sqlite';
    config(['database.connections.other' => ['database' => $this->file,
        'busy_timeout' => 100] + (array) config('database.connections.sqlite'), 'database.default' => 'other']);
    DB::purge('other');
    touch($this->file);
    file_put_contents($this->file, seededOnce($this->file));
    $this->typed = 'typed'.str_repeat(' on and on', 390);
    $this->places = fn (): array => (new PDO('sqlite:'.$this->file))->query('select name, notes from places order by id')->fetchAll(PDO::FETCH_ASSOC);
    $this->before = ($this->places)();
    $this->sent = fn () => $this->from(url('/places/1/edit'))->put('/places/1', [
        'name' => 'Another name', 'notes' => $this->typed, 'position' => '56.5, -9.8', 'tide' => 'none', 'timezone' => 'UTC',
    ]);
});

afterEach(function (): void {
    DB::purge('other');
    config(['database.default' => 'sqlite']);
    exec('rm -rf '.escapeshellarg($this->folder));
});

it('keeps what was typed and changes nothing where it cannot be written, and goes on reading', function (callable $trouble, string $says, callable $mend): void {
    $this->get('/places/1')->assertOk();
    $held = $trouble($this->file);
    ($this->sent)()->assertRedirect('/places/1/edit')->assertSessionHasInput('notes', $this->typed);
    expect(session('problem'))->toContain($says)->toContain('Nothing of what was sent was kept');
    $this->get('/places/1/edit')->assertOk()->assertSee($this->typed)->assertSee($says);
    expect(($this->places)())->toBe($this->before);
    $mend($held);
    $this->travel(2)->seconds();
    ($this->sent)()->assertRedirect('/places/1')->assertSessionHasNoErrors();
})->with([
    'busy' => [function (string $file): PDO {
        $other = new PDO('sqlite:'.$file);
        $other->exec('BEGIN IMMEDIATE');

        return $other;
    }, 'was busy', fn (PDO $other) => $other->exec('ROLLBACK')],
    'only to be read' => [fn () => DB::statement('PRAGMA query_only = ON'), 'can only be read',
        fn () => DB::statement('PRAGMA query_only = OFF')],
    'full' => [function (): void {
        DB::statement('PRAGMA max_page_count = 1');
        // What is left in the last pages is filled up.
        DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
        foreach ([4000, 400, 40] as $bytes) {
            try {
                for ($i = 0; $i < 2000; $i++) {
                    DB::table('sentences')->insert(['text' => bin2hex(random_bytes($bytes / 2))]);
                }
            } catch (PDOException) {
            }
        }
    }, 'disk is full', fn () => DB::statement('PRAGMA max_page_count = 1000000')],
]);

it('answers a part of a page with the trouble itself, so that it is dimmed where it stands', function (): void {
    DB::statement('PRAGMA query_only = ON');
    $this->from(url('/shoot/1'))->put('/shoot/1/steps', ['done' => ['compose']], ['HX-Request' => 'true'])->assertStatus(503)
        ->assertSee('can only be read');
});

it('says that it is damaged or gone, where nothing can be read either', function (callable $trouble, string $says, int $status): void {
    DB::purge('other');
    $trouble($this->file);
    $this->get('/places/1')->assertStatus($status)->assertSee($says)->assertDontSee('SQLSTATE')->assertDontSee('Nothing of what was sent');
    $this->get('/')->assertStatus($status)->assertSee($says);
    $this->put('/places/1', ['name' => 'x'])->assertStatus($status)->assertSee('Nothing of what was sent was kept');
})->with([
    'no database' => [fn (string $f) => file_put_contents($f, str_repeat('not a database ', 900)), 'is damaged', 503],
    'gone' => [fn (string $f) => unlink($f), 'cannot be reached', 503],
]);

it('keeps nothing of what ends in a fault or a refusal half-way', function (string $how): void {
    Route::middleware('web')->post('/half', function () use ($how) {
        Place::query()->update(['notes' => 'half']);

        return match ($how) {
            'fault' => throw new RuntimeException('half-way'),
            'refusal' => throw Illuminate\Validation\ValidationException::withMessages(['a' => 'b']),
            'status' => response('no', 409),
            default => redirect('/places'),
        };
    });
    $this->post('/half');
    DB::purge('other');
    expect(array_unique(array_column(($this->places)(), 'notes')) === ['half'])->toBe($how === 'kept');
})->with(['fault', 'refusal', 'status', 'kept']);

it('knows each by its code (sqlite.org/rescode.html), the long ones too, and takes no other for one', function (int $code, ?DatabaseTrouble $trouble): void {
    $e = new PDOException("SQLSTATE[HY000]: General error: {$code} said");
    expect(DatabaseTrouble::of($e))->toBe($trouble);
    $e->errorInfo = ['HY000', $code, 'said'];
    expect(DatabaseTrouble::of($e))->toBe($trouble);
})->with([
    [5, DatabaseTrouble::Busy], [6, DatabaseTrouble::Busy], [517, DatabaseTrouble::Busy], [13, DatabaseTrouble::Full],
    [8, DatabaseTrouble::ReadOnly], [1032, DatabaseTrouble::ReadOnly],
    [11, DatabaseTrouble::Damaged], [26, DatabaseTrouble::Damaged], [14, DatabaseTrouble::Unreachable], [10, DatabaseTrouble::Unreachable],
    [19, null], [1, null],
]);
